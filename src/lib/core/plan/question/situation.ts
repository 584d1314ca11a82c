import type { LieId } from '../../lie/lies';
import type { SandSurface } from '../../lie/sand';
import type { Stance } from '../../lie/stance';
import type { Firmness } from '../../ground/turf';
import type { Segment } from '../../ground/segments';
import type { Air } from '../../ball/aerodynamics';
import type { FringeId } from '../../ground/surfaces';
import type { Grain } from '../../ground/grain';
import type { Placement } from '../../green/surveyed';
import type { Green } from '../../green/green';
import type { Metres, Ratio } from '../../units';

export type HazardKind = 'sand' | 'water' | 'rough' | 'mound';

/** Something on the line that the ball must not meet; stations in metres from the ball. */
export interface Hazard {
	kind: HazardKind;
	from: Metres;
	to: Metres;
	/** To clear, above the ball; see `crestOf` for where. */
	height: Metres;
	/** Where it lies; across the line where there is nothing here. */
	beside?: { side: 'left' | 'right'; offset: Metres };
}

/**
 * The hazards that a ball on the line has to get over.
 *
 * @param hazards any
 */
export const acrossLine = (hazards: readonly Hazard[]): Hazard[] =>
	hazards.filter(({ beside }) => beside === undefined);

/**
 * Where a hazard is highest: a mound in its middle, a bunker or bank at its far lip.
 *
 * @param hazard its kind and where it begins and ends, metres from the ball
 * @returns metres from the ball
 */
export const crestOf = ({ kind, from, to }: Hazard): Metres =>
	kind === 'mound' ? (from + to) / 2 : to;

/** A measured surface under the line of play, in place of the segments' heights. */
export interface SurveyedGround {
	green: Green;
	placement: Placement;
	/** What grows where is read off the green's map, or off the stations of the situation. */
	kinds: 'map' | 'stations';
	/** Extra slope along the line: what if the reading is off. */
	tilt: Ratio;
}

/** What grows along a stretch before the green. */
export interface Grass {
	kind: FringeId;
	length: Metres;
}

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
	/** Between ball and edge, from the ball on; at least one, the last goes on to the edge. */
	grass: readonly Grass[];
	/** Slope under ball and feet; read off the ground where nothing is said. */
	stance?: Stance | undefined;
	/** How the sand lies, for a ball in it. */
	sand: SandSurface;
	/** Green beside the line; the usual width where there is nothing here. */
	width?: { left: Metres; right: Metres } | undefined;
	/** From the edge on, at least one; the last goes on. */
	segments: readonly Segment[];
	hazards: readonly Hazard[];
	/** Of the level green, as a length. */
	greenSpeed: Metres;
	firmness: Firmness;
	grain: Grain;
	air: Air;
	/** Where there is one, distances, segments and hazards are those it shows along the line. */
	survey?: SurveyedGround;
}

/**
 * Distance from ball to hole along the line.
 *
 * @param situation as asked
 * @returns metres from the ball
 */
export const pinDistance = ({
	toEdge,
	edgeToPin
}: Pick<Situation, 'toEdge' | 'edgeToPin'>): Metres => toEdge + edgeToPin;

/**
 * The segment at a station; the last one goes on, and the first is taken before the edge too.
 *
 * @param situation as asked
 * @param x metres from the ball
 */
export function segmentAt(situation: Situation, x: Metres): Segment {
	let end = situation.toEdge;
	for (const segment of situation.segments) {
		end += segment.length;
		if (x < end) return segment;
	}
	return situation.segments[situation.segments.length - 1]!;
}

/**
 * Slope along the line at a station beyond the edge, + uphill.
 *
 * @param situation as asked
 * @param x metres from the ball
 */
export const slopeAt = (situation: Situation, x: Metres): Ratio =>
	segmentAt(situation, x).slopeAlong;
