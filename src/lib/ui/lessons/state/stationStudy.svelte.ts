import {
	dangersFrom,
	dangersOf,
	isSafe,
	othersOf,
	TOLERATED,
	VERDICT_BALLS,
	type Danger,
	type LaidOut
} from '$lib/core/lessons/clinicSafety';
import {
	layoutsOf,
	nearMisses,
	SEARCH_BALLS,
	sitesOf,
	zonesOf,
	type Site,
	type SiteZones
} from '$lib/core/lessons/safeLayout';
import type { Counts, Hitter, Reach, ReachQuestion } from '$lib/core/lessons/stationBalls';
import type { Zone } from '$lib/core/lessons/zone';
import type { Green } from '$lib/core/green/green';
import type { LevelGreen } from '$lib/core/solve/levelScene';
import { radians, type Radians } from '$lib/core/units';
import type { Block } from '$lib/io/lessons/lesson';
import { laidOut, placeAt, type StationPlace } from '$lib/io/lessons/stations';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';
import type { PlannerPool } from '$lib/workers/plannerPool';

/** What a clinic's layout is judged for. */
export interface ClinicSetting {
	greens: readonly { id: string; green: Green; day: LevelGreen }[];
	stations: readonly { block: Block; hitters: readonly Hitter[] }[];
}

/** A layout with every danger in it. */
export interface Verdict {
	places: readonly StationPlace[];
	dangers: readonly Danger[];
	/** What helps against the worst: its station turned; null where no turn does, undefined where nothing has to. */
	wayOut: { station: number; turn: Radians | null } | undefined;
}

/** Turns that are tried, the least first. */
const TURNS = [10, -10, 20, -20, 35, -35, 50, -50, 70, -70, 90, -90].map(radians);
const TURN_BALLS: Counts = { face: 2500, hosel: 600 };
/** So many layouts are chosen by what is known and looked at closely, before others are chosen by what was seen. */
const CHOSEN_AT_ONCE = 8;
/** Sites are sent in parcels of so many. */
const PARCEL = 6;
/** Share of the work that the search is, of what comes before the closer looks. */
const SEARCHED = 0.7;

const seedOf = (...parts: readonly number[]): number =>
	parts.reduce((sum, part) => Math.imul(sum, 31) + part + 1, 17);

/** What is known of a zone in danger once a layout was lost by it. */
const TOO_MANY: Reach = { share: 1, most: 1 };
/** Which zone of its green is in danger, in a layout of chosen sites. */
const zoneOf = (
	{ station, walkingTo }: Danger,
	chosen: readonly number[],
	{ standAt, walkFrom }: SiteZones
): number =>
	walkingTo === null ? standAt(chosen[station]!) : walkFrom(chosen[station]!, chosen[walkingTo]!)!;

/** Whether the balls of each station stay away from all others, and where they would. */
export class StationStudy extends CancellableWork {
	verdict = $state.raw<Verdict | null>(null);
	/** A layout that was found safe, not yet taken; null where there is none. */
	found = $state.raw<readonly StationPlace[] | null>(null);
	/** Whether it was looked for and not found. */
	none = $state(false);

	constructor(private readonly pool: PlannerPool) {
		super();
	}

