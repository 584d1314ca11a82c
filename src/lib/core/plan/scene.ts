import type { Obstacle } from '../ball/flight';
import type { Scene } from '../ball/simulate';
import { ROLL } from '../constants';
import { createSegments, type Strip } from '../ground/segments';
import { SURFACE, type SurfaceKind } from '../ground/surfaces';
import { turfOf } from '../ground/turf';
import type { Metres } from '../units';
import {
	crestOf,
	pinDistance,
	type FringeId,
	type Grain,
	type HazardKind,
	type Situation
} from './situation';

const FRINGE_KIND: Record<FringeId, SurfaceKind> = {
	smooth: SURFACE.smoothFringe,
	grainy: SURFACE.grainyFringe,
	rough: SURFACE.roughFringe
};

const HAZARD_KIND: Record<HazardKind, SurfaceKind> = {
	sand: SURFACE.sand,
	water: SURFACE.water,
	rough: SURFACE.rough,
	mound: SURFACE.mound
};

/** The situation says nothing of the green's width; this much lies on either side of the line (assumption). */
const HALF_WIDTH: Metres = 12;

/** Green speed in the direction of play. */
export function grainedSpeed(greenSpeed: Metres, grain: Grain): Metres {
	if (grain === 'none') return greenSpeed;
	return grain === 'with' ? greenSpeed * ROLL.grainFactor : greenSpeed / ROLL.grainFactor;
}

const strips = (situation: Situation): Strip[] =>
	situation.hazards.map(({ from, to, kind }) => ({ from, to, kind: HAZARD_KIND[kind] }));

const obstacles = (situation: Situation): Obstacle[] =>
	situation.hazards
		.filter((hazard) => hazard.height > 0)
		.map((hazard) => ({ at: crestOf(hazard), height: hazard.height }));

/**
 * Builds what the ball will meet.
 *
 * @param options.hazards leave them out to ask how a ball would travel if nothing were in its way
 * @param options.hole whether the ball can drop
 */
export function sceneOf(situation: Situation, options: { hazards: boolean; hole: boolean }): Scene {
	return {
		ground: createSegments({
			kind: 'segments',
			toEdge: situation.toEdge,
			rise: situation.rise,
			fringe: FRINGE_KIND[situation.fringe],
			segments: situation.segments,
			greenLength: situation.edgeToPin + situation.beyondPin,
			halfWidth: HALF_WIDTH,
			strips: options.hazards ? strips(situation) : []
		}),
		greenSpeed: grainedSpeed(situation.greenSpeed, situation.grain),
		turf: turfOf(situation.firmness, situation.wet),
		air: situation.air,
		obstacles: options.hazards ? obstacles(situation) : [],
		hole: options.hole ? { x: pinDistance(situation), z: 0 } : null
	};
}
