<script lang="ts">
	import { LETTERS } from '$lib/io/fields/ranges';
	import { format } from 'date-fns';
	import { ballsOfText, type Round } from '$lib/io/log/play';
	import { STRIKE_TAGS } from '$lib/core/practice/practised';
	import type { GreenWire } from '$lib/io/work/green';
	import type { WorkingShot } from '$lib/io/work/shot';
	import { LIE_WORDS } from '$lib/io/words/lie';
	import { TAG_WORDS } from '$lib/io/words/practice';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import TextField from '$lib/ui/controls/TextField.svelte';
	import ResultGreen from './ResultGreen.svelte';
	import { roundWords } from './roundWords';
	import type { ResultDraft } from './state/resultDraft.svelte';

	interface Props {
		draft: ResultDraft;
		shot: WorkingShot;
		green: GreenWire | null;
		/** Balls of the forecast as they are kept; empty where nothing was forecast. */
		forecast: string;
		/** Rounds that it may belong to, the latest first. */
		rounds: readonly Round[];
		/** Begins a round on the day of the shot. */
		onround: () => void;
	}
	const { draft, shot, green, forecast, rounds, onround }: Props = $props();

	/** One stroke is “Holed”. */
	const STROKES = [2, 3, 4, 5, 6];
	const PRACTICE = '';
	const NEW_ROUND = '+';
	const AHEAD = { low: -30, high: 300 };
	const ASIDE = 100;

	const value = $derived(draft.value);
	const balls = $derived(forecast === '' ? [] : (ballsOfText(forecast) ?? []));
	const roundChoices = $derived([
		{ value: PRACTICE, label: 'Practice' },
		...rounds.map((round) => ({ value: round.id, label: roundWords(round) })),
		{ value: NEW_ROUND, label: 'A new round on this day' }
	]);
	const day = $derived(format(new Date(value.at), 'yyyy-MM-dd'));
	const spot = (place: readonly number[] | undefined, at: 0 | 1) => place?.[at] ?? null;
	const put = (what: 'landed' | 'finished', at: 0 | 1, metres: number) => {
		const place: [number, number] = [...(value[what] ?? ([0, 0] as const))];
		place[at] = Number(metres.toFixed(2));
		draft.change({ [what]: place, ...(what === 'finished' && { holed: false }) });
	};
</script>

<ResultGreen
	{shot}
	{green}
	{balls}
	landed={value.landed}
	finished={value.finished}
	holed={value.holed}
	asks={draft.asks}
	ontouch={(touched) => draft.touch(touched)}
/>
<div class="mt-2 flex flex-wrap items-center gap-2">
	<p class="flex-1 font-semibold" role="status">
		{#if value.holed}
			Holed.
		{:else if draft.asks === 'landing'}
			Touch where it landed.
		{:else if value.finished}
			Noted. A touch moves where it stopped.
		{:else}
			Touch where it stopped.
		{/if}
	</p>
	<button
		type="button"
		class="btn"
		disabled={!value.landed && !value.finished}
		onclick={() => draft.again()}>Touch again</button
	>
	<button type="button" class="btn" aria-pressed={value.holed} onclick={() => draft.hole()}
		>Holed</button
	>
</div>
{#if !value.holed}
	<p class="mt-3 font-semibold" id="strokes-label">Strokes to hole out, this one counted</p>
	<div class="flex flex-wrap gap-1" role="group" aria-labelledby="strokes-label">
		{#each STROKES as strokes (strokes)}
			<button
				type="button"
				class="btn figure flex-1"
				aria-pressed={value.strokes === strokes}
				onclick={() => draft.count(strokes)}>{strokes}</button
			>
		{/each}
	</div>
{/if}
<details class="mt-3">
	<summary class="cursor-pointer py-2 font-semibold">Strike, lie, day, places, notes</summary>
	<div class="grid gap-3">
		<div class="grid grid-cols-4 gap-1" role="group" aria-label="How it was struck">
			{#each STRIKE_TAGS as tag (tag)}
				<button
					type="button"
					class="btn px-1"
					aria-pressed={value.tags.includes(tag)}
					onclick={() => draft.tag(tag)}>{TAG_WORDS[tag]}</button
				>
			{/each}
		</div>
		<ChoiceField
			label="Lie as it was found"
			value={value.lie}
			options={LIE_WORDS.map(({ id, name }) => ({ value: id, label: name }))}
			onchange={(lie) => draft.change({ lie })}
		/>
		{#if value.lie !== shot.situation.lie}
			<p class="hint">The forecast was for another lie: this shot is not held against it.</p>
		{/if}
		<label class="grid gap-0.5">
			<span class="label text-[0.8125rem]">Day</span>
			<input
				class="input w-full"
				type="date"
				value={day}
				max={format(new Date(), 'yyyy-MM-dd')}
				onchange={(event) => {
					const at = new Date(`${event.currentTarget.value}T12:00`);
					if (!Number.isNaN(at.getTime())) draft.change({ at: at.toISOString() });
				}}
			/>
		</label>
		<ChoiceField
			label="Round"
			value={value.roundId ?? PRACTICE}
			options={roundChoices}
			onchange={(id) =>
				id === NEW_ROUND ? onround() : draft.change({ roundId: id === PRACTICE ? null : id })}
		/>
		<div class="grid grid-cols-2 gap-3">
			<LengthField
				label="Landed, from the ball"
				metres={spot(value.landed, 0)}
				low={0.1}
				high={AHEAD.high}
				onchange={(metres) => put('landed', 0, metres)}
			/>
			<LengthField
				label="… right of the line"
				metres={spot(value.landed, 1)}
				low={-ASIDE}
				high={ASIDE}
				onchange={(metres) => put('landed', 1, metres)}
			/>
			<LengthField
				label="Stopped, from the ball"
				metres={spot(value.finished, 0)}
				{...AHEAD}
				onchange={(metres) => put('finished', 0, metres)}
			/>
			<LengthField
				label="… right of the line"
				metres={spot(value.finished, 1)}
				low={-ASIDE}
				high={ASIDE}
				onchange={(metres) => put('finished', 1, metres)}
			/>
		</div>
		<TextField
			label="Notes"
			long
			most={LETTERS.notes}
			value={value.notes}
			onchange={(notes) => draft.change({ notes })}
		/>
	</div>
</details>
{#each draft.problems as problem (problem)}<p class="problem" role="alert">{problem}</p>{/each}
