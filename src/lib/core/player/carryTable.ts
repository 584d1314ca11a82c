import { huberCentre, wildOnes } from '../math/robust';
import { studentQuantile } from '../math/studentT';
import type { Metres, Radians, Ratio } from '../units';
import { carrySpreadOf } from './carrySpread';
import { markAngle } from './swingLength';

/** A skill's own spread counts as much as this many balls. */
export const PRIOR_BALLS = 8;
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
	/** Said to be the carry of this swing rather than seen of one ball; counts as one careful reading. */
	stated: boolean;
	/** Of a stated carry: what is said of the balls behind it. */
	behind?: { spread: Metres; n: number } | undefined;
}

/** Why a cell does not fit its neighbours: two look exchanged, too few balls to tell, or the swings were not kept apart. */
export type Contradiction = 'exchanged' | 'few' | 'uneven';

/** What is known of one club, swing and flight. */
export interface CarryCell<Flight extends string = string> {
	club: string;
	swing: string;
	angle: Radians;
	flight: Flight;
	/** Balls that count, wild ones left out. */
	n: number;
	wild: number;
	/** True where all it rests on was stated. */
	stated: boolean;
	mean: Metres;
	/** Standard deviation of these balls; null for a single one. */
	spread: Metres | null;
	/** Standard deviation with what the skill presumes mixed in, `PRIOR_BALLS` to n − 1. */
	posterior: Metres;
	/** The mean lies between these with 90 %. */
	low: Metres;
	high: Metres;
	contradiction: Contradiction | null;
}

/**
 * Spread of a normal of unknown mean, with a prior of `PRIOR_BALLS` degrees of freedom and a sample of n − 1: the average of both
 * variances by their degrees of freedom, which is exact.
 *
 * @param prior standard deviation presumed, above 0
 * @param spread of the sample; without meaning where n is 1
 * @param n balls, 1 and up
 */
export function posteriorSpread(prior: Metres, spread: Metres, n: number): Metres {
	const freedom = Math.max(0, n - 1);
	return Math.sqrt((PRIOR_BALLS * prior ** 2 + freedom * spread ** 2) / (PRIOR_BALLS + freedom));
}

/** A carry that stands alone, with what is said of the balls behind it. */
const single = ({ carry, behind }: CarryFact) => ({
	centre: carry,
	spread: behind?.spread ?? 0,
	n: behind?.n ?? 1
});

function cellOf<F extends string>(
	balls: readonly CarryFact<F>[],
	speedSpread: Ratio
): CarryCell<F> {
	const { club, swing, flight } = balls[0]!;
	const wild = wildOnes(
		balls.map(({ carry }) => carry),
		RESOLUTION
	);
	const kept = balls.filter((_, i) => !wild[i]).map(({ carry }) => carry);
	const { centre, spread, n } =
		balls.length === 1 ? single(balls[0]!) : { ...huberCentre(kept), n: kept.length };
	const posterior = posteriorSpread(carrySpreadOf(speedSpread) * centre, spread, n);
	const reach =
		(studentQuantile((1 + INTERVAL) / 2, PRIOR_BALLS + n - 1) * posterior) / Math.sqrt(n);
	return {
		club,
		swing,
		flight,
		angle: markAngle(swing),
		n,
		wild: balls.length - kept.length,
		stated: balls.every((ball) => ball.stated),
		mean: centre,
		spread: n > 1 ? spread : null,
		posterior,
		low: Math.max(0, centre - reach),
		high: centre + reach,
		contradiction: null
	};
}

/** Whether a longer swing carries less than its shorter neighbour. */
const runsBack = (shorter: CarryCell, longer: CarryCell): boolean => longer.mean <= shorter.mean;

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
		const few = Math.min(cell.n, other.n) < ENOUGH_BALLS;
		const apart = Math.abs(cell.mean - other.mean) > cell.posterior + other.posterior;
		return { ...cell, contradiction: fits && apart ? 'exchanged' : few ? 'few' : 'uneven' };
	});
}

/**
 * The carry table of one player: every club, swing and flight of which there is a ball.
 *
 * @param balls in any order; those of unknown swings or not above 0 are passed over
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
