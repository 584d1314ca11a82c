import { GroundSample } from '$lib/core/ground/ground';
import type { SurfaceKind } from '$lib/core/ground/surfaces';
import { acrossLine, pinDistance, type Situation } from '$lib/core/plan/question/situation';
import { sceneOf } from '$lib/core/plan/question/scene';
import type { Metres } from '$lib/core/units';

/** The ground round about a line of play as it is drawn. */
export interface Terrain {
	fromX: Metres;
	toX: Metres;
	fromZ: Metres;
	toZ: Metres;
	/** Of the ground as the eye meets it: with lips, hollows and mounds. */
	height: (x: Metres, z: Metres) => Metres;
	kind: (x: Metres, z: Metres) => SurfaceKind;
	/** Where the hole is. */
	pin: Metres;
	toEdge: Metres;
}

const BEFORE: Metres = 9;
const BEYOND: Metres = 10;
const SIDE: Metres = 16;
/** Sand lies so much lower than what is around it, water too (drawing only). */
const HOLLOW: Metres = 0.3;
const SHORE: Metres = 0.8;

/**
 * What of a hazard across the line stands up or lies low: a mound swells, sand and water lie in a hollow whose far lip rises.
 *
 * @returns metres above the ground there
 */
function relief(situation: Situation, x: Metres, ground: Metres): Metres {
	let more = 0;
	for (const { kind, from, to, height } of acrossLine(situation.hazards)) {
		if (kind === 'mound' && x > from && x < to) {
			const rise = Math.sin((Math.PI * (x - from)) / (to - from)) ** 2;
			more = Math.max(more, rise * Math.max(0, height - ground));
		}
		if (kind !== 'sand' && kind !== 'water') continue;
		if (x > from && x < to) {
			const shore = Math.min(1, (x - from) / SHORE, (to - x) / (SHORE / 2));
			more -= HOLLOW * shore;
		}
		// The lip falls off softly toward the green.
		if (x >= to && x < to + 1.5) more += Math.max(0, height - ground) * (1 - (x - to) / 1.5);
	}
	return more;
}

/**
 * The ground of a shot. Grass that grows across the line pulls a ball but is no slope: it is not drawn as one.
 *
 * @param situation on a plain line or on a map
 */
export function terrainOf(situation: Situation): Terrain {
	const { ground } = sceneOf({ ...situation, grain: 'none' }, { hazards: true, hole: false });
	const sample = new GroundSample();
	const pin = pinDistance(situation);
	const onMap = situation.survey?.kinds === 'map';
	return {
		fromX: -BEFORE,
		toX: pin + situation.beyondPin + BEYOND,
		fromZ: -SIDE,
		toZ: SIDE,
		height: (x, z) => {
			const level = ground.height(x, z);
			return onMap ? level : level + relief(situation, x, level);
		},
		kind: (x, z) => {
			ground.sample(x, z, sample);
			return sample.kind;
		},
		pin,
		toEdge: situation.toEdge
	};
}
