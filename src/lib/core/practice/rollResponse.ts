import { Outcome } from '../ball/simulate';
import { FIRMNESS_STEPS, turfBetween } from '../ground/turf';
import { AS_MODELLED } from '../player/delivered';
import type { Player } from '../player/player';
import { fastestSwing } from '../player/player';
import { GOOD_DAY } from '../solve/levelScene';
import { playIntended, solveCarry } from '../solve/solve';
import { fromFeet, radians, type Metres, type Radians, type Ratio } from '../units';
import { drillScene, type DrillGround } from '../solve/drillScene';
import { practiseIntent, type PractiseShot } from './practiseShot';

/** What a roll-out depends on besides club, flight and carry. */
export interface RollCauses {
	/** Delivered loft more (+) or less (−) than the model's. */
	loft: Radians;
	/** Factor on the grip between face and ball. */
	grip: Ratio;
	/** −1 soft … +1 firm. */
	firmness: number;
	/** The green is so much faster (+) than it was said to be. */
	speed: Metres;
	/** It rises so much more (+) along the line than it was said to. */
	slope: Ratio;
}

/** Strike and green as they are said to be. */
export const AS_SAID: RollCauses = { loft: 0, grip: 1, firmness: 0, speed: 0, slope: 0 };

/** Between these causes are looked for. */
export const CAUSES = {
	loft: [-12, -8, -4, 0, 4, 8].map(radians),
	grip: [0.5, 0.75, 1, 1.25, 1.5],
	firmness: FIRMNESS_STEPS,
	speed: [-5, -2.5, 0, 2.5, 5].map(fromFeet),
	slope: [-0.03, -0.015, 0, 0.015, 0.03]
} as const;

/** No green is slower. */
const SLOWEST: Metres = fromFeet(3);
/** A ball that no longer stops is taken to have rolled so far. */
const FARTHEST: Metres = 60;
/** A ball that stops where it lands has rolled so far, so that others can be a factor of it. */
const LEAST_ROLL: Metres = 0.05;

/** Carries beside the middle one for which a table is worked out, relative. */
const CARRY_STEP: Ratio = 0.2;

/** The roll-out of one shot, asked of a table that the engine filled. */
export type RollResponse = (carry: Metres, causes: RollCauses) => Metres;

/** Place of a value in a rising row: the node below and the share of the way to the next; past the ends it goes straight on. */
function placeIn(row: readonly number[], value: number): [number, number] {
	let at = 0;
	while (at < row.length - 2 && value > row[at + 1]!) at++;
	return [at, (value - row[at]!) / (row[at + 1]! - row[at]!)];
}

/** How much farther (as a factor) one ball runs on greens that are faster and steeper than they were said to be: rows by speed. */
function stretches(
	shot: PractiseShot,
	carry: Metres,
	ground: DrillGround,
	who: Pick<Player, 'technique' | 'hand' | 'strength'>
): Float64Array {
	const intent = practiseIntent(shot, { ...who, delivered: AS_MODELLED });
	const fastest = fastestSwing(shot.club, who) * GOOD_DAY;
	const { speed } = solveCarry(intent, drillScene(ground), carry, fastest);
	const out = new Outcome();
	const rollOn = (faster: Metres, steeper: Ratio): Metres => {
		const greenSpeed = Math.max(SLOWEST, ground.greenSpeed + faster);
		const scene = drillScene({ ...ground, greenSpeed, slopeAlong: ground.slopeAlong + steeper });
		return Math.min(
			FARTHEST,
			Math.max(LEAST_ROLL, playIntended(intent, scene, speed, 0, out).roll)
		);
	};
	const asSaid = rollOn(0, 0);
	return Float64Array.from(
		CAUSES.speed.flatMap((faster) =>
			CAUSES.slope.map((steeper) => rollOn(faster, steeper) / asSaid)
		)
	);
}

/**
 * Works out how far a shot runs for everything that may differ, so that a fit need not fly a ball for every guess: linear between nodes.
 * What another speed or slope of the green makes of it is worked out for the ball as the model strikes it, and taken for all.
 * Some hundreds of flights; not for a frame.
 *
 * @param shot club, flight and shape
 * @param carry in the middle of those that will be asked for, metres
 * @param ground its line; its own firmness does not count
 * @param who technique, hand and strength; what is known of their delivery is left out
 */
export function rollResponse(
	shot: PractiseShot,
	carry: Metres,
	ground: DrillGround,
	who: Pick<Player, 'technique' | 'hand' | 'strength'>
): RollResponse {
	const { loft: lofts, grip: grips, firmness: firmnesses } = CAUSES;
	const carries = [carry * (1 - CARRY_STEP), carry * (1 + CARRY_STEP)];
	const scene = drillScene(ground);
	const turfs = firmnesses.map((firmness) => ({ ...scene, turf: turfBetween(firmness) }));
	const fastest = fastestSwing(shot.club, who) * GOOD_DAY;
	const out = new Outcome();
	const table = new Float64Array(lofts.length * grips.length * firmnesses.length * carries.length);
	let at = 0;
	for (const loft of lofts)
		for (const grip of grips) {
			const delivered = { loft: { [shot.flight]: loft }, grip };
			const intent = practiseIntent(shot, { ...who, delivered });
			for (const to of carries) {
				const { speed } = solveCarry(intent, scene, to, fastest);
				for (const turf of turfs) table[at++] = playIntended(intent, turf, speed, 0, out).roll;
			}
		}
	const rows = [lofts, grips, carries, firmnesses];
	const greens = stretches(shot, carry, ground, who);
	const greenRows = [CAUSES.speed, CAUSES.slope];
	return (to, { loft, grip, firmness, speed, slope }) => {
		const places = [loft, grip, to, firmness].map((value, i) => placeIn(rows[i]!, value));
		const on = [speed, slope].map((value, i) => placeIn(greenRows[i]!, value));
		return between(table, rows, places, 0, 0) * between(greens, greenRows, on, 0, 0);
	};
}

/** Linear in each direction between the nodes around a place. */
function between(
	table: Float64Array,
	rows: readonly (readonly number[])[],
	places: readonly (readonly [number, number])[],
	depth: number,
	offset: number
): number {
	if (depth === rows.length) return table[offset]!;
	const [node, share] = places[depth]!;
	const from = offset * rows[depth]!.length + node;
	const low = between(table, rows, places, depth + 1, from);
	const high = between(table, rows, places, depth + 1, from + 1);
	return low + share * (high - low);
}
