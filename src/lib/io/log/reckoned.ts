import { reckon, type Reckoning } from '$lib/core/log/reckoning';
import { leaveOf, strokesOf, type Play } from './play';

/** What played shots came to. */
export const reckoned = (plays: readonly Play[]): Reckoning =>
	reckon(
		plays.map((play) => ({
			strokes: strokesOf(play),
			expected: play.forecast?.strokes ?? null,
			leave: leaveOf(play)
		}))
	);