	/** Judges a layout. */
	judge(places: readonly StationPlace[], setting: ClinicSetting): Promise<void> {
		this.none = false;
		return this.run(async (signal, progress) => {
			const stations = laidOut(
				places,
				setting.greens.map(({ id }) => id)
			);
			const dangers = await this.#dangers(stations, setting, signal, (share) =>
				progress(share * SEARCHED)
			);
			const wayOut = dangers[0]
				? await this.#turnOf(dangers[0].from, stations, setting, signal)
				: undefined;
			if (!signal.aborted) this.verdict = { places, dangers, wayOut };
		});
	}

	/** Looks for a layout that is safe: on the first green alone, then with the second, and so on. */
	find(setting: ClinicSetting): Promise<void> {
		this.found = null;
		this.none = false;
		return this.run(async (signal, progress) => {
			const known: Reach[][][] = setting.stations.map(() => []);
			for (let greens = 1; greens <= setting.greens.length; greens++) {
				const share = (of: number) => progress((greens - 1 + of) / setting.greens.length);
				const places = await this.#findOn(greens, setting, known, signal, share);
				if (signal.aborted) return;
				if (places) {
					this.found = places;
					this.verdict = { places, dangers: [], wayOut: undefined };
					return;
				}
			}
			this.none = true;
		});
	}

	/** @param known what was asked before, by station and site; grows */
	async #findOn(
		count: number,
		setting: ClinicSetting,
		known: Reach[][][],
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<StationPlace[] | null> {
		const { greens, stations } = setting;
		const sites = greens.slice(0, count).flatMap(({ green }, i) => sitesOf(green, i));
		const zones = zonesOf(sites);
		const wide = nearMisses(zones, sites);
		const people = [...(zones.zones[count - 1] ?? []), ...(wide.zones[count - 1] ?? [])];
		await this.#playFrom(sites, people, count - 1, setting, known, signal, (share) =>
			progress(share * SEARCHED)
		);
		// By near misses first; where none of those is safe, by hits.
		const choices = [wide, zones, zones];
		for (const [choice, whom] of choices.entries()) {
			const layouts = layoutsOf(
				stations.length,
				sites,
				(station, site) => known[station]![site]!,
				whom,
				CHOSEN_AT_ONCE
			);
			for (const [i, { sites: chosen }] of layouts.entries()) {
				progress(SEARCHED + ((1 - SEARCHED) * (choice + i / layouts.length)) / choices.length);
				const laid = chosen.map((site) => sites[site]!);
				const lost = await this.#lostBy(laid, setting, signal);
				if (lost === null)
					return laid.map((site, k) =>
						placeAt(site, stations[k]!.block.id, greens[site.green]!.id)
					);
				for (const danger of lost)
					for (const at of [zones, wide])
						known[danger.from]![chosen[danger.from]!]![zoneOf(danger, chosen, at)] = TOO_MANY;
			}
		}
		return null;
	}

	/** Plays few balls of every station from every site of one green, and knows then to whom they come. */
	async #playFrom(
		sites: readonly Site[],
		zones: readonly Zone[],
		on: number,
		{ greens, stations }: ClinicSetting,
		known: Reach[][][],
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<void> {
		const there = sites.flatMap((site, at) => (site.green === on ? [at] : []));
		const parcels = stations.flatMap((_, station) =>
			Array.from({ length: Math.ceil(there.length / PARCEL) }, (__, k) => ({
				station,
				at: there.slice(k * PARCEL, (k + 1) * PARCEL)
			}))
		);
		const questions = parcels.map(({ station, at }): ReachQuestion => ({
			...greens[on]!,
			counts: SEARCH_BALLS,
			stations: at.map((site) => ({
				station: { ...sites[site]!, hitters: stations[station]!.hitters },
				zones,
				seed: seedOf(station, site)
			}))
		}));
		const answers = await this.#reaches(questions, signal, progress);
		parcels.forEach(({ station, at }, i) =>
			at.forEach((site, k) => (known[station]![site] = answers[i]![k]!))
		);
	}

	/** What is dangerous in a layout, as soon as anything is; null where it is safe. */
	async #lostBy(
		laid: readonly LaidOut[],
		setting: ClinicSetting,
		signal: AbortSignal
	): Promise<Danger[] | null> {
		const settled = new AbortController();
		const either = AbortSignal.any([signal, settled.signal]);
		let lost: Danger[] | null = null;
		const asked = this.pool.askEach(
			laid.map((_, of) => of),
			async (remote, of) => {
				const question = this.#question(laid, of, setting, VERDICT_BALLS);
				const [reaches] = await remote.stationReaches({ ...question, tooMany: TOLERATED });
				const dangers = dangersFrom(laid, of, reaches ?? []);
				if (dangers.length === 0) return;
				lost = dangers;
				settled.abort();
			},
			either,
			() => {}
		);
		await asked.catch((error: unknown) => {
			if (lost === null) throw error;
		});
		return lost;
	}

	async #dangers(
		laid: readonly LaidOut[],
		setting: ClinicSetting,
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<Danger[]> {
		const questions = laid.map((_, of) => this.#question(laid, of, setting, VERDICT_BALLS));
		const reaches = await this.#reaches(questions, signal, progress);
		return dangersOf(
			laid,
			reaches.map(([first]) => first ?? [])
		);
	}

	#reaches(
		questions: readonly ReachQuestion[],
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<Reach[][][]> {
		return this.pool.askEach(
			questions,
			(remote, question) => remote.stationReaches(question),
			signal,
			progress
		);
	}

	#question(
		laid: readonly LaidOut[],
		of: number,
		{ greens, stations }: ClinicSetting,
		counts: Counts
	): ReachQuestion {
		const { ball, heading, green } = laid[of]!;
		const { green: map, day } = greens[green]!;
		const station = { ball, heading, hitters: stations[of]!.hitters };
		const zones = othersOf(laid, of).map(({ zone }) => zone);
		return { green: map, day, counts, stations: [{ station, zones, seed: seedOf(of, 7) }] };
	}

	/** The least turn of a station after which its balls stay away from others. */
	async #turnOf(
		station: number,
		laid: readonly LaidOut[],
		setting: ClinicSetting,
		signal: AbortSignal
	): Promise<{ station: number; turn: Radians | null }> {
		let found = Infinity;
		await this.pool.askEach(
			[...TURNS.entries()],
			async (remote, [k, turn]) => {
				if (k > found) return;
				const turned = laid.map((one, i) =>
					i === station ? { ...one, heading: one.heading + turn } : one
				);
				const question = this.#question(turned, station, setting, TURN_BALLS);
				const [reaches] = await remote.stationReaches({ ...question, tooMany: TOLERATED });
				if ((reaches ?? []).every(isSafeEnough)) found = Math.min(found, k);
			},
			signal,
			() => {}
		);
		return { station, turn: TURNS[found] ?? null };
	}

	override clear(): void {
		super.clear();
		this.verdict = null;
		this.found = null;
		this.none = false;
	}
}

/** Of few balls: none that came, or surely few enough. */
const isSafeEnough = (reach: Reach): boolean => reach.share === 0 || isSafe(reach);
