<script lang="ts">
	import RowNotes from '$lib/ui/shell/RowNotes.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { onDestroy, onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { carryGaps, carryOverlaps } from '$lib/core/player/carryAdvice';
	import { markAngle } from '$lib/core/player/swingLength';
	import type { CarryFlight } from '$lib/core/solve/measuredSwings';
	import type { ClubDraft } from '$lib/io/work/club';
	import { formatCarries } from '$lib/io/files/carriesCsv';
	import { carriesOf, clubsInBag } from '$lib/io/work/pupil';
	import { ballsAtAMark, type Session } from '$lib/io/practice/session';
	import { whose } from '$lib/io/words/whose';
	import Later from '$lib/ui/controls/Later.svelte';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import { download, fileNameOf } from '$lib/ui/files/download';
	import { formatLength } from '$lib/ui/format/lengths';
	import { historyShortcuts, shortcuts } from '$lib/ui/shell/shortcuts.svelte';
	import UndoButtons from '$lib/ui/shell/UndoButtons.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import { TodaysGreen } from './todaysGreen.svelte';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import { BagWords, FLIGHT_WORDS } from './bagWords';
	import CarryCurves from './CarryCurves.svelte';
	import CarryEditor from './CarryEditor.svelte';
	import { cellAt, type CarryColumn } from './carryGrid';
	import CarryTable from './CarryTable.svelte';
	import ClubTable from './ClubTable.svelte';
	import MeasureNext from './MeasureNext.svelte';
	import RollOuts from './RollOuts.svelte';

	interface Props {
		bench: PupilBench;
		/** Sessions of practice: they say how a ball came about. */
		sessions: readonly Session[];
	}
	const { bench, sessions }: Props = $props();

	const TABS = [
		{ id: 'carries', label: 'Carries' },
		{ id: 'clubs', label: 'Clubs' }
	] as const;
	let tab = $state<(typeof TABS)[number]['id']>('carries');
	let flight = $state<CarryFlight>('standard');
	let opened = $state.raw<{ club: ClubDraft; column: CarryColumn } | null>(null);
	const pool = new PlannerPool(startPlanner);
	onDestroy(() => pool.close());
	const today = new TodaysGreen();
	onMount(() => today.follow());
	onMount(() => shortcuts.use({ heading: 'The bag', shortcuts: historyShortcuts(bench) }));

	const file = $derived(bench.file);
	const pupil = $derived(file.pupil);
	const clubs = $derived(clubsInBag(file.clubs));
	const cells = $derived(carriesOf(file).filter(({ club }) => clubs.some(({ id }) => id === club)));
	const flown = $derived(cells.filter((cell) => cell.flight === flight));
	const words = $derived(
		new BagWords(file.clubs, pupil.vocabulary, (metres) => formatLength(metres, playing.style))
	);
	const odd = $derived(flown.filter(({ contradiction }) => contradiction !== null));
	const gaps = $derived(carryGaps(flown));
	const overlaps = $derived(carryOverlaps(flown));
	/** Balls under a swing that no words know; they are kept, and count nowhere. */
	const unknown = $derived(file.balls.filter(({ swing }) => Number.isNaN(markAngle(swing))));
	const MOST_NOTES = 3;
	const dropUnknown = () =>
		bench.change((f) => {
			f.balls = f.balls.filter(({ swing }) => !Number.isNaN(markAngle(swing)));
		});
	/** Balls of drills at a mark that were taken for carries of a swing nobody had asked for. */
	const guessed = $derived(ballsAtAMark(file.balls, sessions));
	const dropGuessed = () =>
		bench.change((f) => {
			for (const ball of f.balls)
				if (guessed.some(({ id }) => id === ball.id)) ball.swingFrom = 'assumed';
		});
	const open = $derived(
		opened && {
			...opened,
			cell: cellAt(cells, opened.club, opened.column, flight)
		}
	);
</script>

