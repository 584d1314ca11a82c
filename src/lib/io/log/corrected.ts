import {
	correctionsOf,
	keyOfCorrection,
	type Correction,
	type Corrigible
} from '$lib/core/log/corrections';
import { loftForRun, type RunShot } from '$lib/core/log/loftForRun';
import type { LieId } from '$lib/core/lie/lies';
import { speedBehind } from '$lib/core/player/delivered';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import { degrees } from '$lib/core/units';
import { clubToCore, toClub } from '../work/club';
import {
	COST_LIMITS,
	costsOf,
	deliveredSchema,
	ownCostsOf,
	ownSpreadSchema,
	playerToCore,
	spreadOf,
	type DeliveredWire,
	type OwnSpread
} from '../work/player';
import { golferOf, type PupilFile } from '../work/pupil';
import type { ScoredPlay } from './scored';

/** What a pupil's results say that is presumed wrongly; none that was known when it was forecast counts again. */
export function correctionsFor(scored: readonly ScoredPlay[], { pupil }: PupilFile): Correction[] {
	const since: Readonly<Record<string, string>> = pupil.corrected?.since ?? {};
	// What balls of practice say goes into the bag, the own spread and the own strike: it is not counted a second time.
	const shots = scored.filter(({ play }) => play.sessionId === undefined);
	const made = new Map<Corrigible, string>(
		shots.map((one) => [one, one.play.forecast?.madeAt ?? ''])
	);
	return correctionsOf(shots, costsOf(pupil), (key, one) => made.get(one)! > (since[key] ?? ''));
}

/** Corrections that belong to the player; a green's speed belongs to the green. */
export const ofPlayer = (corrections: readonly Correction[]): Correction[] =>
	corrections.filter(({ what }) => what !== 'speed');

const FLIGHTS: readonly CarryFlight[] = ['low', 'standard', 'high', 'open', 'splash'];
const isFlight = (flight: string): flight is CarryFlight =>
	(FLIGHTS as readonly string[]).includes(flight);
/** So many different shots tell what loft does to the run. */
const ENOUGH = 12;
/** What a pupil's numbers may be; see their schemas. */
const SPEED = { least: 0.6, most: 1.5 };
const LOFT = 15;

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));
const between = (low: number, high: number, value: number): number =>
	Math.max(low, Math.min(high, value));

/** Shots whose run is known, as what loft does to it is asked of them. */
function runShots(scored: readonly ScoredPlay[], { clubs }: PupilFile): RunShot[] {
	return scored
		.flatMap(({ misses, carry, play: { clubId, played } }): RunShot[] => {
			const club = clubs.find(({ id }) => id === clubId);
			if (!misses.run || !club || !played || !isFlight(played.flight)) return [];
			const { flight } = played;
			return [{ club: clubToCore(toClub(club)), flight, shape: 'straight', carry }];
		})
		.slice(0, ENOUGH);
}

/** Loft by how far balls run, and their speed by how far they fly: as they flew, where only the loft is another. */
function correctedDelivery(
	file: PupilFile,
	corrections: readonly Correction[],
	scored: readonly ScoredPlay[]
): DeliveredWire {
	const delivered = structuredClone(file.pupil.delivered ?? deliveredSchema.parse({}));
	const flies = new Map<LieId, number>(
		corrections.flatMap((one) => (one.what === 'carry' ? [[one.lie, one.factor]] : []))
	);
	const runs = corrections.find((one) => one.what === 'run');
	if (runs) {
		const shots = runShots(scored, file);
		const bag = shots.map(({ club }) => club);
		const who = playerToCore(golferOf(file), bag);
		const { loft, carries } = loftForRun(runs.factor, shots, who);
		for (const flight of FLIGHTS) {
			const now = (delivered.loft[flight] ?? 0) + degrees(loft);
			delivered.loft[flight] = rounded(between(-LOFT, LOFT, now), 1);
		}
		if (carries !== 1)
			for (const lie of new Set(scored.map((one) => one.lie)))
				flies.set(lie, (flies.get(lie) ?? 1) / carries);
	}
	for (const [lie, factor] of flies) {
		const speed = (delivered.speed?.[lie] ?? 1) * speedBehind(factor);
		delivered.speed = {
			...delivered.speed,
			[lie]: rounded(between(SPEED.least, SPEED.most, speed), 3)
		};
	}
	return delivered;
}

/** Every part by the factor: landings do not tell them apart. */
function scaled(spread: OwnSpread, factor: number): OwnSpread {
	const parts = Object.entries(spread).map(([part, value]) => [part, rounded(value * factor, 2)]);
	const wider = ownSpreadSchema.safeParse(Object.fromEntries(parts));
	return wider.success ? wider.data : spread;
}

/** Putts by how many were taken from where shots ended, misses by how many strokes; nothing where neither is corrected. */
function correctedCosts(
	pupil: PupilFile['pupil'],
	corrections: readonly Correction[]
): PupilFile['pupil']['costs'] {
	const putts = corrections.find((one) => one.what === 'putts');
	const around = corrections.find((one) => one.what === 'around');
	if (!putts && !around) return pupil.costs;
	const costs = pupil.costs ?? ownCostsOf(pupil);
	const holedHalf = costs.holedHalf * (putts?.factor ?? 1);
	const more = costs.around + (around?.more ?? 0);
	return {
		...costs,
		holedHalf: rounded(between(...COST_LIMITS.holedHalf, holedHalf), 2),
		around: rounded(between(...COST_LIMITS.around, more), 2)
	};
}

/**
 * A pupil as results say: what differs goes into spread, delivery and the cost of putts and misses, and how these were before is kept, so
 * that it can be taken back.
 *
 * @param corrections of this pupil
 * @param scored the results behind them
 * @param now when it is done: forecasts made before say no more of what is corrected
 */
export function correctedFile(
	file: PupilFile,
	corrections: readonly Correction[],
	scored: readonly ScoredPlay[],
	now: Date
): PupilFile {
	const { pupil } = file;
	const own = ofPlayer(corrections);
	const at = now.toISOString();
	const before = {
		...(pupil.spread && { spread: pupil.spread }),
		...(pupil.delivered && { delivered: pupil.delivered }),
		...(pupil.costs && { costs: pupil.costs })
	};
	const wider = own.find((one) => one.what === 'spread');
	const spread = wider ? scaled(pupil.spread ?? spreadOf(pupil), wider.factor) : pupil.spread;
	const costs = correctedCosts(pupil, own);
	const strikes = own.some(({ what }) => what === 'carry' || what === 'run');
	const since = Object.fromEntries(own.map((one) => [keyOfCorrection(one), at]));
	return {
		...file,
		pupil: {
			...pupil,
			...(spread && { spread }),
			...(costs && { costs }),
			...(strikes && { delivered: correctedDelivery(file, own, scored) }),
			corrected: {
				at,
				since: { ...pupil.corrected?.since, ...since },
				before: pupil.corrected?.before ?? before
			}
		}
	};
}

/**
 * A pupil with all corrections taken back: spread, delivery and costs are as they were before the first. Forecasts made meanwhile were made with
 * other numbers and say nothing of what was corrected.
 */
export function uncorrectedFile(file: PupilFile, now: Date): PupilFile {
	const { corrected, spread: _, delivered: __, costs: ___, ...pupil } = file.pupil;
	if (!corrected?.before) return file;
	const at = now.toISOString();
	const since = Object.fromEntries(Object.keys(corrected.since).map((key) => [key, at]));
	return { ...file, pupil: { ...pupil, ...corrected.before, corrected: { at, since } } };
}
