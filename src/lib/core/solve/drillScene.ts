import type { Scene } from '../ball/simulate';
import { createPlane } from '../ground/plane';
import { SURFACE } from '../ground/surfaces';
import { levelScene, type LevelGreen } from './levelScene';
import type { Metres, Ratio } from '../units';

/** Where a drill is hit: the line from the ball over the green. */
export interface DrillGround extends LevelGreen {
	/** From the ball to where the green begins. */
	toEdge: Metres;
	/** Green beyond the edge on this line. */
	room: Metres;
	/** Of the green along the line, + uphill. */
	slopeAlong: Ratio;
}

/**
 * The ground of a drill as the ball meets it: one slope, smooth fringe before the edge.
 *
 * @param ground the line of the drill
 */
export const drillScene = (ground: DrillGround): Scene => ({
	...levelScene(ground),
	ground: createPlane({
		kind: 'plane',
		slopeAlong: ground.slopeAlong,
		slopeAcross: 0,
		edge: ground.toEdge,
		fringe: SURFACE.smoothFringe
	})
});
