import { toLine } from '$lib/core/green/surveyed';
import type { Spot } from '$lib/core/practice/practised';
import { radians, type Metres } from '$lib/core/units';
import type { Session, SessionGround } from '$lib/io/practice/session';
import type { Project } from '$lib/ui/drawing/mapPicture';

/** A line of practice on the paper: the ball below, the line upward, true to scale. */
export interface PracticeScale {
	width: number;
	height: number;
	/** Pixels per metre. */
	factor: number;
	/** Farthest station in view. */
	far: Metres;
	/** A place of the line (along, right) on the paper. */
	at(along: Metres, right: Metres): [number, number];
	/** The place of the line under a point of the paper. */
	spotAt(x: number, y: number): Spot;
}

const BELOW = 34;
const ABOVE = 22;
/** What must be seen to either side of the line at least. */
const ASIDE: Metres = 1.5;

/** @param far farthest station that must be seen, metres from the ball */
export function practiceScale(width: number, height: number, far: Metres): PracticeScale {
	const factor = Math.min((height - BELOW - ABOVE) / far, width / (2 * ASIDE));
	const middle = width / 2;
	const bottom = height - BELOW;
	return {
		width,
		height,
		factor,
		far,
		at: (along, right) => [middle + right * factor, bottom - along * factor],
		spotAt: (x, y) => [(bottom - y) / factor, (x - middle) / factor]
	};
}

/** How far a session's drawing must reach. */
export function farthest(session: Pick<Session, 'turns' | 'mark' | 'ground'>): Metres {
	const ends = session.turns.flatMap(({ tasks }) =>
		tasks.flatMap(({ landing, finish }) => [landing, finish])
	);
	return Math.max(session.mark, ...ends, session.ground.toEdge + 2) + 2;
}

/** Puts a place of a green's map on the paper of its drill; null without a place. */
export function mapProject(place: SessionGround['place'], scale: PracticeScale): Project | null {
	if (!place) return null;
	const [u, v] = place.ball;
	const placement = { u, v, heading: radians(place.heading) };
	return (mapU, mapV) => scale.at(...toLine(placement, mapU, mapV));
}

/** A drawing is touched with a finger, which covers what it touches, or with a pointer that shows it; one standard deviation in pixels; ours. */
const TOUCH_ERROR = { finger: 3, pointer: 1.5 };

/** How far a touch may be off on a drawing of this scale: with the loupe under it, a finger that was moved to where it belongs. */
export const touchErrorOf = (by: keyof typeof TOUCH_ERROR, { factor }: PracticeScale): Metres =>
	Number((TOUCH_ERROR[by] / factor).toFixed(2));

/** Whether typing is better than touching: a finger is worth more than half a pace. */
export const isTooFine = (scale: PracticeScale, pace: Metres): boolean =>
	touchErrorOf('finger', scale) > pace / 2;
