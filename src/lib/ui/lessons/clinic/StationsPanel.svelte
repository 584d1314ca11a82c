<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { onDestroy } from 'svelte';
	import { sitesOf } from '$lib/core/lessons/safeLayout';
	import { stationsOf } from '$lib/io/lessons/rounds';
	import {
		bringWords,
		dangerWords,
		SAFE_WORDS,
		unplayedWords,
		wayOutWords
	} from '$lib/io/lessons/clinicWords';
	import { dayOf, hittersOf, placeAt, turnedBy, type StationPlace } from '$lib/io/lessons/stations';
	import { greenToCore } from '$lib/io/work/green';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import WorkBar from '$lib/ui/controls/WorkBar.svelte';
	import { drillOf } from '$lib/ui/practice/state/practiceState.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import type { LessonBench } from '../state/lessonBench.svelte';
	import type { LessonDesk } from '../state/lessonState.svelte';
	import { StationStudy, type ClinicSetting } from '../state/stationStudy.svelte';
	import ClinicMap from './ClinicMap.svelte';

	interface Props {
		bench: LessonBench;
		desk: LessonDesk;
	}
	const { bench, desk }: Props = $props();

	/** A hand that rests so long has put a station down, ms. */
	const REST = 500;
	const pool = new PlannerPool(startPlanner);
	const search = new StationStudy(pool);
	const study = new StationStudy(pool);
	onDestroy(() => {
		search.clear();
		study.clear();
		pool.close();
	});

	const { lesson } = $derived(bench);
	const stations = $derived(stationsOf(lesson));
	const books = $derived(
		lesson.greenIds.flatMap((id) => desk.greens.find(({ green }) => green.id === id) ?? [])
	);
	/** Stations as the blocks stand now, each with its place; those of blocks that are gone are left out. */
	const places = $derived(
		stations.flatMap(
			({ id }) =>
				lesson.layout.find(
					(place) => place.id === id && books.some(({ green }) => green.id === place.greenId)
				) ?? []
		)
	);
	const complete = $derived(stations.length > 0 && places.length === stations.length);
	const files = $derived(
		lesson.pupilIds.flatMap((id) => playing.files.find(({ pupil }) => pupil.id === id) ?? [])
	);
	const setting = $derived.by((): ClinicSetting => {
		const greens = books.map(({ green, readings }) => ({
			id: green.id,
			green: greenToCore(green),
			day: dayOf(readings, Date.now())
		}));
		const day = greens[0]?.day ?? dayOf([], Date.now());
		return {
			greens,
			stations: stations.map((block) => {
				const drill = block.drillId && drillOf(desk.practice.drills, block.drillId);
				return { block, hitters: drill ? hittersOf(block, drill, files, day) : [] };
			})
		};
	});
	/** Stations of which no ball can be played out: their drill is gone, or nobody can hit it. */
	const unknown = $derived(
		setting.stations.flatMap(({ hitters }, i) =>
			hitters.some(({ shots }) => shots.length > 0) ? [] : [i + 1]
		)
	);
	const judged = $derived(study.verdict?.places === places ? study.verdict : null);
	/** The layout changes with each step of a drag; the verdict waits for the end of it. */
	$effect(() => {
		const [now, asked] = [places, setting];
		if (!complete) return;
		const resting = setTimeout(() => void study.judge(now, asked), REST);
		return () => {
			clearTimeout(resting);
			study.cancel();
		};
	});

	const put = (next: readonly StationPlace[]) =>
		bench.change((one) => (one.layout = next.map((place) => ({ ...place }))));
	const change = (place: StationPlace) =>
		put(places.map((one) => (one.id === place.id ? place : one)));
	const find = () =>
		attempt(async () => {
			await search.find(setting);
			if (!search.found) return;
			put(search.found);
			tell('A layout that is safe is on the map.', { label: 'Undo', run: () => bench.undo() });
			search.clear();
		});
	/** Round about the first green, each toward its middle. */
	function around() {
		const [first] = setting.greens;
		if (!first) return;
		const straight = sitesOf(first.green).filter(
			(site, i, all) => all.findIndex(({ place }) => place === site.place) === i
		);
		const every = Math.max(1, Math.floor(straight.length / stations.length));
		put(
			stations.flatMap(({ id }, i) => {
				const site = straight[(i * every) % straight.length];
				return site ? [placeAt(site, id, first.id)] : [];
			})
		);
	}
	function toGreen(place: StationPlace, greenId: string) {
		const green = setting.greens.find(({ id }) => id === greenId)?.green;
		const taken = places.filter((one) => one.greenId === greenId).length;
		const sites = green ? sitesOf(green) : [];
		const site = sites[Math.floor((taken * sites.length) / Math.max(1, stations.length))];
		if (site) change(placeAt(site, place.id, greenId));
	}
	const turnIt = (station: number, turn: number) => change(turnedBy(places[station]!, turn));
	const bring = $derived(
		bringWords(
			stations.flatMap((block) => {
				const drill = block.drillId && drillOf(desk.practice.drills, block.drillId);
				return drill ? [{ block, rules: drill.rules }] : [];
			}),
			lesson.rounds?.groups.map(({ length }) => length) ?? [lesson.pupilIds.length]
		)
	);
