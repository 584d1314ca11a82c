import { soMany } from '$lib/io/words/say';
import { quantileSorted } from '$lib/core/math/quantiles';
import { pinDistance } from '$lib/core/plan/question/situation';
import type { Play } from '$lib/io/log/play';

/** Where a ball stopped, from the hole, and how it was struck. */
export interface MissSpot {
	past: number;
	right: number;
	strike: 'struck' | 'heavy' | 'thin';
}

const strikeOf = ({ tags }: Play): MissSpot['strike'] =>
	tags.includes('heavy') ? 'heavy' : tags.includes('thin') ? 'thin' : 'struck';

/** Where balls stopped that were not holed; metres past the hole and to its right. */
export const missSpots = (plays: readonly Play[]): MissSpot[] =>
	plays.flatMap((play) => {
		const { finished, holed, shot } = play;
		if (!finished || holed) return [];
		const past = finished[0] - pinDistance(shot.situation);
		return [{ past, right: finished[1], strike: strikeOf(play) }];
	});

/** Within how far of the hole so many of the balls stopped; NaN for none. */
export const missReach = (spots: readonly MissSpot[], share: number): number =>
	quantileSorted(
		spots.map(({ past, right }) => Math.hypot(past, right)).sort((a, b) => a - b),
		share
	);

/** To which sides balls stopped, and how near, in one sentence. */
export function missSpotWords(spots: readonly MissSpot[], say: (metres: number) => string): string {
	const n = spots.length;
	if (n === 0) return 'No ball is noted that stopped.';
	const short = spots.filter(({ past }) => past < 0).length;
	const left = spots.filter(({ right }) => right < 0).length;
	return `Of ${soMany(n, 'ball')} that stopped ${short} lie short of the hole and ${n - short} past it, ${left} left and ${n - left} right of the line; half of them within ${say(missReach(spots, 0.5))}.`;
}
