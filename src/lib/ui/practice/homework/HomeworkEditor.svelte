<script lang="ts">
	import { LETTERS } from '$lib/io/fields/ranges';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { createForm } from '@tanstack/svelte-form';
	import { addDays, format } from 'date-fns';
	import { untrack } from 'svelte';
	import { SWING_MARKS } from '$lib/core/player/swingLength';
	import { SHIPPED_DRILLS, type DrillDraft } from '$lib/io/practice/drill';
	import {
		HOMEWORK_BALLS,
		homeworkFormSchema,
		type HomeworkCell,
		type HomeworkDrill
	} from '$lib/io/practice/homework';
	import { thinnestCells } from '$lib/io/practice/practiceSetup';
	import { clubsInBag, type PupilFile } from '$lib/io/work/pupil';
	import { markWords } from '$lib/io/words/swing';
	import { whom } from '$lib/io/words/whose';
	import { newId } from '$lib/store/base/newId';
	import { homeworkShelf } from '$lib/store/shelves/practice';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { longDayWords, noonOf } from '$lib/ui/format/dates';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';

	interface Props {
		file: PupilFile;
		/** Drills of somebody's own. */
		ownDrills: readonly DrillDraft[];
		/** The day of the next lesson; a week from now where none is arranged. */
		due: string | undefined;
		ondone: () => void;
	}
	const { file, ownDrills, due, ondone }: Props = $props();

	const WEEK = 7;
	const id = $props.id();
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
	const drillChoices = $derived(
		[...SHIPPED_DRILLS, ...ownDrills].map((drill) => ({ value: drill.id, label: drill.name }))
	);
	const named = (drillId: string) => ({
		drillId,
		name: drillChoices.find(({ value }) => value === drillId)?.label ?? drillId
	});
	const another = (): HomeworkCell => ({
		clubId: clubs[0]?.value ?? '',
		swing: swings[0]!.value,
		flight: 'standard',
		balls: HOMEWORK_BALLS
	});

	// It starts from the thinnest cells and is the coach's from then on, whatever another tab writes meanwhile.
	const defaultValues = untrack(() => ({
		name: 'Know your wedges',
		due: due ?? format(addDays(new Date(), WEEK), 'yyyy-MM-dd'),
		cells: thinnestCells(file),
		drills: [] as HomeworkDrill[],
		note: ''
	}));
	const form = createForm(() => ({
		defaultValues,
		canSubmitWhenInvalid: true,
		validators: { onSubmit: homeworkFormSchema },
		onSubmit: async ({ value }) => {
			const given = homeworkFormSchema.parse(value);
			const kept = await attempt(() =>
				homeworkShelf.put({
					...given,
					id: newId(),
					pupilId: file.pupil.id,
					givenAt: new Date().toISOString()
				})
			);
			if (!kept) return;
			const day = longDayWords(noonOf(given.due));
			tell(given.due === due ? `Given, due at the next lesson: ${day}.` : `Given, due ${day}.`);
			ondone();
		}
	}));
</script>

