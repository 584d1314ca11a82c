<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { onDestroy, untrack } from 'svelte';
	import { SvelteSet } from 'svelte/reactivity';
	import { resolve } from '$app/paths';
	import { lessonAt, type Lesson } from '$lib/io/lessons/lesson';
	import type { Play } from '$lib/io/log/play';
	import type { LogSay } from '$lib/io/log/words';
	import { whom } from '$lib/io/words/whose';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import { removePlays, type LogBook } from '$lib/store/shelves/log';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import Later from '$lib/ui/controls/Later.svelte';
	import WindowedRows from '$lib/ui/controls/WindowedRows.svelte';
	import { dayWords, monthWords, noonOf } from '$lib/ui/format/dates';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import { removeWithUndo } from '$lib/ui/shell/attempt';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import Shown from '$lib/ui/shell/Shown.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { pupilsRead } from '$lib/ui/state/pupilsRead.svelte';
	import ChangePlay from './ChangePlay.svelte';
	import HonestyPanel from './HonestyPanel.svelte';
	import LogFilters from './LogFilters.svelte';
	import { EVERYTHING, monthsOf, passes, type LogFilter, type LogNames } from './logFilter';
	import PlayRow from './PlayRow.svelte';
	import { roundWords } from './roundWords';
	import RoundPanel from './RoundPanel.svelte';
	import ScoresPanel from './ScoresPanel.svelte';
	import { LogStudy } from './state/logStudy.svelte';

	interface Props {
		book: LogBook;
		greens: readonly GreenBook[];
		lessons: readonly Lesson[];
		/** Only the latest are there yet. */
		reading: boolean;
	}
	const { book, greens, lessons, reading }: Props = $props();

	const TABS = [
		{ id: 'shots', label: 'Shots' },
		{ id: 'honest', label: 'Forecast' },
		{ id: 'scores', label: 'Scores' }
	] as const;
	const COLUMNS = 7;
	const GONE = 'gone';
	let tab = $state<(typeof TABS)[number]['id']>('shots');
	// It begins with whoever plays; another choice stays.
	let filter = $state.raw<LogFilter>({
		...EVERYTHING,
		pupil: untrack(() => playing.file.pupil.id)
	});
	const picked = new SvelteSet<string>();
	let changing = $state.raw<Play | null>(null);

	const pupils = $derived(playing.files.map(({ pupil }) => pupil));
	const clubNames = $derived(
		new Map(playing.files.flatMap(({ clubs }) => clubs.map(({ id, name }) => [id, name] as const)))
	);
	const rounds = $derived(new Map(book.rounds.map((round) => [round.id, round])));
	const names: LogNames = {
		pupil: (id) => pupils.find((pupil) => pupil.id === id)?.name ?? GONE,
		club: (id) => clubNames.get(id) ?? 'a club that is gone',
		green: (id) => greens.find(({ green }) => green.id === id)?.green.name ?? GONE,
		round: (id) => {
			const round = rounds.get(id);
			return round ? round.name || roundWords(round) : 'a round that is gone';
		}
	};
	const shown = $derived(book.plays.filter((play) => passes(play, filter, names)));
	const chosen = $derived(shown.filter(({ id }) => picked.has(id)));
	const file = $derived(playing.files.find(({ pupil }) => pupil.id === filter.pupil) ?? null);
	const read = pupilsRead(() => (file ? [file.pupil.id] : []));
	const who = $derived(file ? `of ${whom(file.pupil.name)}` : 'of everybody');

	const round = $derived(rounds.get(filter.where));

	/** Whoever picks results picks the verdict: what a shot came to does not choose what its forecast is judged by. */
	const judged = $derived(
		book.plays.filter((play) => passes(play, { ...filter, result: '', tag: '' }, names))
	);
	const study = new LogStudy();
	/** A correction rests on everything that a pupil played, whatever is looked at. */
	const whole = new LogStudy();
	onDestroy(() => {
		study.stop();
		whole.stop();
	});
	$effect(() => {
		if (tab !== 'honest') return;
		void study.measure(judged);
		void whole.measure(book.plays.filter(({ pupilId }) => pupilId === filter.pupil));
	});
	const say: LogSay = {
		length: (metres) => formatLength(metres, playing.style),
		plusMinus: (metres, within) =>
			`${formatFigure(metres, playing.style)} ± ${formatFigure(within, playing.style)} ${playing.style.symbol}`,
		club: (id) => names.club(id),
		day: (day) => dayWords(noonOf(day))
	};

	/** What the scores can stand beside: other pupils, and other months of these. */
	const others = $derived([
		...pupils
			.filter(({ id }) => id !== filter.pupil)
			.map(({ id, name }) => ({ value: `pupil/${id}`, label: name })),
		...monthsOf(book.plays)
			.filter((month) => month !== filter.month)
			.map((month) => ({ value: `month/${month}`, label: monthWords(noonOf(`${month}-01`)) }))
	]);
	function playsOf(other: string): Play[] {
		const [what, value] = other.split('/');
		const instead = what === 'pupil' ? { pupil: value!, club: '', where: '' } : { month: value! };
		return book.plays.filter((play) => passes(play, { ...filter, ...instead }, names));
	}

	async function remove() {
		const gone = chosen.map(({ id }) => id);
		const words = gone.length === 1 ? 'Removed one shot.' : `Removed ${gone.length} shots.`;
		if (await removeWithUndo(words, () => removePlays(gone))) picked.clear();
	}
