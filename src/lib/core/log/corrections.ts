import type { LieId } from '../lie/lies';
import { grouped } from '../math/grouped';
import { normalTail } from '../math/normalTail';
import { mean } from '../plan/race/statistics';
import type { StrokeCosts } from '../player/player';
import type { Ratio } from '../units';
import { EVEN_VARIANCE } from './depth';
import { holding } from './holm';
import { aroundOffset, puttingOffset, type HoledOut } from './holingOut';
import { FEWEST_DAYS, FEWEST_RESULTS, offsetOf, type Miss, type Offset } from './offset';
import type { Scored } from './score';

/** A scored result with what a correction needs of its forecast. */
export interface Corrigible extends Scored {
	lie: LieId;
	/** Middle of the landings and of the runs that were forecast, metres. */
	carry: number;
	run: number;
	/** The green it was played on and the day; results without a green have null. */
	green: string | null;
	/** How it was holed out from where it ended; null where nobody counted, or it went in. */
	holing: HoledOut | null;
}

/** A number of the player's, or of a green on a day, that results say is another: `factor` times what it was, or so many `more`. */
export type Correction =
	| { what: 'carry'; lie: LieId; factor: Ratio; offset: Offset }
	| { what: 'run'; factor: Ratio; offset: Offset }
	| { what: 'spread'; factor: Ratio; offset: Offset }
	/** The distance that is holed half the time. */
	| { what: 'putts'; factor: Ratio; offset: Offset }
	/** Strokes from grass off the green. */
	| { what: 'around'; more: number; offset: Offset }
	| { what: 'speed'; green: string; day: string; factor: Ratio; offset: Offset };

/** How far players differ from what is presumed of them, one standard deviation (assumption): little data moves a number little. */
const COMMON = {
	carry: 0.1,
	run: 0.25,
	spread: 0.3,
	speed: 0.12,
	putts: 0.2,
	around: 0.25
} as const;
/** Shorter runs and carries say little in relation. */
const LEAST_LENGTH = 1;
/** One honest player in twenty at most is told something: results are looked at again and again as they come in. */
const LEVEL = 0.05;
/** Widths that a forecast may have had to have, against its own. */
const WIDTHS = { least: 0.3, most: 3, steps: 24 };
const NINE_IN_TEN = 1.645;
/** Twice the usual number of results: a spread is told last. */
const FEWEST_FOR_SPREAD = 2 * FEWEST_RESULTS;

const relative = ({ off, spread, day }: Miss, length: number): Miss => ({
	off: off / length,
	spread: spread / length,
	day
});

/** Toward nothing by how exactly it is known. */
const shrunk = ({ centre, error }: Offset, common: number): number =>
	(centre * common ** 2) / (common ** 2 + error ** 2);

/** What is looked at for a correction: a name that stays, so that it can be kept when it was corrected last. */
export type CorrectionKey = `carry/${LieId}` | 'run' | 'spread' | 'speed' | 'putts' | 'around';

/** The name of what a correction corrects. */
export const keyOfCorrection = (correction: Correction): CorrectionKey =>
	correction.what === 'carry' ? `carry/${correction.lie}` : correction.what;

/**
 * What results say that is presumed wrongly of a player, or of a green on a day. Each is told only where it holds although the others were
 * looked at, too, and moves as far as the results carry it.
 *
 * @param scored of one player
 * @param costs of putts and misses, as presumed of this player
 * @param counts whether a result counts for a correction: one that was forecast before the last of its kind says what is known already
 * @param level of all looks together
 * @returns none on most honest forecasts: at least 1 − level of them
 */