{#snippet wrong(about: string, errors: readonly ({ message: string } | undefined)[])}
	{#if errors[0]}<p id={about} class="problem" role="alert">{errors[0].message}</p>{/if}
{/snippet}

<form
	class="grid max-w-3xl gap-3 border-2 border-(--ink) p-4"
	onsubmit={(event) => {
		event.preventDefault();
		void form.handleSubmit();
	}}
>
	<h2 class="text-lg font-extrabold">Homework for {whom(file.pupil.name)}</h2>
	<div class="grid gap-3 md:grid-cols-[minmax(0,1fr)_12rem]">
		<form.Field name="name">
			{#snippet children(field)}
				<div>
					<label class="grid text-[0.8125rem] text-(--faint)"
						>What it is called
						<input
							class="input w-full text-(--ink)"
							maxlength={LETTERS.name}
							aria-invalid={field.state.meta.errors.length > 0}
							aria-describedby={field.state.meta.errors.length > 0 ? `${id}-name` : undefined}
							bind:value={() => field.state.value, (text) => field.handleChange(text)}
						/></label
					>
					{@render wrong(`${id}-name`, field.state.meta.errors)}
				</div>
			{/snippet}
		</form.Field>
		<form.Field name="due">
			{#snippet children(field)}
				<div>
					<label class="grid text-[0.8125rem] text-(--faint)"
						>By
						<input
							class="input w-full text-(--ink)"
							type="date"
							aria-invalid={field.state.meta.errors.length > 0}
							aria-describedby={field.state.meta.errors.length > 0 ? `${id}-due` : undefined}
							bind:value={() => field.state.value, (day) => field.handleChange(day)}
						/></label
					>
					{@render wrong(`${id}-due`, field.state.meta.errors)}
				</div>
			{/snippet}
		</form.Field>
	</div>
	{#if clubs.length === 0}
		<p class="problem">The bag is empty: put a club into it first.</p>
	{/if}
	<form.Field name="cells" mode="array">
		{#snippet children(cells)}
			{#each cells.state.value as _, i (i)}
				<div class="grid grid-cols-2 items-end gap-3 md:grid-cols-[1fr_1fr_1fr_2.75rem]">
					<form.Field name={`cells[${i}].clubId`}>
						{#snippet children(field)}
							<ChoiceField
								label="Club"
								value={field.state.value}
								options={clubs}
								onchange={(club) => field.handleChange(club)}
							/>
						{/snippet}
					</form.Field>
					<form.Field name={`cells[${i}].swing`}>
						{#snippet children(field)}
							<ChoiceField
								label="Swing"
								value={field.state.value}
								options={swings}
								onchange={(swing) => field.handleChange(swing)}
							/>
						{/snippet}
					</form.Field>
					<form.Field name={`cells[${i}].balls`}>
						{#snippet children(field)}
							<NumberField
								label="Balls"
								value={field.state.value}
								symbol=""
								low={1}
								high={100}
								step={1}
								decimals={0}
								onchange={(balls) => field.handleChange(Math.round(balls))}
							/>
						{/snippet}
					</form.Field>
					<button
						type="button"
						class="btn btn-ghost btn-square justify-self-end"
						aria-label={`Leave out swing ${i + 1}`}
						onclick={() => cells.removeValue(i)}><Trash2 size={20} aria-hidden="true" /></button
					>
				</div>
			{/each}
			{@render wrong(`${id}-cells`, cells.state.meta.errors)}
			<div>
				<button type="button" class="btn" onclick={() => cells.pushValue(another())}
					>Another swing</button
				>
			</div>
		{/snippet}
	</form.Field>
	<form.Field name="drills" mode="array">
		{#snippet children(drills)}
			{#each drills.state.value as _, i (i)}
				<div class="grid grid-cols-2 items-end gap-3 md:grid-cols-[2fr_1fr_2.75rem]">
					<form.Field name={`drills[${i}]`}>
						{#snippet children(field)}
							<ChoiceField
								label="Drill or test"
								value={field.state.value.drillId}
								options={drillChoices}
								onchange={(drillId) =>
									field.handleChange({ ...field.state.value, ...named(drillId) })}
							/>
							<NumberField
								label="How often"
								value={field.state.value.times}
								symbol=""
								low={1}
								high={30}
								step={1}
								decimals={0}
								onchange={(times) =>
									field.handleChange({ ...field.state.value, times: Math.round(times) })}
							/>
						{/snippet}
					</form.Field>
					<button
						type="button"
						class="btn btn-ghost btn-square justify-self-end"
						aria-label={`Leave out drill ${i + 1}`}
						onclick={() => drills.removeValue(i)}><Trash2 size={20} aria-hidden="true" /></button
					>
				</div>
			{/each}
			<div>
				<button
					type="button"
					class="btn"
					onclick={() => drills.pushValue({ ...named(drillChoices[0]!.value), times: 2 })}
					>A drill or test</button
				>
			</div>
		{/snippet}
	</form.Field>
	<form.Field name="note">
		{#snippet children(field)}
			<label class="grid text-[0.8125rem] text-(--faint)" for={`${id}-note`}>To mind</label>
			<textarea
				id={`${id}-note`}
				class="textarea w-full"
				rows="2"
				maxlength="600"
				bind:value={() => field.state.value, (text) => field.handleChange(text)}></textarea>
		{/snippet}
	</form.Field>
	<div class="flex gap-2">
		<button type="submit" class="btn btn-neutral">Give it</button>
		<button type="button" class="btn" onclick={ondone}>Not now</button>
	</div>
</form>
