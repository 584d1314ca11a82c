import type { LieId } from '../lie/lies';
import { huberCentre } from '../math/robust';
import type { Ratio } from '../units';
import { holding, luckOf } from './holm';
import { FEWEST_RESULTS, offsetOf, type Miss, type Offset } from './offset';
import type { Scored } from './score';

/** A scored result with what a correction needs of its forecast. */
export interface Corrigible extends Scored {
	lie: LieId;
	/** Middle of the landings and of the runs that were forecast, metres. */
	carry: number;
	run: number;
	/** The green it was played on and the day; results without a green have null. */
	green: string | null;
}

/** A number of the player's, or of a green on a day, that results say is another; `factor` times what it was. */
export type Correction =
	| { what: 'carry'; lie: LieId; factor: Ratio; offset: Offset }
	| { what: 'run'; factor: Ratio; offset: Offset }
	| { what: 'spread'; factor: Ratio; offset: Offset }
	| { what: 'speed'; green: string; day: string; factor: Ratio; offset: Offset };

/** How far players differ from what is presumed of them, one standard deviation (assumption): little data moves a number little. */
const COMMON = { carry: 0.1, run: 0.25, spread: 0.3, speed: 0.12 } as const;
/** Shorter runs and carries say little in relation. */
const LEAST_LENGTH = 1;
/** The error of a robust spread is so many times that of the ordinary one. */
const ROBUST_LOSS = 1.2;
/** Twice the usual number of results: a spread is told last. */
const FEWEST_FOR_SPREAD = 2 * FEWEST_RESULTS;
/** Results of so many days show what is the player's and not the day's. */
const FEWEST_DAYS = 3;

const relative = ({ off, spread, day }: Miss, length: number): Miss => ({
	off: off / length,
	spread: spread / length,
	day
});

/** Toward nothing by how exactly it is known. */
const shrunk = ({ centre, error }: Offset, common: number): number =>
	(centre * common ** 2) / (common ** 2 + error ** 2);

/**
 * What results say that is presumed wrongly of a player, or of a green on a day. Each is told only where it holds although the others were
 * looked at, too, and moves as far as the results carry it.
 *
 * @param scored of one player, all forecast since the last correction, so that none counts twice
 * @param level of all looks together
 * @returns none on most honest forecasts: at least 1 − level of them
 */
export function correctionsOf(scored: readonly Corrigible[], level = 0.1): Correction[] {
	const seen = scored.filter(({ carry }) => carry >= LEAST_LENGTH);
	const ran = seen.filter(({ run }) => run >= LEAST_LENGTH);
	const looks = [
		...[...new Set(seen.map(({ lie }) => lie))].flatMap((lie) => carryLook(seen, lie)),
		...runLook(ran),
		...spreadLook(seen),
		...speedLooks(ran)
	];
	const holds = holding(
		looks.map(({ offset }) => offset.luck),
		level
	);
	const found = looks.filter((_, i) => holds[i]);
	// What runs too far on every day is the player's; only what does so on one day is the green's.
	const own = found.some(({ what }) => what === 'run');
	return found.filter(({ what }) => !(own && what === 'speed'));
}

const carries = (scored: readonly Corrigible[]): Miss[] =>
	scored.flatMap(({ misses, carry }) => (misses.landing ? [relative(misses.landing, carry)] : []));
const runs = (scored: readonly Corrigible[]): Miss[] =>
	scored.flatMap(({ misses, run }) => (misses.run ? [relative(misses.run, run)] : []));

function carryLook(scored: readonly Corrigible[], lie: LieId): Correction[] {
	const offset = offsetOf(carries(scored.filter((one) => one.lie === lie)));
	if (!offset || offset.days < FEWEST_DAYS) return [];
	return [{ what: 'carry', lie, factor: 1 + shrunk(offset, COMMON.carry), offset }];
}

function runLook(scored: readonly Corrigible[]): Correction[] {
	const offset = offsetOf(runs(scored));
	if (!offset || offset.days < FEWEST_DAYS) return [];
	return [{ what: 'run', factor: 1 + shrunk(offset, COMMON.run), offset }];
}

function speedLooks(scored: readonly Corrigible[]): Correction[] {
	const keys = new Map<string, Corrigible[]>();
	for (const one of scored) {
		const day = one.misses.run?.day;
		if (one.green === null || day === undefined) continue;
		const key = `${one.green}/${day}`;
		keys.set(key, [...(keys.get(key) ?? []), one]);
	}
	return [...keys.values()].flatMap((members) => {
		const offset = offsetOf(runs(members));
		if (!offset) return [];
		const { green, misses } = members[0]!;
		const factor = 1 + shrunk(offset, COMMON.speed);
		return [{ what: 'speed' as const, green: green!, day: misses.run!.day, factor, offset }];
	});
}

/** Landings against the spread that was forecast, along the line and across, about what each lie is off by. */
function spreadLook(scored: readonly Corrigible[]): Correction[] {
	const lies = [...new Set(scored.map(({ lie }) => lie))];
	const scaled = lies.flatMap((lie) => {
		const own = scored.filter((one) => one.lie === lie);
		const along = own.flatMap(({ misses }) => (misses.landing ? [misses.landing] : []));
		if (along.length < FEWEST_RESULTS) return [];
		const across = own.flatMap(({ misses }) => (misses.landingSide ? [misses.landingSide] : []));
		return [along, across].map((misses) => {
			const values = misses.map(({ off, spread }) => off / spread);
			return { spread: huberCentre(values).spread, freedom: values.length - 1 };
		});
	});
	const freedom = scaled.reduce((sum, part) => sum + part.freedom, 0);
	if (freedom < 2 * FEWEST_FOR_SPREAD) return [];
	const logs = scaled.reduce((sum, part) => sum + part.freedom * Math.log(part.spread), 0);
	const centre = logs / freedom;
	const error = ROBUST_LOSS / Math.sqrt(2 * freedom);
	const luck = luckOf(centre / error, freedom);
	const days = new Set(scored.flatMap(({ misses }) => misses.landing?.day ?? [])).size;
	const half = 1.645 * error;
	const n = freedom / 2;
	const offset = { n, days, centre, error, low: centre - half, high: centre + half, luck };
	return [{ what: 'spread', factor: Math.exp(shrunk(offset, COMMON.spread)), offset }];
}
