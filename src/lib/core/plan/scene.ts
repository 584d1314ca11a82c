import type { Obstacle } from '../ball/flight';
import type { Scene } from '../ball/simulate';
import { createSegments, type Strip } from '../ground/segments';
import { GroundSample, type Ground } from '../ground/ground';
import { FRINGE_KIND, SURFACE, type SurfaceKind } from '../ground/surfaces';
import { createSurveyed } from '../green/surveyed';
import { grainedSpeed } from '../ground/grain';
import type { KindMap } from '../green/kindMap';
import { surfaceOf } from '../green/surface';
import { turfOf } from '../ground/turf';
import type { Metres } from '../units';
import {
	crestOf,
	pinDistance,
	type HazardKind,
	type Situation,
	type SurveyedGround
} from './situation';

const HAZARD_KIND: Record<HazardKind, SurfaceKind> = {
	sand: SURFACE.sand,
	water: SURFACE.water,
	rough: SURFACE.rough,
	mound: SURFACE.mound
};

/** The situation says nothing of the green's width; this much lies on either side of the line (assumption). */
const HALF_WIDTH: Metres = 12;

const strips = (situation: Situation): Strip[] =>
	situation.hazards.map(({ from, to, kind }) => ({ from, to, kind: HAZARD_KIND[kind] }));

const obstacles = (situation: Situation): Obstacle[] =>
	situation.hazards
		.filter((hazard) => hazard.height > 0)
		.map((hazard) => ({ at: crestOf(hazard), height: hazard.height }));

/** Which of what stands in the way is built. */
interface SceneOptions {
	/** Leave hazards out to ask how a ball would travel if nothing were in its way. */
	hazards: boolean;
	/** Whether the ball can drop. */
	hole: boolean;
}

const groundOfStations = (situation: Situation, hazards: boolean): Ground =>
	createSegments({
		kind: 'segments',
		toEdge: situation.toEdge,
		rise: situation.rise,
		fringe: FRINGE_KIND[situation.fringe],
		segments: situation.segments,
		greenLength: situation.edgeToPin + situation.beyondPin,
		halfWidth: HALF_WIDTH,
		strips: hazards ? strips(situation) : []
	});

const isHazard = (kind: SurfaceKind): boolean => kind === SURFACE.sand || kind === SURFACE.water;

/** What grows where, read off the map along the line of play. */
function kindsOfMap(survey: SurveyedGround, surface: KindMap, hazards: boolean) {
	const { u, v, heading } = survey.placement;
	const cos = Math.cos(heading);
	const sin = Math.sin(heading);
	return (x: Metres, z: Metres): SurfaceKind => {
		const kind = surface.kindAt(u + x * cos + z * sin, v + x * sin - z * cos);
		return !hazards && isHazard(kind) ? SURFACE.rough : kind;
	};
}

function groundOfSurvey(situation: Situation, survey: SurveyedGround, hazards: boolean): Ground {
	const surface = surfaceOf(survey.green);
	const { placement, tilt } = survey;
	if (survey.kinds === 'map')
		return createSurveyed({
			field: surface,
			placement,
			tilt,
			kindAt: kindsOfMap(survey, surface, hazards)
		});
	const stations = groundOfStations(situation, hazards);
	const sample = new GroundSample();
	return createSurveyed({
		field: surface,
		placement,
		tilt,
		kindAt(x, z) {
			stations.sample(x, z, sample);
			return sample.kind;
		}
	});
}

/** Builds what the ball will meet. */
export function sceneOf(situation: Situation, { hazards, hole }: SceneOptions): Scene {
	const { survey } = situation;
	return {
		ground: survey
			? groundOfSurvey(situation, survey, hazards)
			: groundOfStations(situation, hazards),
		greenSpeed: grainedSpeed(situation.greenSpeed, situation.grain),
		turf: turfOf(situation.firmness, situation.wet),
		air: situation.air,
		obstacles: hazards ? obstacles(situation) : [],
		hole: hole ? { x: pinDistance(situation), z: 0 } : null
	};
}