export function correctionsOf(
	scored: readonly Corrigible[],
	costs: StrokeCosts,
	counts: (key: CorrectionKey, one: Corrigible) => boolean = () => true,
	level = LEVEL
): Correction[] {
	const of = (key: CorrectionKey, least: 'carry' | 'run') =>
		scored.filter((one) => one[least] >= LEAST_LENGTH && counts(key, one));
	const holings = (key: 'putts' | 'around') =>
		scored.flatMap((one) => (one.holing && counts(key, one) ? [one.holing] : []));
	const lies = [...new Set(scored.map(({ lie }) => lie))];
	const looks = [
		...puttsLook(holings('putts'), costs),
		...aroundLook(holings('around'), costs),
		...lies.flatMap((lie) => carryLook(of(`carry/${lie}`, 'carry'), lie)),
		...runLook(of('run', 'run')),
		...spreadLook(of('spread', 'carry')),
		...speedLooks(of('speed', 'run'))
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

function puttsLook(holings: readonly HoledOut[], costs: StrokeCosts): Correction[] {
	const offset = puttingOffset(holings, costs);
	return offset ? [{ what: 'putts', factor: Math.exp(shrunk(offset, COMMON.putts)), offset }] : [];
}

function aroundLook(holings: readonly HoledOut[], costs: StrokeCosts): Correction[] {
	const offset = aroundOffset(holings, costs);
	return offset ? [{ what: 'around', more: shrunk(offset, COMMON.around), offset }] : [];
}

function speedLooks(scored: readonly Corrigible[]): Correction[] {
	const onGreens = scored.filter(({ green, misses }) => green !== null && misses.run);
	const days = grouped(onGreens, ({ green, misses }) => `${green!}/${misses.run!.day}`);
	return [...days.values()].flatMap((members) => {
		const offset = offsetOf(runs(members));
		if (!offset) return [];
		const { green, misses } = members[0]!;
		const factor = 1 + shrunk(offset, COMMON.speed);
		return [{ what: 'speed' as const, green: green!, day: misses.run!.day, factor, offset }];
	});
}

/** One landing in one direction: how far off, and how far from their middle the balls were that were forecast, nearest first. */
interface Strewn {
	off: number;
	around: readonly number[];
}

/** Share of the forecast that is nearer its middle, on average over landings, if it were so many times as wide. */
const farOut = (landings: readonly Strewn[], times: number): number =>
	mean(landings.map(({ off, around }) => shareBelow(around, Math.abs(off) / times)));

/** How many times as wide forecasts must be for landings to lie so far out in them. */
function widthFor(landings: readonly Strewn[], share: number): Ratio {
	let [low, high] = [WIDTHS.least, WIDTHS.most];
	for (let step = 0; step < WIDTHS.steps; step++) {
		const middle = Math.sqrt(low * high);
		if (farOut(landings, middle) > share) low = middle;
		else high = middle;
	}
	return Math.sqrt(low * high);
}

/**
 * Landings against the spread that was forecast, along the line and across, about what each lie is off by: how far out they lie in their
 * forecasts is evenly spread for an honest one, whatever its shape.
 */
function spreadLook(scored: readonly Corrigible[]): Correction[] {
	const landings = [...new Set(scored.map(({ lie }) => lie))].flatMap((lie) => {
		const own = scored.filter((one) => one.lie === lie);
		return (['landing', 'landingSide'] as const).flatMap((direction) => {
			const seen = own.flatMap(({ misses, around }) =>
				misses[direction] && around ? [{ miss: misses[direction], around: around[direction] }] : []
			);
			const common = offsetOf(seen.map(({ miss }) => miss))?.centre;
			if (common === undefined) return [];
			return seen.map(({ miss, around }): Strewn => ({ off: miss.off - common, around }));
		});
	});
	const days = new Set(scored.flatMap(({ misses }) => misses.landing?.day ?? [])).size;
	const n = landings.length / 2;
	if (n < FEWEST_FOR_SPREAD || days < FEWEST_DAYS) return [];
	const luckAlone = Math.sqrt(EVEN_VARIANCE / landings.length);
	const luck = 2 * normalTail(Math.abs(farOut(landings, 1) - 0.5) / luckAlone);
	const at = (share: number) => Math.log(widthFor(landings, share));
	const [centre, low, high] = [
		at(0.5),
		at(0.5 + NINE_IN_TEN * luckAlone),
		at(0.5 - NINE_IN_TEN * luckAlone)
	];
	const error = (high - low) / (2 * NINE_IN_TEN);
	const offset = { n, days, centre, error, low, high, luck };
	return [{ what: 'spread', factor: Math.exp(shrunk(offset, COMMON.spread)), offset }];
}

/** Share of numbers in rising order that lie below one, ties counted half. */
function shareBelow(sorted: readonly number[], value: number): number {
	const below = firstWhere(sorted, (one) => one >= value);
	const upTo = firstWhere(sorted, (one) => one > value);
	return (below + 0.5 * (upTo - below + 1)) / (sorted.length + 1);
}

/** Index of the first number of a rising list that is large enough; its length where none is. */
function firstWhere(sorted: readonly number[], isLarge: (one: number) => boolean): number {
	let [from, to] = [0, sorted.length];
	while (from < to) {
		const middle = (from + to) >> 1;
		if (isLarge(sorted[middle]!)) to = middle;
		else from = middle + 1;
	}
	return from;
}
