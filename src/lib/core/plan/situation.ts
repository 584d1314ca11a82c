import type { LieId } from '../lie/lies';
import type { Firmness } from '../ground/turf';
import type { Segment } from '../ground/segments';
import type { Air } from '../ball/aerodynamics';
import type { Metres } from '../units';

export type FringeId = 'smooth' | 'grainy' | 'rough';
export type HazardKind = 'sand' | 'water' | 'rough' | 'mound';
export type Grain = 'none' | 'with' | 'against';

/** Something on the line that the ball must not meet; stations in metres from the ball. */
export interface Hazard {
	kind: HazardKind;
	from: Metres;
	to: Metres;
	/** To clear, above the ball; see `crestOf` for where. */
	height: Metres;
}

/** Where a hazard is highest: a mound in its middle, a bunker or bank at its far lip. */
export const crestOf = ({ kind, from, to }: Hazard): Metres =>
	kind === 'mound' ? (from + to) / 2 : to;

/** Everything about a shot that is not the player. SI; the ball lies at the origin and the hole on the x axis. */
export interface Situation {
	lie: LieId;
	wet: boolean;
	ball: 'soft' | 'firm';
	toEdge: Metres;
	edgeToPin: Metres;
	/** Green behind the hole. */
	beyondPin: Metres;
	/** The green's edge above (+) or below the ball. */
	rise: Metres;
	fringe: FringeId;
	/** From the edge on, at least one; the last goes on. */
	segments: readonly Segment[];
	hazards: readonly Hazard[];
	/** Of the level green, as a length. */
	greenSpeed: Metres;
	firmness: Firmness;
	grain: Grain;
	air: Air;
}

/** Distance from ball to hole along the line. */
export const pinDistance = (situation: Situation): Metres => situation.toEdge + situation.edgeToPin;

/** Slope along the line at a station beyond the edge, + uphill. */
export function slopeAt(situation: Situation, x: Metres): number {
	let end = situation.toEdge;
	for (const segment of situation.segments) {
		end += segment.length;
		if (x < end) return segment.slopeAlong;
	}
	return situation.segments[situation.segments.length - 1]!.slopeAlong;
}
