import type { Club } from '../club/club';
import { radians, fromFeet, type Metres, type Radians, type Ratio } from '../units';
import { ratiosToday, ratioWith, type Known, type RatioAnswer, type RatioQuestion } from './ratios';

/** One ball of today, chipped from a fairway lie with its club's ordinary flight. */
export interface FewBall {
	club: Club;
	carry: Metres;
	/** From landing to rest. */
	roll: Metres;
	/** Along the roll, + uphill. */
	slope: Ratio;
}

/** What a few balls make of a green's speed and a player's delivered loft. */
export interface Learned {
	/** The green is so much faster (+) than it was taken for, and this player delivers so much more loft. */
	speed: Metres;
	loft: Radians;
	known: Known;
}

/** A roll spreads by this share and this length about what is expected (assumption; as where a green is read by balls). */
const ROLL_SPREAD: Ratio = 0.12;
const ROLL_SPREAD_LENGTH: Metres = 0.25;
const STEP = { speed: fromFeet(0.5), loft: radians(1.5) };
const ROUNDS = 4;
/** Beyond so many presumed deviations nothing is looked for. */
const FARTHEST = 3;

const clamp = (value: number, most: number): number => Math.max(-most, Math.min(most, value));

/**
 * Speed and loft together from a few balls: what was presumed of both as two further observations, Gauss–Newton on the engine's rolls.
 * Balls of one club tell the two apart badly; what they then have in common, longer rolls, is what a table of ratios needs.
 *
 * @param question the green and the player as they are taken for
 * @param known before these balls
 * @param balls none leave it as it was; one that cannot be carried so far or would not stop is left out
 */
export function learnFrom(
	question: Pick<RatioQuestion, 'green' | 'player'>,
	known: Known,
	balls: readonly FewBall[]
): Learned {
	let [speed, loft] = [0, 0];
	let covariance = inverse2(known.speed ** -2, 0, known.loft ** -2);
	const rollAt = ({ club, carry, slope }: FewBall, v: Metres, l: Radians): number =>
		ratioWith(question, club, carry, slope, { speed: v, loft: l })?.roll ?? NaN;
	for (let round = 0; round < ROUNDS; round++) {
		// Sums of the normal equations, in units of the presumed errors.
		let [ss, sl, ll] = [known.speed ** -2, 0, known.loft ** -2];
		let [rs, rl] = [-speed * ss, -loft * ll];
		for (const ball of balls) {
			const expected = rollAt(ball, speed, loft);
			const bySpeed = (rollAt(ball, speed + STEP.speed, loft) - expected) / STEP.speed;
			const byLoft = (rollAt(ball, speed, loft + STEP.loft) - expected) / STEP.loft;
			if (![expected, bySpeed, byLoft].every(Number.isFinite)) continue;
			const weight = 1 / Math.hypot(ROLL_SPREAD * expected, ROLL_SPREAD_LENGTH) ** 2;
			const off = ball.roll - expected;
			ss += weight * bySpeed * bySpeed;
			sl += weight * bySpeed * byLoft;
			ll += weight * byLoft * byLoft;
			rs += weight * bySpeed * off;
			rl += weight * byLoft * off;
		}
		covariance = inverse2(ss, sl, ll);
		const { a, b, d } = covariance;
		speed = clamp(speed + a * rs + b * rl, FARTHEST * known.speed);
		loft = clamp(loft + b * rs + d * rl, FARTHEST * known.loft);
	}
	const { a, b, d } = covariance;
	return {
		speed,
		loft,
		known: { speed: Math.sqrt(a), loft: Math.sqrt(d), together: b / Math.sqrt(a * d) }
	};
}

/** Inverse of a symmetric matrix of two rows: a b, b d. */
function inverse2(ss: number, sl: number, ll: number): { a: number; b: number; d: number } {
	const determinant = ss * ll - sl * sl;
	return { a: ll / determinant, b: -sl / determinant, d: ss / determinant };
}

/**
 * Today's ratios after a few balls of today.
 *
 * @param question the green and the player as they are taken for, and how well they are known
 */
export function ratiosAfter(question: RatioQuestion, balls: readonly FewBall[]): RatioAnswer {
	const { green, player } = question;
	const { speed, loft, known } = learnFrom(question, question.known, balls);
	const greenSpeed = green.greenSpeed + speed;
	const { delivered } = player;
	const standard = (delivered.loft.standard ?? 0) + loft;
	const learnt = { ...delivered, loft: { ...delivered.loft, ...(loft !== 0 && { standard }) } };
	const rows = ratiosToday({
		...question,
		green: { ...green, greenSpeed },
		player: { ...player, delivered: learnt },
		known
	});
	return { rows, speed: greenSpeed, loft, known };
}