<section class="mx-auto grid max-w-7xl gap-4 p-4">
	<div class="flex flex-wrap items-center gap-2">
		<div class="flex min-w-0 flex-[1_1_28rem] items-center gap-2">
			<ViewHeading
				text={whose(pupil.name, 'bag')}
				class="min-w-0 flex-1 text-3xl font-extrabold wrap-anywhere max-md:text-2xl"
			/>
			<UndoButtons {bench} />
		</div>
		<div class="flex flex-wrap gap-2">
			<button
				type="button"
				class="btn"
				disabled={cells.length === 0}
				onclick={() =>
					download(`carries-${fileNameOf(pupil.name)}.csv`, formatCarries(file), 'text/csv')}
				>Carries (CSV)</button
			>
			<a class="btn" href={resolve('/pupils/[id]', { id: pupil.id })}>{whose(pupil.name, 'page')}</a
			>
		</div>
	</div>
	<RowNotes {bench} />
	<div class="max-w-sm">
		<TabBar label="The bag" tabs={TABS} active={tab} panel="bag" onselect={(id) => (tab = id)} />
	</div>
	<div id="bag" role="tabpanel" aria-labelledby={`bag-tab-${tab}`}>
		{#if tab === 'clubs'}
			<div class="max-w-3xl"><ClubTable {bench} /></div>
		{:else}
			<div class="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
				<div class="grid content-start gap-3">
					<div class="flex flex-wrap gap-1" role="group" aria-label="Flight">
						{#each FLIGHT_WORDS as { value, label } (value)}
							<button
								type="button"
								class="btn"
								aria-pressed={flight === value}
								onclick={() => (flight = value)}>{label}</button
							>
						{/each}
					</div>
					{#if unknown.length > 0}
						<p class="problem">
							{unknown.length}
							{unknown.length === 1 ? 'carry is' : 'carries are'} kept under swings nobody knows ({[
								...new Set(unknown.map(({ swing }) => `“${swing}”`))
							].join(', ')}) and count nowhere.
							<button type="button" class="btn" onclick={dropUnknown}>Remove them</button>
						</p>
					{/if}
					{#if guessed.length > 0}
						<p class="problem">
							{guessed.length}
							{guessed.length === 1 ? 'ball' : 'balls'} of drills at a mark count here as carries of a
							swing that nobody asked for: they carry what the mark asked.
							<button type="button" class="btn" onclick={dropGuessed}>Take them out</button>
						</p>
					{/if}
					<CarryTable
						{clubs}
						{cells}
						{flight}
						vocabulary={pupil.vocabulary}
						onopen={(club, column) => (opened = { club, column })}
					/>
				</div>
				<div class="grid content-start gap-6">
					<section class="grid gap-2" aria-labelledby="called-out">
						<h2 id="called-out" class="ruled-heading">What the table says</h2>
						{#if flown.length === 0}
							<p>
								Nothing is measured yet, so swings are those of the model. Touch a cell and type
								what this swing carries: “14, 15, 13”. Two wedges with two lengths each are a good
								beginning.
							</p>
						{:else}
							<ul class="grid gap-1.5 pl-5 [list-style:square]">
								{#each odd.slice(0, MOST_NOTES) as cell (cell.swing + cell.club)}
									<li>{words.contradiction(cell)}</li>
								{/each}
								{#each gaps.slice(0, MOST_NOTES) as gap (gap.from)}
									<li>{words.gap(gap)}</li>
								{/each}
								{#each overlaps.slice(0, MOST_NOTES) as pair (pair.one.club + pair.one.swing + pair.other.club)}
									<li>{words.overlap(pair)}</li>
								{/each}
								{#if odd.length + gaps.length + overlaps.length === 0}
									<li>No gap, no overlap, nothing that contradicts itself.</li>
								{/if}
							</ul>
						{/if}
					</section>
					<MeasureNext {file} {pool} {words} />
					<Later>
						<section class="grid gap-2" aria-labelledby="curves">
							<h2 id="curves" class="ruled-heading">Carry over swing</h2>
							<CarryCurves {cells} {clubs} {flight} vocabulary={pupil.vocabulary} />
						</section>
						<Later><RollOuts {file} {today} /></Later>
					</Later>
				</div>
			</div>
		{/if}
	</div>
</section>
{#if open}
	<CarryEditor
		{bench}
		club={open.club}
		column={open.column}
		{flight}
		cell={open.cell}
		green={today.green}
		greenName={today.where}
		onclose={() => (opened = null)}
	/>
{/if}
