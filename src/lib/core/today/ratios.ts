import { Outcome } from '../ball/simulate';
import type { Club } from '../club/club';
import { intend, PLAIN_LIE, straight } from '../player/intent';
import type { Delivered } from '../player/delivered';
import { fastestSwing, type Player } from '../player/player';
import { groundToAir } from '../plan/question/shotKind';
import { drillScene } from '../solve/drillScene';
import { GOOD_DAY, type LevelGreen } from '../solve/levelScene';
import { playIntended, solveCarry } from '../solve/solve';
import { fromFeet, radians, type Metres, type Radians, type Ratio } from '../units';

/** How far a green's speed and a player's delivered loft may be off what they are taken for: standard errors and their correlation. */
export interface Known {
	speed: Metres;
	loft: Radians;
	together: number;
}

/** What each club does today, asked for several carries and slopes. */
export interface RatioQuestion {
	green: LevelGreen;
	/** How well speed and delivered loft are known. */
	known: Known;
	/** Without putters. */
	clubs: readonly Club[];
	player: Pick<Player, 'technique' | 'hand' | 'strength' | 'delivered'>;
	/** From a fairway lie to the first landing, on the green. */
	carries: readonly Metres[];
	/** Along the line, + uphill. */
	slopes: readonly Ratio[];
}

/** What one club does from one carry on one slope. */
export interface RatioRow {
	club: string;
	carry: Metres;
	slope: Ratio;
	roll: Metres;
	/** Ground over air, and where it lies nine times in ten by the errors of speed and delivered loft. */
	ratio: Ratio;
	low: Ratio;
	high: Ratio;
	/** Whether this player's own delivery is known. */
	source: 'measured' | 'model';
}

/** How far players' delivered loft lies from the model's, one standard deviation, and what is left of that once sessions told it; ours. */
const LOFT_ERROR: Radians = radians(4);
const LOFT_ERROR_MEASURED: Radians = radians(2);
/** How far a green's speed may be off where nobody says; ours. */
const USUAL_SPEED_ERROR: Metres = fromFeet(0.5);

const isDelivered = ({ loft, grip }: Delivered): boolean =>
	loft.standard !== undefined || grip !== 1;

/**
 * What is known before any ball of today.
 *
 * @param speed one standard error of the green's speed, where it was measured
 */
export const usuallyKnown = (delivered: Delivered, speed: Metres = USUAL_SPEED_ERROR): Known => ({
	speed,
	loft: isDelivered(delivered) ? LOFT_ERROR_MEASURED : LOFT_ERROR,
	together: 0
});

/** The table, with what balls of today said before it was worked out. */
export interface RatioAnswer {
	rows: RatioRow[];
	/** Green speed and more loft (+) than taken for, with their errors. */
	speed: Metres;
	loft: Radians;
	known: Known;
}

/** Steps for slopes by differences. */
const STEP = { loft: radians(2), speed: fromFeet(0.5) };
const NINE_IN_TEN = 1.645;
/** Green enough for every roll that ends. */
const ROOM: Metres = 150;

const out = new Outcome();

/** Ground over air with a loft and a speed that differ; null where it cannot be carried so far, or does not stop. */
export function ratioWith(
	{ green, player }: Pick<RatioQuestion, 'green' | 'player'>,
	club: Club,
	carry: Metres,
	slope: Ratio,
	{ loft, speed }: { loft: Radians; speed: Metres }
): { ratio: Ratio; roll: Metres } | null {
	const { delivered } = player;
	const own = (delivered.loft.standard ?? 0) + loft;
	const intent = intend(straight(club), PLAIN_LIE, player.technique, player.hand, {
		...delivered,
		loft: { ...delivered.loft, standard: own }
	});
	const greenSpeed = Math.max(fromFeet(3), green.greenSpeed + speed);
	const scene = drillScene({
		...green,
		greenSpeed,
		toEdge: 0,
		room: ROOM,
		slopeAlong: slope
	});
	const fastest = fastestSwing(club, player) * GOOD_DAY;
	const solved = solveCarry(intent, scene, carry, fastest);
	if (solved.status !== 'solved') return null;
	const ball = playIntended(intent, scene, solved.speed, 0, out);
	const ratio = groundToAir(ball.carry, ball.roll);
	return ratio === null || ball.status !== 'rest' ? null : { ratio, roll: ball.roll };
}

/**
 * Ground over air of every club from every carry on every slope, as this player strikes it on today's green.
 *
 * @param question at least one club, carry and slope
 * @returns in the order of the clubs, carries, slopes; a row is left out where the club cannot be carried so far or its ball does not stop
 */
export function ratiosToday(question: RatioQuestion): RatioRow[] {
	const { clubs, carries, slopes, player, known } = question;
	const source = isDelivered(player.delivered) ? 'measured' : 'model';
	return clubs.flatMap((club) =>
		carries.flatMap((carry) =>
			slopes.flatMap((slope): RatioRow[] => {
				const at = (loft: Radians, speed: Metres) =>
					ratioWith(question, club, carry, slope, { loft, speed });
				const middle = at(0, 0);
				if (!middle) return [];
				const rate = (up: typeof middle | null, down: typeof middle | null, step: number) =>
					((up ?? middle).ratio - (down ?? middle).ratio) / ((up && down ? 2 : 1) * step);
				const byLoft = rate(at(STEP.loft, 0), at(-STEP.loft, 0), STEP.loft) * known.loft;
				const bySpeed = rate(at(0, STEP.speed), at(0, -STEP.speed), STEP.speed) * known.speed;
				const variance = byLoft ** 2 + bySpeed ** 2 + 2 * known.together * byLoft * bySpeed;
				const reach = NINE_IN_TEN * Math.sqrt(Math.max(0, variance));
				const [low, high] = [Math.max(0, middle.ratio - reach), middle.ratio + reach];
				return [{ club: club.id, carry, slope, ...middle, low, high, source }];
			})
		)
	);
}
