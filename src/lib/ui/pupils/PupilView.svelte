<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { LETTERS, RANGE } from '$lib/io/fields/ranges';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import RowNotes from '$lib/ui/shell/RowNotes.svelte';
	import { onMount, untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import { carriesOf, clubsInBag, type Pupil } from '$lib/io/work/pupil';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import TextField from '$lib/ui/controls/TextField.svelte';
	import { historyShortcuts, shortcuts } from '$lib/ui/shell/shortcuts.svelte';
	import { forPupil } from '$lib/ui/shell/pupilAsked.svelte';
	import UndoButtons from '$lib/ui/shell/UndoButtons.svelte';
	import { UNIT_WORDS } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import CarryCurves from '$lib/ui/bag/CarryCurves.svelte';
	import type { Homework } from '$lib/io/practice/homework';
	import type { Session } from '$lib/io/practice/session';
	import { playsWords } from '$lib/io/words/whose';
	import { homeworkWords } from '$lib/ui/practice/homework/homeworkWords';
	import Learning from './Learning.svelte';
	import Portrait from './Portrait.svelte';
	import PupilFields from './PupilFields.svelte';
	import { HabitStudy } from './habitStudy.svelte';
	import WorkOn from './WorkOn.svelte';

	interface Props {
		bench: PupilBench;
		sessions: readonly Session[];
		homework: readonly Homework[];
	}
	const { bench, sessions, homework }: Props = $props();

	const file = $derived(bench.file);
	const pupil = $derived(file.pupil);
	const change = (apply: (pupil: Pupil) => void) => bench.change((f) => apply(f.pupil));
	const isPlaying = $derived(playing.file.pupil.id === pupil.id);

	const TABS = [
		{ id: 'who', label: 'Who' },
		{ id: 'numbers', label: 'In numbers' },
		{ id: 'learned', label: 'Learned' }
	] as const;
	let tab = $state<(typeof TABS)[number]['id']>('who');

	const study = new HabitStudy();
	/** What habits rest on: a letter more in a name changes none of it. */
	const balls = $derived(file.balls);
	const skill = $derived(pupil.skill);
	const handicap = $derived(pupil.handicap);
	$effect(() => {
		void [balls, skill, handicap];
		void study.look(
			untrack(() => file),
			sessions
		);
		return () => study.stop();
	});

	onMount(() => shortcuts.use({ heading: 'This pupil', shortcuts: historyShortcuts(bench) }));
</script>

<section class="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-y-4 p-4">
	<div class="flex flex-wrap items-center gap-2">
		<div class="flex min-w-0 flex-[1_1_18rem] items-center gap-2">
			<ViewHeading
				text={pupil.name}
				class="min-w-0 flex-1 text-3xl font-extrabold wrap-anywhere max-md:text-2xl"
			/>
			<UndoButtons {bench} />
		</div>
		<div class="flex flex-wrap gap-2">
			{#if !isPlaying}
				<button type="button" class="btn btn-neutral" onclick={() => playing.choose(pupil.id)}
					>{playsWords(pupil.name)}</button
				>
			{/if}
			<a class="btn" href={resolve(`/bag${forPupil(pupil.id)}`)}
				>Bag: {soMany(clubsInBag(file.clubs).length, 'club')}</a
			>
			<a class="btn" href={resolve(`/lessons/progress${forPupil(pupil.id)}`)}>Progress</a>
			<button type="button" class="btn" onclick={() => change((p) => (p.archived = !p.archived))}
				>{pupil.archived ? 'Show again' : 'Hide from the lists'}</button
			>
		</div>
	</div>
	{#each homework as one (one.id)}
		<p>
			Homework
			<a class="font-bold underline" href={resolve('/homework/[id]', { id: one.id })}>{one.name}</a
			>:
			{homeworkWords(one, file.balls, sessions)}
		</p>
	{/each}
	<div><WorkOn {file} {sessions} {study} /></div>
	<RowNotes {bench} />
	<div class="max-w-md">
		<TabBar
			label="What of this pupil"
			tabs={TABS}
			active={tab}
			panel="pupil"
			onselect={(id) => (tab = id)}
		/>
	</div>
	<div id="pupil" role="tabpanel" aria-labelledby={`pupil-tab-${tab}`}>
		{#if tab === 'who'}
			<div class="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
				<div class="grid content-start gap-3">
					<TextField
						label="Name"
						value={pupil.name}
						most={LETTERS.name}
						onchange={(name) => change((p) => (p.name = name))}
					/>
					<PupilFields {bench} />
					<div class="field-grid">
						<ChoiceField
							label="Units to take home"
							value={pupil.units}
							options={UNIT_WORDS}
							onchange={(units) => change((p) => (p.units = units))}
						/>
						<NumberField
							label="Length of a pace"
							value={pupil.pace * 100}
							symbol="cm"
							low={100 * RANGE.pace.low}
							high={100 * RANGE.pace.high}
							step={1}
							decimals={0}
							hint="Walk 20 m and count"
							onchange={(value) => change((p) => (p.pace = value / 100))}
						/>
					</div>
				</div>
				<div class="grid content-start gap-3">
					<h2 class="ruled-heading">To remember</h2>
					<TextField
						long
						label="What to mind"
						value={pupil.minding}
						most={LETTERS.notes}
						hint="Shown wherever this pupil plays, such as a sore back. With pain: stop, and see a medical professional."
						onchange={(text) => change((p) => (p.minding = text))}
					/>
					<TextField
						long
						label="Notes"
						value={pupil.notes}
						most={LETTERS.notes}
						onchange={(text) => change((p) => (p.notes = text))}
					/>
				</div>
			</div>
		{:else if tab === 'numbers'}
			<div class="grid gap-x-10 gap-y-6 lg:grid-cols-2">
				<Portrait {file} />
				<div class="grid content-start gap-2">
					<h2 class="ruled-heading">Carry over swing</h2>
					<CarryCurves
						cells={carriesOf(file)}
						clubs={clubsInBag(file.clubs)}
						vocabulary={pupil.vocabulary}
					/>
				</div>
			</div>
		{:else}
			<Learning {bench} {sessions} {study} />
		{/if}
	</div>
</section>