</script>

<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-label="Stations">
	<h2 class="ruled-heading">Where the stations are</h2>
	{#if books.length === 0}
		<p>Choose one green or more under “When and where”; stations stand on its map.</p>
	{:else}
		{#each books as { green } (green.id)}
			{#if places.some(({ greenId }) => greenId === green.id)}
				<div class="grid grid-cols-[minmax(0,1fr)] gap-1">
					<h3 class="font-bold">{green.name}</h3>
					<ClinicMap
						{green}
						{places}
						titles={stations.map(({ title }) => title)}
						dangers={judged?.dangers ?? []}
						onchange={change}
					/>
				</div>
			{/if}
		{/each}
		{#if complete}
			<div role="status" class="grid gap-1">
				{#if unknown.length > 0}
					<p class="problem">{unplayedWords(unknown)}</p>
				{/if}
				{#if judged && judged.dangers.length === 0 && unknown.length === 0}
					<p><b class="text-(--turf)">Safe.</b> {SAFE_WORDS}</p>
				{:else if judged && judged.dangers.length > 0}
					<p class="text-lg font-bold text-(--clay)">Not safe like this.</p>
					<ul class="grid gap-0.5 pl-5 [list-style:square]">
						{#each judged.dangers as danger, i (i)}<li>{dangerWords(danger)}</li>{/each}
					</ul>
				{:else if study.status === 'failed'}
					<p class="problem">Whether it is safe could not be worked out: {study.failure}</p>
				{:else if !judged}
					<p class="hint">Playing the balls of each station…</p>
				{/if}
			</div>
			{#if judged?.wayOut}
				{@const { station, turn } = judged.wayOut}
				<p class="flex flex-wrap items-center gap-3">
					<span>{wayOutWords(station, turn)}</span>
					{#if turn !== null}
						<button type="button" class="btn" onclick={() => turnIt(station, turn)}>Turn it</button>
					{/if}
				</p>
			{/if}
			{#if books.length > 1}
				<div class="flex flex-wrap gap-3">
					{#each places as place, i (place.id)}
						<div class="w-44">
							<ChoiceField
								label={`Station ${i + 1}, ${stations[i]!.title}`}
								value={place.greenId}
								options={books.map(({ green }) => ({ value: green.id, label: green.name }))}
								onchange={(greenId) => toGreen(place, greenId)}
							/>
						</div>
					{/each}
				</div>
			{/if}
		{/if}
		<div class="flex flex-wrap items-center gap-3">
			<div class="min-w-64">
				<WorkBar
					status={search.status === 'done' ? 'idle' : search.status}
					progress={search.progress}
					failure={search.failure}
					label="Find a safe layout"
					onstart={() => void find()}
					onstop={() => search.cancel()}
				/>
			</div>
			{#if !complete}
				<button type="button" class="btn" onclick={around}>Put them around the green</button>
			{/if}
		</div>
		{#if search.none}
			<p class="problem" role="status">
				No safe layout of {soMany(stations.length, 'station')} was found on {books
					.map(({ green }) => green.name)
					.join(' and ')}: take one more green under “When and where”, or one station less.
			</p>
		{/if}
		<p class="hint">
			Played with the weakest of those who come, of each hand: their spread, thin balls and shanks.
			Dashed circles are where a group stands. The model sees no trees, no paths and no other
			people: look yourself before anybody hits.
		</p>
	{/if}
	{#if bring.length > 0}
		<h3 class="font-bold">To bring</h3>
		<ul class="pl-5 [list-style:square]">
			{#each bring as line (line)}<li>{line}</li>{/each}
		</ul>
	{/if}
</section>