</script>

<section class="mx-auto grid max-w-6xl gap-4 p-4">
	<div class="flex flex-wrap items-center justify-between gap-2">
		<ViewHeading text="Log" />
		<a class="btn" href={resolve('/')}>Work out a shot</a>
	</div>
	{#if book.plays.length === 0 && book.broken.length === 0 && !reading}
		<p class="max-w-prose">
			Nothing is noted yet. Work out a shot, play it, and touch “Played it”: what came of it is kept
			beside what was forecast, and here you see whether the forecast was honest.
		</p>
	{:else}
		<LogFilters
			{filter}
			plays={book.plays}
			rounds={book.rounds}
			{pupils}
			{names}
			onchange={(changed) => (filter = changed)}
		/>
		{#if round}
			<RoundPanel {round} shots={shown.length} ongone={() => (filter = { ...filter, where: '' })} />
		{/if}
		<div class="max-w-md">
			<TabBar label="Log" tabs={TABS} active={tab} panel="log" onselect={(id) => (tab = id)} />
		</div>
		<div id="log" role="tabpanel" aria-labelledby={`log-tab-${tab}`}>
			{#if shown.length === 0}
				<p>No shot is like that.</p>
			{:else if tab === 'shots'}
				<div class="mb-2 flex min-h-11 flex-wrap items-center gap-3">
					<p role="status">
						{soMany(shown.length, 'shot')}{reading ? ' so far' : ''}{chosen.length > 0
							? `, ${chosen.length} picked`
							: ''}
					</p>
					{#if chosen.length > 0}
						<button type="button" class="btn" onclick={() => void remove()}
							><Trash2 size={18} aria-hidden="true" /> Remove {chosen.length === 1
								? 'it'
								: 'them'}</button
						>
						<button type="button" class="btn" onclick={() => picked.clear()}>Pick none</button>
					{:else}
						<button
							type="button"
							class="btn"
							onclick={() => {
								for (const { id } of shown) picked.add(id);
							}}>Pick all</button
						>
					{/if}
				</div>
				<table class="table border-t-2 border-(--ink)" aria-rowcount={shown.length + 1}>
					<thead>
						<tr>
							<th class="p-0"><span class="sr-only">Pick</span></th>
							<th scope="col" class="px-1 max-md:hidden">When</th>
							<th scope="col" class="px-2">What</th>
							<th scope="col" class="max-lg:hidden">Round</th>
							<th scope="col" class="text-right max-md:hidden">Left</th>
							<th scope="col" class="text-right max-md:px-1.5">Strokes</th>
							<th class="p-0"><span class="sr-only">Change</span></th>
						</tr>
					</thead>
					<tbody {@attach rowFocus}>
						<Later>
							<WindowedRows items={shown} keyOf={({ id }) => id} columns={COLUMNS}>
								{#snippet row(play, place)}
									<Shown what="a played shot" columns={COLUMNS}>
										<PlayRow
											{play}
											{place}
											{names}
											lesson={lessonAt(lessons, play.pupilId, play.at)}
											several={filter.pupil === ''}
											picked={picked.has(play.id)}
											onpick={(on) => (on ? picked.add(play.id) : picked.delete(play.id))}
											onedit={() => (changing = play)}
										/>
									</Shown>
								{/snippet}
							</WindowedRows>
						</Later>
					</tbody>
				</table>
				<p class="hint mt-2">Under the strokes: how many more (+) or fewer (−) than forecast.</p>
			{:else if tab === 'honest' && !read.done}
				<p>Their balls are being read.</p>
			{:else if tab === 'honest'}
				<HonestyPanel
					{study}
					{whole}
					{file}
					picks={filter.result !== '' || filter.tag !== ''}
					{say}
					books={greens}
					unscored={study.done ? judged.length - study.scored.length : 0}
				/>
			{:else}
				<ScoresPanel plays={shown} club={names.club} words={who} {others} {playsOf} />
			{/if}
		</div>
	{/if}
	{#if book.broken.length > 0}
		<p class="problem">
			{book.broken.length}
			{book.broken.length === 1 ? 'row' : 'rows'} of the log cannot be read. They are kept:
			<a class="underline" href={resolve('/data')}>see Data</a>.
		</p>
	{/if}
</section>
<SheetDialog
	bind:open={() => changing !== null, (open) => (changing = open ? changing : null)}
	title="Change it"
	description="Question and forecast stay as they were; what came of it can be said again."
>
	{#if changing}
		{@const place = changing.shot.place}
		<ChangePlay
			play={changing}
			green={greens.find(({ green }) => green.id === place?.greenId)?.green ?? null}
			rounds={book.rounds}
			lesson={lessonAt(lessons, changing.pupilId, changing.at)}
			onkept={() => (changing = null)}
		/>
	{/if}
</SheetDialog>
