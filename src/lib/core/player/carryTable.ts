import { wildOnes } from '../math/robust';
import { studentQuantile } from '../math/studentT';
import type { Metres, Radians, Ratio } from '../units';
import { DAY_SPREAD, dayOf, meanOverDays, type Day } from './carryDays';
import { carrySpreadOf } from './carrySpread';
import { markAngle } from './swingLength';

/** Share of the chance that an interval holds. */
const INTERVAL = 0.9;
/** Carries closer than this cannot be told apart by eye. */
const RESOLUTION: Metres = 0.2;
/** A cell with fewer balls than this is thin. */
export const ENOUGH_BALLS = 4;

/** One ball's carry, as a fact. */
export interface CarryFact<Flight extends string = string> {
	/** Id of the club. */
	club: string;
	/** A mark of a vocabulary. */
	swing: string;
	flight: Flight;
	carry: Metres;
	/** A name of the day it was hit on; all of no known day count as of one. */
	day?: string | number | undefined;
	/** Said to be the carry of this swing rather than seen of one ball; counts as one careful reading. */
	stated: boolean;
	/** Of a stated carry: what is said of the balls behind it. */
	behind?: { spread: Metres; n: number } | undefined;
}

/** Why a cell does not fit its neighbours: two look exchanged, or the swings were not kept apart. */
export type Contradiction = 'exchanged' | 'uneven';

/** What is known of one club, swing and flight. */
export interface CarryCell<Flight extends string = string> {
	club: string;
	swing: string;
	angle: Radians;
	flight: Flight;
	/** Balls that count, wild ones left out. */
	n: number;
	wild: number;
	/** Days on which those that count were hit. */
	days: number;
	/** True where all it rests on was stated. */
	stated: boolean;
	mean: Metres;
	/** Standard deviation of these balls about their day's middle; null for a single one. */
	spread: Metres | null;
	/** The same with what the skill presumes mixed in. */
	posterior: Metres;
	/** Standard deviation of the mean. */
	error: Metres;
	/** The middle of all days lies between these with 90 %. */
	low: Metres;
	high: Metres;
	contradiction: Contradiction | null;
}

/** Balls day by day, each in the order they were hit. */
function byDay(balls: readonly CarryFact[]): Day[] {
	const days = new Map<string | number | undefined, Metres[]>();
	for (const { day, carry } of balls) days.set(day, [...(days.get(day) ?? []), carry]);
	return [...days.values()].map(dayOf);
}

function cellOf<F extends string>(
	balls: readonly CarryFact<F>[],
	speedSpread: Ratio
): CarryCell<F> {
	const { club, swing, flight } = balls[0]!;
	const wild = wildOnes(
		balls.map(({ carry }) => carry),
		RESOLUTION
	);
	const kept = balls.filter((_, i) => !wild[i]);
	const [{ carry, behind }] = kept as [CarryFact<F>];
	const days = kept.length === 1 && behind ? [{ centre: carry, ...behind }] : byDay(kept);
	const { mean, spread, posterior, error, freedom } = meanOverDays(
		days,
		(middle) => carrySpreadOf(speedSpread) * middle
	);
	const n = days.reduce((sum, day) => sum + day.n, 0);
	const reach = studentQuantile((1 + INTERVAL) / 2, freedom) * error;
	return {
		club,
		swing,
		flight,
		angle: markAngle(swing),
		n,
		wild: balls.length - kept.length,
		days: days.length,
		stated: balls.every((ball) => ball.stated),
		mean,
		spread: n > 1 ? spread : null,
		posterior,
		error,
		low: Math.max(0, mean - reach),
		high: mean + reach,
		contradiction: null
	};
}

/** Whether more balls of the one day would tell less of a cell than another day: its middle of that day is known better than days differ. */
export const wantsAnotherDay = ({
	days,
	posterior,
	n,
	mean,
	stated
}: Pick<CarryCell, 'days' | 'posterior' | 'n' | 'mean' | 'stated'>): boolean =>
	!stated && days === 1 && posterior / Math.sqrt(n) < DAY_SPREAD * mean;

/** So many of its errors lies a difference off that luck shows once in twenty, one way. */
const TOLD = 1.645;

/** Whether a longer swing carries less than its shorter neighbour, by more than what is known of both can explain. */
const runsBack = (shorter: CarryCell, longer: CarryCell): boolean =>
	shorter.mean - longer.mean > TOLD * Math.hypot(shorter.error, longer.error);

/** Marks the pairs of one club and flight that run against each other. */
function contradicted<C extends CarryCell>(row: readonly C[]): C[] {
	return row.map((cell, i) => {
		const [before, after] = [row[i - 1], row[i + 1]];
		const other =
			before && runsBack(before, cell) ? before : after && runsBack(cell, after) ? after : null;
		if (!other) return cell;
		const [shorter, longer] = other === before ? [i - 1, i] : [i, i + 1];
		const below = row[shorter - 1]?.mean ?? 0;
		const above = row[longer + 1]?.mean ?? Infinity;
		const fits = below < row[longer]!.mean && row[shorter]!.mean < above;
		return { ...cell, contradiction: fits ? 'exchanged' : 'uneven' };
	});
}

/**
 * The carry table of one player: every club, swing and flight of which there is a ball.
 *
 * @param balls in the order they were hit: a row tells whether arms tired; those of unknown swings or not above 0 are passed over
 * @param speedSpread relative spread of the head speed that the skill presumes
 * @returns cells by club in the order they come, then by flight, then by rising swing
 */
export function carryTable<F extends string>(
	balls: readonly CarryFact<F>[],
	speedSpread: Ratio
): CarryCell<F>[] {
	const rows = new Map<string, Map<string, CarryFact<F>[]>>();
	for (const ball of balls) {
		if (!(ball.carry > 0) || Number.isNaN(markAngle(ball.swing))) continue;
		const key = `${ball.club}/${ball.flight}`;
		const row = rows.get(key) ?? new Map<string, CarryFact<F>[]>();
		rows.set(key, row);
		// One length of swing has one cell, in whatever words it was said.
		const length = markAngle(ball.swing).toFixed(6);
		row.set(length, [...(row.get(length) ?? []), ball]);
	}
	return [...rows.values()].flatMap((row) =>
		contradicted(
			[...row.values()].map((cell) => cellOf(cell, speedSpread)).sort((a, b) => a.angle - b.angle)
		)
	);
}
