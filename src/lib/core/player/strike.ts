import { strike, type Delivery } from '../ball/impact';
import { SAND, sandEntry, splash } from '../ball/splash';
import type { BallState } from '../ball/state';
import { uneven } from '../lie/lies';
import { IMPACT, STRIKE } from '../constants';
import type { Sand } from '../lie/sand';
import type { Metres, MetresPerSecond, Radians } from '../units';
import { SPIN_SHAPES } from '../setup/flights';
import type { Intent } from './intent';
import { PROFILE, type Dispersion } from './player';

/** How a ball was met. */
export type Contact = 'clean' | 'heavy' | 'thin';

/** Standard normal numbers of one ball; the same numbers serve every candidate, so that they are compared on equal luck. */
export const DEVIATES = {
	speed: 0,
	direction: 1,
	loft: 2,
	lowPoint: 3,
	grass: 4,
	bounce: 5,
	roll: 6
} as const;
export const DEVIATE_COUNT = 7;

const delivery: Delivery = {
	clubSpeed: 1,
	attackAngle: 0.1,
	dynamicLoft: 0.1,
	friction: 0.1,
	grip: 0.1,
	faceToPath: 0.1,
	aim: 0.1,
	headMass: 0.1
};

/** Dispersion of the shortest swing against the table's (the low point moves less), and the head speed that adds as much again. */
const SWING_GROWTH = { base: 1.5, lowPointBase: 0.75, cap: 36 };

/**
 * A longer swing goes wrong by more: factor on the dispersion by head speed (assumption).
 *
 * @param speed of the head, m/s, 0 and up
 */
export const swingGrowth = (speed: MetresPerSecond): number =>
	SWING_GROWTH.base + Math.min(speed, SWING_GROWTH.cap) / SWING_GROWTH.cap;

/**
 * The low point moves less in a short swing than the face does: its factor by head speed (assumption).
 *
 * @param speed of the head, m/s, 0 and up
 */
export const lowPointGrowth = (speed: MetresPerSecond): number =>
	swingGrowth(speed) - (SWING_GROWTH.base - SWING_GROWTH.lowPointBase);

/**
 * Sand asks for a stroke of its own: whoever is less steady than an expert is less steady still in it. Ours (assumption), set so that
 * the planner agrees with what `cost.ts` says of sand for every skill.
 */
const SAND_POWER = 0.55;
const sandGrowth = ({ lowPoint }: Dispersion): number =>
	Math.max(1, lowPoint / PROFILE.expert.dispersion.lowPoint) ** SAND_POWER;

/** Player's low point sits a little ahead of the ball on average (assumption), which is what ball-first means. */
export const MEAN_LOW_POINT: Metres = 0.004;

/**
 * Share of the head speed left after the turf behind the ball; the leading edge digs, a sole with bounce skids.
 *
 * @param behind where the club meets the ground, metres behind the ball
 * @param effectiveBounce of the sole as delivered, radians
 * @param dig how much the lie lets it dig, 0 to 1
 * @returns share of the head speed that is left, 0 to 1
 */
export function digLoss(behind: Metres, effectiveBounce: Radians, dig: number): number {
	if (behind <= 0) return 1;
	const rate = STRIKE.digRate * Math.exp(-Math.max(effectiveBounce, -0.1) / STRIKE.digBounce);
	return Math.exp(-rate * dig * behind);
}

/**
 * How the club meets a ball with its low point `ahead` of it (behind is negative).
 *
 * @param intent of the play
 * @param ahead lowest point of the swing beyond the ball, metres
 */
export function contactOf(intent: Intent, ahead: Metres): Contact {
	if (intent.play.club.putter) return 'clean';
	if (ahead > STRIKE.thinAhead * intent.lie.cushion) return 'thin';
	const skips = intent.lie.hard && intent.effectiveBounce > STRIKE.skipBounce;
	if (skips && ahead < -STRIKE.skipBehind) return 'thin';
	return ahead < -STRIKE.heavyBehind ? 'heavy' : 'clean';
}

/**
 * Strikes the ball as intended, without error.
 *
 * @param intent of the play
 * @param speed of the head, m/s
 * @param aim + to the right, radians
 * @param ball is overwritten
 */
export function strikeAsIntended(
	intent: Intent,
	speed: MetresPerSecond,
	aim: Radians,
	ball: BallState
): void {
	if (intent.splash) {
		const entry = sandEntry(speed, intent.splash);
		splash(speed, intent.dynamicLoft, aim, entry, intent.splash, ball);
		return;
	}
	fill(intent, speed, aim);
	strike(delivery, ball);
}

