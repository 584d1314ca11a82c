import type { Correction } from '$lib/core/log/corrections';
import { loftForRun, type RunShot } from '$lib/core/log/loftForRun';
import { speedBehind } from '$lib/core/player/delivered';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import { degrees } from '$lib/core/units';
import { clubToCore, toClub } from '../work/club';
import { deliveredSchema, ownSpreadSchema, playerToCore, spreadOf } from '../work/player';
import { golferOf, type PupilFile } from '../work/pupil';
import type { ScoredPlay } from './scored';

/** Results of forecasts that were made since the last correction: none counts twice. */
export const sinceCorrected = (
	scored: readonly ScoredPlay[],
	{ pupil }: PupilFile
): ScoredPlay[] => {
	const since = pupil.corrected?.at;
	return scored.filter(({ play }) => !since || play.forecast!.madeAt > since);
};

const FLIGHTS: readonly CarryFlight[] = ['low', 'standard', 'high', 'open', 'splash'];
const isFlight = (flight: string): flight is CarryFlight =>
	(FLIGHTS as readonly string[]).includes(flight);
/** So many different shots tell what loft does to the run. */
const ENOUGH = 12;

const hundredth = (value: number): number => Math.round(value * 100) / 100;
const between = (low: number, high: number, value: number): number =>
	Math.max(low, Math.min(high, value));
/** Corrections that belong to the player; a green's speed belongs to the green. */
export const ofPlayer = (corrections: readonly Correction[]): Correction[] =>
	corrections.filter(({ what }) => what !== 'speed');

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

/**
 * A pupil as results say: what differs goes into spread and delivery, and how these were before is kept, so that it can be taken back.
 *
 * @param corrections of this pupil
 * @param scored the results behind them
 * @param now when it is done: forecasts made before count no more
 */
export function correctedFile(
	file: PupilFile,
	corrections: readonly Correction[],
	scored: readonly ScoredPlay[],
	now: Date
): PupilFile {
	const { pupil } = file;
	const own = ofPlayer(corrections);
	const delivered = structuredClone(pupil.delivered ?? deliveredSchema.parse({}));
	let { spread } = pupil;
	for (const correction of own) {
		if (correction.what === 'carry') {
			const before = delivered.speed?.[correction.lie] ?? 1;
			const speed = between(0.6, 1.5, hundredth(before * speedBehind(correction.factor)));
			delivered.speed = { ...delivered.speed, [correction.lie]: speed };
		} else if (correction.what === 'run') {
			const shots = runShots(scored, file);
			const bag = shots.map(({ club }) => club);
			const loft = degrees(loftForRun(correction.factor, shots, playerToCore(golferOf(file), bag)));
			for (const flight of FLIGHTS)
				delivered.loft[flight] = between(
					-15,
					15,
					Math.round(((delivered.loft[flight] ?? 0) + loft) * 10) / 10
				);
		} else if (correction.what === 'spread') spread = scaled(spread ?? spreadOf(pupil), correction);
	}
	const before = {
		...(pupil.spread && { spread: pupil.spread }),
		...(pupil.delivered && { delivered: pupil.delivered })
	};
	const changed = own.some(({ what }) => what !== 'spread');
	return {
		...file,
		pupil: {
			...pupil,
			...(spread && { spread }),
			...(changed && { delivered }),
			corrected: { at: now.toISOString(), before: pupil.corrected?.before ?? before }
		}
	};
}

type Spread = NonNullable<PupilFile['pupil']['spread']>;

/** Speed and direction by the factor: what results show; loft and low point stay, since landings do not tell them apart. */
function scaled(spread: Spread, { factor }: Pick<Correction, 'factor'>): Spread {
	const wider = {
		...spread,
		speed: Math.round(spread.speed * factor * 10) / 10,
		direction: Math.round(spread.direction * factor * 10) / 10
	};
	return ownSpreadSchema.safeParse(wider).success ? wider : spread;
}

/**
 * A pupil with all corrections taken back: spread and delivery are as they were before the first. Forecasts made meanwhile were made with
 * other numbers and count no more.
 */
export function uncorrectedFile(file: PupilFile, now: Date): PupilFile {
	const { corrected, spread: _, delivered: __, ...pupil } = file.pupil;
	if (!corrected?.before) return file;
	return {
		...file,
		pupil: { ...pupil, ...corrected.before, corrected: { at: now.toISOString() } }
	};
}
