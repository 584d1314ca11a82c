import type { Club } from '../club/club';
import { intend, PLAIN_LIE, straight } from '../player/intent';
import { fromPlainLie } from '../player/delivered';
import { fastestSwing, type Player } from '../player/player';
import { speedSpreadBehind } from '../player/carrySpread';
import { PRIOR_BALLS } from '../player/carryDays';
import { markAngle, type ClubSwings, type KnownSwing } from '../player/swingLength';
import { radians, type Metres, type MetresPerSecond, type Radians, type Ratio } from '../units';
import { GOOD_DAY, levelScene } from './levelScene';
import { solveCarry } from './solve';

/** Carry of one swing length with one club, measured. */
export interface MeasuredCarry {
	/** Id of the club. */
	club: string;
	/** A mark of one of the vocabularies, for example "9". */
	swing: string;
	carry: Metres;
	/** How it was flown; standard where it is left out. */
	flight?: CarryFlight | undefined;
	/** Standard deviation of the carry, and from how many balls. */
	spread?: Metres | undefined;
	n?: number | undefined;
}

/** Flights that a carry can be measured with: from the fairway, a splash from sand. */
export type CarryFlight = 'low' | 'standard' | 'high' | 'open' | 'splash';

/** Face of a flight that is measured with the face open, and of one that is not. */
export const FLIGHT_FACE: Readonly<Record<CarryFlight, Radians>> = {
	low: 0,
	standard: 0,
	high: 0,
	open: radians(15),
	splash: radians(15)
};
const FROM_SAND = { ...PLAIN_LIE, lie: 'sand' } as const;

const range = levelScene({ greenSpeed: 3, firmness: 'medium', wet: false });

/** Balls behind a spread that does not say how many. */
const FEW_BALLS = 5;

type Swinger = Pick<Player, 'technique' | 'strength' | 'dispersion' | 'delivered'>;

/** Head speed behind a measured carry: the flight it was measured with, from a fairway lie in still air, that carries as far. */
function speedOf(
	club: Club,
	{ carry, flight = 'standard' }: MeasuredCarry,
	player: Swinger
): MetresPerSecond {
	const lie = flight === 'splash' ? FROM_SAND : PLAIN_LIE;
	const intent = intend(
		straight(club, flight, FLIGHT_FACE[flight]),
		lie,
		player.technique,
		'right',
		fromPlainLie(player.delivered)
	);
	return solveCarry(intent, range, carry, fastestSwing(club, player) * GOOD_DAY).speed;
}

/**
 * Relative spread of the head speed from spreads of carries, shrunk toward the skill's: the mean of the variances, each weighted by its
 * balls, the prior by `PRIOR_BALLS`.
 */
function spreadOf(carries: readonly MeasuredCarry[], { dispersion }: Swinger): Ratio | null {
	const measured = carries.filter(({ spread }) => spread !== undefined);
	if (measured.length === 0) return null;
	let weight = PRIOR_BALLS;
	let sum = PRIOR_BALLS * dispersion.speed ** 2;
	for (const { carry, spread, n = FEW_BALLS } of measured) {
		const degreesOfFreedom = Math.max(0, n - 1);
		weight += degreesOfFreedom;
		sum += degreesOfFreedom * speedSpreadBehind(spread! / carry) ** 2;
	}
	return Math.sqrt(sum / weight);
}

/** A club's carries as head speeds, slowest first; of two that run backwards the first is kept. */
function swingsOf(club: Club, carries: readonly MeasuredCarry[], player: Swinger): ClubSwings {
	const known = carries
		.map((entry): KnownSwing => ({
			angle: markAngle(entry.swing),
			speed: speedOf(club, entry, player)
		}))
		.sort((a, b) => a.angle - b.angle)
		.filter((swing, i, all) => i === 0 || swing.speed > all[i - 1]!.speed);
	return { known, spread: spreadOf(carries, player) };
}

/**
 * Turns measured carries into head speeds, club by club. Each costs a root find: do it when carries change, not when a shot does.
 *
 * @param carries those of clubs outside the bag, of unknown swing names or not above 0 are passed over
 * @returns swings by id of the club; clubs without carries are left out
 */
export function measuredSwings(
	carries: readonly MeasuredCarry[],
	bag: readonly Club[],
	player: Swinger
): Record<string, ClubSwings> {
	const usable = carries.filter(({ swing, carry }) => carry > 0 && !Number.isNaN(markAngle(swing)));
	const measured = bag
		.map((club) => ({ club, own: usable.filter((entry) => entry.club === club.id) }))
		.filter(({ own }) => own.length > 0);
	return Object.fromEntries(
		measured.map(({ club, own }) => [club.id, swingsOf(club, own, player)])
	);
}