/**
 * Strikes the ball with this player's errors.
 *
 * @param speed intended head speed
 * @param deviates standard normals, `DEVIATE_COUNT` of them from `offset` on
 * @returns how it was met
 */
export function strikeWithErrors(
	intent: Intent,
	dispersion: Dispersion,
	speed: MetresPerSecond,
	aim: Radians,
	deviates: Float64Array,
	offset: number,
	ball: BallState
): Contact {
	const { risk } = intent.setup;
	const shaped = SPIN_SHAPES[intent.play.shape].risk;
	const inSand = intent.splash ? sandGrowth(dispersion) * intent.splash.spread : 1;
	const swung = !intent.play.club.putter && !intent.splash;
	const growth = swung ? swingGrowth(speed) : inSand;
	const own = dispersion.speed * risk.speed * inSand * deviates[offset + DEVIATES.speed]!;
	const grabbed =
		deviates[offset + DEVIATES.grass]! * uneven(speed, intent.splash ? 'sand' : 'grass');
	const grass = intent.grassSpread * grabbed;
	const clubSpeed = speed * Math.max(0.3, 1 + own + grass);
	const direction =
		aim +
		dispersion.direction *
			risk.direction *
			shaped *
			growth *
			intent.stance.direction *
			deviates[offset + DEVIATES.direction]!;
	const loft = dispersion.loft * risk.loft * growth * deviates[offset + DEVIATES.loft]!;
	const lowPoint =
		dispersion.lowPoint *
		risk.lowPoint *
		shaped *
		(swung ? lowPointGrowth(speed) : growth) *
		intent.stance.lowPoint *
		deviates[offset + DEVIATES.lowPoint]!;
	if (intent.splash) {
		const entry = sandEntry(speed, intent.splash) - lowPoint;
		return fromSand(intent, intent.splash, clubSpeed, direction, loft, entry, ball);
	}
	const ahead = lowPoint + MEAN_LOW_POINT - intent.stance.behind;
	// Grass that takes more speed than usual (a negative deviate) turns the face shut.
	return fromGrass(intent, clubSpeed, direction, -intent.twist * grabbed, loft, ahead, ball);
}

function fromGrass(
	intent: Intent,
	clubSpeed: MetresPerSecond,
	direction: Radians,
	turned: Radians,
	loft: Radians,
	ahead: Metres,
	ball: BallState
): Contact {
	const contact = contactOf(intent, ahead);
	fill(intent, clubSpeed, direction);
	delivery.faceToPath += turned;
	if (contact === 'thin') blade(thinness(intent, ahead));
	else {
		delivery.dynamicLoft = Math.max(0.02, delivery.dynamicLoft + loft);
		if (!intent.play.club.putter)
			delivery.clubSpeed *= digLoss(-ahead, intent.effectiveBounce, intent.dig);
	}
	strike(delivery, ball);
	return contact;
}

function fromSand(
	intent: Intent,
	sand: Sand,
	clubSpeed: MetresPerSecond,
	direction: Radians,
	loft: Radians,
	entry: Metres,
	ball: BallState
): Contact {
	if (entry < SAND.bare) {
		fill(intent, clubSpeed, direction);
		delivery.clubSpeed *= SAND.bareSpeed;
		blade(1);
		strike(delivery, ball);
		return 'thin';
	}
	splash(clubSpeed, intent.dynamicLoft + loft, direction, entry, sand, ball);
	return entry > 2 * SAND.entry ? 'heavy' : 'clean';
}

function fill(intent: Intent, speed: MetresPerSecond, aim: Radians): void {
	delivery.clubSpeed = speed * intent.lie.speed;
	delivery.attackAngle = intent.attackAngle;
	delivery.dynamicLoft = intent.dynamicLoft;
	delivery.friction = IMPACT.friction;
	delivery.grip = intent.grip;
	delivery.faceToPath = intent.faceToPath;
	delivery.aim = aim + intent.path;
	delivery.headMass = intent.headMass;
}

/** How much of a thin strike it is: from barely caught thin, 0, to fully bladed, 1. An early sole on hard ground blades at once. */
function thinness(intent: Intent, ahead: Metres): number {
	if (ahead < 0) return 1;
	return Math.min(1, (ahead - STRIKE.thinAhead * intent.lie.cushion) / STRIKE.thinRange);
}

/** The leading edge meets the middle of the ball: low, fast for its head speed, nearly no spin. */
function blade(share: number): void {
	delivery.dynamicLoft += share * (STRIKE.thinLoft - delivery.dynamicLoft);
	delivery.attackAngle += share * (STRIKE.thinAttack - delivery.attackAngle);
	delivery.friction += share * (STRIKE.thinFriction - delivery.friction);
}
