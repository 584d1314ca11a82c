<script lang="ts">
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { addDays, format } from 'date-fns';
	import { SWING_MARKS } from '$lib/core/player/swingLength';
	import { HOMEWORK_BALLS, homeworkSchema, type HomeworkCell } from '$lib/io/homework';
	import { issuesOf } from '$lib/io/issues';
	import { thinnestCells } from '$lib/io/practiceSetup';
	import { clubsInBag, type PupilFile } from '$lib/io/pupil';
	import { markWords } from '$lib/io/words/swing';
	import { newId } from '$lib/store/newId';
	import { homeworkShelf } from '$lib/store/practice';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { attempt } from '$lib/ui/shell/attempt';

	interface Props {
		file: PupilFile;
		ondone: () => void;
	}
	const { file, ondone }: Props = $props();

	const WEEK = 7;
	const id = $props.id();
	// svelte-ignore state_referenced_locally
	let cells = $state.raw<readonly HomeworkCell[]>(thinnestCells(file));
	let name = $state('Know your wedges');
	let due = $state(format(addDays(new Date(), WEEK), 'yyyy-MM-dd'));
	let note = $state('');
	let problem = $state('');

	const clubs = $derived(
		clubsInBag(file.clubs)
			.filter(({ kind }) => kind !== 'putter')
			.map((club) => ({ value: club.id, label: club.name }))
	);
	const swings = $derived(
		SWING_MARKS[file.pupil.vocabulary].map((mark) => ({
			value: mark.name,
			label: markWords(mark.name, file.pupil.vocabulary)
		}))
	);
	const change = (at: number, part: Partial<HomeworkCell>) =>
		(cells = cells.map((cell, i) => (i === at ? { ...cell, ...part } : cell)));
	const add = () =>
		(cells = [
			...cells,
			{
				clubId: clubs[0]?.value ?? '',
				swing: swings[0]!.value,
				flight: 'standard',
				balls: HOMEWORK_BALLS
			}
		]);

	function give() {
		const parsed = homeworkSchema.safeParse({
			id: newId(),
			pupilId: file.pupil.id,
			name: name.trim(),
			givenAt: new Date().toISOString(),
			due,
			cells: cells.map((cell) => ({ ...cell })),
			note: note.trim()
		});
		const [issue] = parsed.success ? [] : issuesOf(parsed.error);
		problem = issue ? `${issue.path} ${issue.message}.` : '';
		if (parsed.success)
			void attempt(async () => {
				await homeworkShelf.put(parsed.data);
				ondone();
			});
	}
</script>

<form
	class="grid max-w-3xl gap-3 border-2 border-(--ink) p-4"
	onsubmit={(event) => {
		event.preventDefault();
		give();
	}}
>
	<h2 class="text-lg font-extrabold">Homework for {file.pupil.name}</h2>
	<div class="grid gap-3 md:grid-cols-[minmax(0,1fr)_12rem]">
		<label class="grid text-[0.8125rem] text-(--faint)"
			>What it is called
			<input class="input w-full text-(--ink)" maxlength="60" bind:value={name} /></label
		>
		<label class="grid text-[0.8125rem] text-(--faint)"
			>By
			<input class="input w-full text-(--ink)" type="date" bind:value={due} /></label
		>
	</div>
	{#if clubs.length === 0}
		<p class="problem">The bag is empty: put a club into it first.</p>
	{/if}
	{#each cells as cell, i (i)}
		<div class="grid grid-cols-[1fr_1fr_1fr_2.75rem] items-end gap-3">
			<ChoiceField
				label="Club"
				value={cell.clubId}
				options={clubs}
				onchange={(clubId) => change(i, { clubId })}
			/>
			<ChoiceField
				label="Swing"
				value={cell.swing}
				options={swings}
				onchange={(swing) => change(i, { swing })}
			/>
			<NumberField
				label="Balls"
				value={cell.balls}
				symbol=""
				low={1}
				high={100}
				step={1}
				decimals={0}
				onchange={(balls) => change(i, { balls: Math.round(balls) })}
			/>
			<button
				type="button"
				class="btn btn-ghost btn-square"
				aria-label={`Leave out swing ${i + 1}`}
				onclick={() => (cells = cells.filter((_, at) => at !== i))}
				><Trash2 size={20} aria-hidden="true" /></button
			>
		</div>
	{/each}
	<div><button type="button" class="btn" onclick={add}>Another swing</button></div>
	<label class="grid text-[0.8125rem] text-(--faint)" for={`${id}-note`}>To mind</label>
	<textarea id={`${id}-note`} class="textarea w-full" rows="2" maxlength="600" bind:value={note}
	></textarea>
	{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
	<div class="flex gap-2">
		<button type="submit" class="btn btn-neutral">Give it</button>
		<button type="button" class="btn" onclick={ondone}>Not now</button>
	</div>
</form>
