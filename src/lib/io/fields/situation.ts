import { AIR } from '$lib/core/constants';
import type { Hazard, Situation, SurveyedGround } from '$lib/core/plan/question/situation';
import type { SegmentKind } from '$lib/core/ground/segments';
import type { FringeId } from '$lib/core/ground/surfaces';
import type { Firmness } from '$lib/core/ground/turf';
import type { Grain } from '$lib/core/ground/grain';
import type { HazardKind } from '$lib/core/plan/question/situation';
import type { LieId } from '$lib/core/lie/lies';
import type { SandSurface } from '$lib/core/lie/sand';
import { fromFeet, fromPercent } from '$lib/core/units';

/** Something in the way: metres from the ball, height to clear above the ball. */
export interface HazardWire {
	kind: HazardKind;
	from: number;
	to: number;
	height: number;
	/** Across the line, or to one side of it from `offset` metres outwards. */
	side?: 'across' | 'left' | 'right' | undefined;
	offset?: number | undefined;
}

/** A piece of the line from the edge on: metres and percent. */
export interface SegmentWire {
	length: number;
	slopeAlong: number;
	slopeAcross: number;
	kind?: SegmentKind | undefined;
}

/**
 * A situation in the units people use: metres, percent, feet of green speed. The contract, a stored row, a file and a form each have a
 * schema of their own; what they let in has this shape.
 */
export interface SituationWire {
	lie: LieId;
	wet: boolean;
	toEdge: number;
	edgeToPin: number;
	beyondPin: number;
	rise: number;
	fringe: FringeId;
	/** In place of `fringe`: stretches from the ball on, the last goes on to the edge. */
	grass?: { kind: FringeId; length: number }[] | undefined;
	segments?: SegmentWire[] | undefined;
	slopeAlong: number;
	slopeAcross: number;
	hazards: HazardWire[];
	stimpFeet: number;
	firmness: Firmness;
	grain: Grain;
	wind?: { along: number; across: number } | undefined;
	airDensity?: number | undefined;
	ball?: 'soft' | 'firm' | undefined;
	/** Slope under ball and feet in percent: + uphill, + ball above the feet. Read off a survey where it is left out. */
	stance?: { along: number; across: number } | undefined;
	sandSurface?: SandSurface | undefined;
	/** Green to both sides of the line, metres. */
	width?: { left: number; right: number } | undefined;
	/** Spot heights (x, z, height) with the ball at the origin and the pin on +x. */
	survey?: { points: [number, number, number][] } | undefined;
}

/** One slope for the whole green; its length only has to be more than any green. */
const ENDLESS = 200;

/** The points of a survey as a green of their own: heights only, kinds come from the stations on the line. */
const surveyedGround = ({ points }: NonNullable<SituationWire['survey']>): SurveyedGround => ({
	green: {
		outline: [],
		collar: 0,
		fringe: 'smooth',
		areas: [],
		spots: points.map(([x, z, height]) => ({ u: x, v: -z, height, leftOut: false })),
		tilts: [],
		grid: null
	},
	placement: { u: 0, v: 0, heading: 0 },
	kinds: 'stations',
	tilt: 0
});

const hazardToCore = ({ side, offset, ...hazard }: HazardWire): Hazard =>
	side === undefined || side === 'across'
		? hazard
		: { ...hazard, beside: { side, offset: offset ?? 0 } };

/**
 * A situation in the core's units.
 *
 * @param survey the ground of a green's map; without one the situation's own survey counts
 */
export function situationToCore(wire: SituationWire, survey?: SurveyedGround): Situation {
	const segments = wire.segments?.length
		? wire.segments
		: [{ length: ENDLESS, slopeAlong: wire.slopeAlong, slopeAcross: wire.slopeAcross }];
	return {
		lie: wire.lie,
		wet: wire.wet,
		ball: wire.ball ?? 'soft',
		toEdge: wire.toEdge,
		edgeToPin: wire.edgeToPin,
		beyondPin: wire.beyondPin,
		rise: wire.rise,
		grass: wire.grass?.length ? wire.grass : [{ kind: wire.fringe, length: wire.toEdge }],
		stance: wire.stance && {
			along: fromPercent(wire.stance.along),
			across: fromPercent(wire.stance.across)
		},
		sand: wire.sandSurface ?? 'medium',
		width: wire.width,
		segments: segments.map((segment) => ({
			length: segment.length,
			slopeAlong: fromPercent(segment.slopeAlong),
			slopeAcross: fromPercent(segment.slopeAcross),
			...('kind' in segment && segment.kind && { kind: segment.kind })
		})),
		hazards: wire.hazards.map(hazardToCore),
		greenSpeed: fromFeet(wire.stimpFeet),
		firmness: wire.firmness,
		grain: wire.grain,
		air: {
			density: wire.airDensity ?? AIR.density,
			windAlong: wire.wind?.along ?? 0,
			windAcross: wire.wind?.across ?? 0
		},
		survey: survey ?? (wire.survey && surveyedGround(wire.survey))
	};
}
