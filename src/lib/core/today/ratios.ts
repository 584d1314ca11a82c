import { Outcome } from '../ball/simulate';
import type { Club } from '../club/club';
import { intend, PLAIN_LIE, straight } from '../player/intent';
import { fastestSwing, type Player } from '../player/player';
import { groundToAir } from '../plan/question/shotKind';
import { drillScene } from '../solve/drillScene';
import { GOOD_DAY, type LevelGreen } from '../solve/levelScene';
import { playIntended, solveCarry } from '../solve/solve';
import { fromFeet, radians, type Metres, type Radians, type Ratio } from '../units';

/** What each club does today, asked for several carries and slopes. */
export interface RatioQuestion {
	green: LevelGreen;
	/** One standard error of its speed. */
	speedError: Metres;
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

/** How far players' delivered loft lies from the model's, one standard deviation, and what is left of that once balls told it; ours. */
const LOFT_ERROR: Radians = radians(4);
const LOFT_ERROR_MEASURED: Radians = radians(2);
/** How far a green's speed may be off where nobody says; ours. */
export const USUAL_SPEED_ERROR: Metres = fromFeet(0.5);
const NINE_IN_TEN = 1.645;
/** Green enough for every roll that ends. */
const ROOM: Metres = 150;

const out = new Outcome();

/** Ground over air with a loft and a speed that differ; null where it cannot be carried so far, or does not stop. */
function ratioWith(
	{ green, player }: RatioQuestion,
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
	const { clubs, carries, slopes, player, speedError } = question;
	const isKnown = player.delivered.loft.standard !== undefined || player.delivered.grip !== 1;
	const loftError = isKnown ? LOFT_ERROR_MEASURED : LOFT_ERROR;
	return clubs.flatMap((club) =>
		carries.flatMap((carry) =>
			slopes.flatMap((slope): RatioRow[] => {
				const at = (loft: Radians, speed: Metres) =>
					ratioWith(question, club, carry, slope, { loft, speed });
				const middle = at(0, 0);
				if (!middle) return [];
				const half = (up: ReturnType<typeof at>, down: ReturnType<typeof at>): Ratio =>
					Math.abs((up ?? middle).ratio - (down ?? middle).ratio) / (up && down ? 2 : 1);
				const byLoft = half(at(loftError, 0), at(-loftError, 0));
				const bySpeed = half(at(0, speedError), at(0, -speedError));
				const reach = NINE_IN_TEN * Math.hypot(byLoft, bySpeed);
				return [
					{
						club: club.id,
						carry,
						slope,
						...middle,
						low: Math.max(0, middle.ratio - reach),
						high: middle.ratio + reach,
						source: isKnown ? 'measured' : 'model'
					}
				];
			})
		)
	);
}
