import type { Metres, Ratio } from '../../units';
import { sceneOf } from '../question/scene';
import { pinDistance, type Situation } from '../question/situation';

/** A stretch of the line as an eye sums it up. */
export interface Stretch {
	from: Metres;
	to: Metres;
	/** + uphill. */
	along: Ratio;
	/** + falls to the right. */
	across: Ratio;
}

/** The last metres count most: the ball is slow there. */
const LAST: Metres = 4;
/** Half of how far to the side an eye looks. */
const ASIDE: Metres = 1;

/**
 * How the ground falls from where one plays to the hole: what lies before the green, the green, and its last metres by themselves.
 *
 * @param situation on a plain line or on a map
 * @returns from the ball on; stretches shorter than half a metre are left out
 */
export function lieOfTheLand(situation: Situation): Stretch[] {
	const { ground } = sceneOf({ ...situation, grain: 'none' }, { hazards: false, hole: false });
	const pin = pinDistance(situation);
	const last = Math.max(situation.toEdge, pin - LAST);
	const cuts = [0, situation.toEdge, last, pin];
	return cuts.slice(1).flatMap((to, i) => {
		const from = cuts[i]!;
		if (to - from < 0.5) return [];
		const middle = (from + to) / 2;
		return [
			{
				from,
				to,
				along: (ground.height(to, 0) - ground.height(from, 0)) / (to - from),
				across: (ground.height(middle, -ASIDE) - ground.height(middle, ASIDE)) / (2 * ASIDE)
			}
		];
	});
}
