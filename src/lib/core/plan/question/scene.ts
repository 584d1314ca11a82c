import type { Obstacle } from '../../ball/flight';
import type { Scene } from '../../ball/simulate';
import { createSegments, type Beside, type Segment, type Strip } from '../../ground/segments';
import { GroundSample, type Ground } from '../../ground/ground';
import { FRINGE_KIND, SURFACE, type SurfaceKind } from '../../ground/surfaces';
import { createSurveyed, type SurveyedSpec } from '../../green/surveyed';
import { grainAcross, grainedSpeed } from '../../ground/grain';
import type { KindMap } from '../../green/kindMap';
import { surfaceOf } from '../../green/surface';
import { turfOf } from '../../ground/turf';
import type { Metres } from '../../units';
import {
	acrossLine,
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

/** Where the situation says nothing of the green's width, this much lies on either side of the line (assumption). */
const HALF_WIDTH: Metres = 12;

const strips = ({ hazards }: Situation): Strip[] =>
	acrossLine(hazards).map(({ from, to, kind }) => ({ from, to, kind: HAZARD_KIND[kind] }));

/** Hazards to the side reach from their offset outwards. */
const besides = ({ hazards }: Situation): Beside[] =>
	hazards.flatMap(({ kind, from, to, beside }) => {
		if (!beside) return [];
		const { side, offset } = beside;
		const [fromZ, toZ] = side === 'left' ? [-Infinity, -offset] : [offset, Infinity];
		return [{ kind: HAZARD_KIND[kind], from, to, fromZ, toZ }];
	});

const obstacles = (situation: Situation): Obstacle[] =>
	acrossLine(situation.hazards)
		.filter((hazard) => hazard.height > 0)
		.map((hazard) => ({ at: crestOf(hazard), height: hazard.height }));

/** Which of what stands in the way is built. */
interface SceneOptions {
	/** Leave hazards out to ask how a ball would travel if nothing were in its way. */
	hazards: boolean;
	/** Whether the ball can drop. */
	hole: boolean;
}

/** The green's pieces with the pull of grass that grows across the line. */
const leaning = ({ segments, grain }: Situation): readonly Segment[] => {
	const across = grainAcross(grain);
	return across === 0
		? segments
		: segments.map((segment) => ({ ...segment, slopeAcross: segment.slopeAcross + across }));
};

const groundOfStations = (situation: Situation, hazards: boolean): Ground =>
	createSegments({
		kind: 'segments',
		toEdge: situation.toEdge,
		rise: situation.rise,
		grass: situation.grass.map(({ kind, length }) => ({ kind: FRINGE_KIND[kind], length })),
		segments: leaning(situation),
		greenLength: situation.edgeToPin + situation.beyondPin,
		left: situation.width?.left ?? HALF_WIDTH,
		right: situation.width?.right ?? HALF_WIDTH,
		strips: hazards ? strips(situation) : [],
		beside: hazards ? besides(situation) : []
	});

const isHazard = (kind: SurfaceKind): boolean => kind === SURFACE.sand || kind === SURFACE.water;

/** What grows where on the map, or would without its sand and water. */
function kindsOfMap({ kindAt }: KindMap, hazards: boolean): SurveyedSpec['kindAt'] {
	if (hazards) return (_x, _z, u, v) => kindAt(u, v);
	return (_x, _z, u, v) => {
		const kind = kindAt(u, v);
		return isHazard(kind) ? SURFACE.rough : kind;
	};
}

function groundOfSurvey(situation: Situation, survey: SurveyedGround, hazards: boolean): Ground {
	const surface = surfaceOf(survey.green);
	const { placement, tilt } = survey;
	const tiltAcross = grainAcross(situation.grain);
	if (survey.kinds === 'map')
		return createSurveyed({
			field: surface,
			placement,
			tilt,
			tiltAcross,
			kindAt: kindsOfMap(surface, hazards)
		});
	const stations = groundOfStations(situation, hazards);
	const sample = new GroundSample();
	return createSurveyed({
		field: surface,
		placement,
		tilt,
		tiltAcross,
		kindAt(x, z) {
			stations.sample(x, z, sample);
			return sample.kind;
		}
	});
}

/**
 * Builds what the ball will meet.
 *
 * @param situation as asked
 * @param options which hazards are there, and where the hole is
 */
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
