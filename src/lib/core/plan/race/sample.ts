import { follow, Outcome, type Scene } from '../../ball/simulate';
import { BallState } from '../../ball/state';
import { SURFACE, type TurfLuck } from '../../ground/surfaces';
import { normalQuantile } from '../../math/normalQuantile';
import { sobol } from '../../math/sobol';
import type { Intent } from '../../player/intent';
import type { Dispersion, StrokeCosts } from '../../player/player';
import { DEVIATE_COUNT, DEVIATES, strikeWithErrors, type Contact } from '../../player/strike';
import type { Metres, MetresPerSecond, Radians } from '../../units';
import { remainingInto, type Remaining } from './cost';

/** Finishes of one shot played many times; a row each, in the order of the deviates. */
export interface Finishes {
	x: Float64Array;
	z: Float64Array;
	landingX: Float64Array;
	landingZ: Float64Array;
	/** Expected strokes, this one included. */
	strokes: Float64Array;
	/** Chance of two strokes or fewer, and of four or more, this one included. */
	upAndDown: Float64Array;
	fourOrMore: Float64Array;
	/** `FINISH` of each ball. */
	kind: Uint8Array;
	contact: Uint8Array;
}

/** How a ball ended, for counting. */
export const FINISH = { green: 0, holed: 1, missed: 2, hazard: 3 } as const;
const CONTACT: Record<Contact, number> = { clean: 0, heavy: 1, thin: 2 };
/** What the numbers of `contact` mean. */
export const CONTACTS: readonly Contact[] = ['clean', 'heavy', 'thin'];

/** Options that compete are played with this many times the balls asked for. */
export const CONTENDER_FACTOR = 2.5;

/**
 * Most balls that any option of a request is played with.
 *
 * @param samples asked for, 1 and up
 */
export const mostBalls = (samples: number): number => Math.ceil(samples * CONTENDER_FACTOR);

/**
 * Standard normals for a number of balls, spread evenly over what can happen: averages over them err less than over independent luck.
 * The same seed gives the same balls whoever asks, and a longer list begins with the shorter.
 *
 * @param seed any whole number
 * @param balls how many, 1 and up
 * @returns `DEVIATE_COUNT` numbers a ball
 */
export function drawDeviates(seed: number, balls: number): Float64Array {
	const deviates = new Float64Array(balls * DEVIATE_COUNT);
	for (let at = 0; at < deviates.length; at++)
		deviates[at] = normalQuantile(sobol(Math.floor(at / DEVIATE_COUNT), at % DEVIATE_COUNT, seed));
	return deviates;
}

/** A solved shot and who plays it, as the sampler needs it. */
export interface SampledShot {
	intent: Intent;
	speed: MetresPerSecond;
	aim: Radians;
	/** The player's, with this club. */
	dispersion: Dispersion;
	costs: StrokeCosts;
	/** With hazards; the hole may take the ball. */
	scene: Scene;
	holeX: Metres;
}

const ball = new BallState();
const outcome = new Outcome();
const luck: TurfLuck = { bounce: 0, roll: 0 };
const remaining: Remaining = { strokes: 0, one: 0, two: 0 };

function finishOf(out: Outcome): number {
	if (out.status === 'holed') return FINISH.holed;
	if (out.finishKind === SURFACE.green) return FINISH.green;
	const inHazard = out.finishKind === SURFACE.sand || out.finishKind === SURFACE.water;
	return inHazard ? FINISH.hazard : FINISH.missed;
}

/**
 * Plays a shot once for each ball of a block.
 *
 * @param deviates from `drawDeviates`, long enough for `to` balls
 * @param from first ball, @param to one past the last
 * @throws RangeError where fewer balls were drawn
 */
export function sampleFinishes(
	shot: SampledShot,
	deviates: Float64Array,
	from: number,
	to: number
): Finishes {
	if (to * DEVIATE_COUNT > deviates.length)
		throw new RangeError(`ball ${to} was not drawn: there are ${deviates.length / DEVIATE_COUNT}`);
	const count = to - from;
	const rows: Finishes = {
		x: new Float64Array(count),
		z: new Float64Array(count),
		landingX: new Float64Array(count),
		landingZ: new Float64Array(count),
		strokes: new Float64Array(count),
		upAndDown: new Float64Array(count),
		fourOrMore: new Float64Array(count),
		kind: new Uint8Array(count),
		contact: new Uint8Array(count)
	};
	for (let i = 0; i < count; i++) sampleOne(shot, deviates, from + i, rows, i);
	return rows;
}

function sampleOne(
	shot: SampledShot,
	deviates: Float64Array,
	index: number,
	rows: Finishes,
	row: number
): void {
	const offset = index * DEVIATE_COUNT;
	const { scene, intent } = shot;
	ball.t = ball.x = ball.z = 0;
	ball.y = ball.apex = scene.ground.height(0, 0);
	const contact = strikeWithErrors(
		intent,
		shot.dispersion,
		shot.speed,
		shot.aim,
		deviates,
		offset,
		ball
	);
	luck.bounce = deviates[offset + DEVIATES.bounce]!;
	luck.roll = deviates[offset + DEVIATES.roll]!;
	follow(ball, scene, luck, outcome);
	const kind = finishOf(outcome);
	const distance =
		kind === FINISH.holed
			? 0
			: Math.max(0.01, Math.hypot(outcome.finishX - shot.holeX, outcome.finishZ));
	const surface = outcome.status === 'runaway' ? SURFACE.rough : outcome.finishKind;
	remainingInto(distance, surface, shot.costs, remaining);
	rows.x[row] = outcome.finishX;
	rows.z[row] = outcome.finishZ;
	rows.landingX[row] = outcome.landingX;
	rows.landingZ[row] = outcome.landingZ;
	rows.strokes[row] = 1 + remaining.strokes;
	rows.upAndDown[row] = remaining.one;
	rows.fourOrMore[row] = 1 - remaining.two;
	rows.kind[row] = kind;
	rows.contact[row] = CONTACT[contact];
}

/**
 * Puts blocks of one shot behind each other, in order.
 *
 * @param blocks in the order of their seeds
 */
export function joinFinishes(blocks: readonly Finishes[]): Finishes {
	const count = blocks.reduce((sum, block) => sum + block.x.length, 0);
	const join = <Row extends Float64Array | Uint8Array>(
		row: Row,
		pick: (b: Finishes) => Row
	): Row => {
		let at = 0;
		for (const block of blocks) {
			row.set(pick(block), at);
			at += block.x.length;
		}
		return row;
	};
	const joinFloat = (pick: (block: Finishes) => Float64Array) =>
		join(new Float64Array(count), pick);
	const joinBytes = (pick: (block: Finishes) => Uint8Array) => join(new Uint8Array(count), pick);
	return {
		x: joinFloat((block) => block.x),
		z: joinFloat((block) => block.z),
		landingX: joinFloat((block) => block.landingX),
		landingZ: joinFloat((block) => block.landingZ),
		strokes: joinFloat((block) => block.strokes),
		upAndDown: joinFloat((block) => block.upAndDown),
		fourOrMore: joinFloat((block) => block.fourOrMore),
		kind: joinBytes((block) => block.kind),
		contact: joinBytes((block) => block.contact)
	};
}
