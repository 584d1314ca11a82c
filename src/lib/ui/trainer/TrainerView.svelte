<script lang="ts">
	import { onDestroy, onMount, untrack } from 'svelte';
	import { READ_STEPS } from '$lib/core/trainer/steps';
	import { leftOf, type Exam } from '$lib/io/trainer/exam';
	import type { Glanced, Read } from '$lib/io/trainer/read';
	import { STEP_WORDS } from '$lib/io/trainer/words';
	import type { PupilFile } from '$lib/io/work/pupil';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import ClassList from './ClassList.svelte';
	import ExamBar from './ExamBar.svelte';
	import ExamsPart from './ExamsPart.svelte';
	import GlancesPart from './GlancesPart.svelte';
	import HowItGoes from './HowItGoes.svelte';
	import SittingBar from './SittingBar.svelte';
	import WholeShot from './WholeShot.svelte';
	import type { Source, Stock } from './stock';
	import { TrainerBench } from './trainerBench.svelte';

	interface Props {
		file: PupilFile;
		stock: Stock;
		/** What this pupil read before, the first one first. */
		kept: readonly Read[];
		glances: readonly Glanced[];
		/** What everybody read. */
		everybody: readonly Read[];
		exams: readonly Exam[];
	}
	const { file, stock, kept, glances, everybody, exams }: Props = $props();
	let tab = $state<'shot' | 'eyes' | 'exams'>('shot');

	const SOURCES = [
		{ value: 'made', label: 'Made up, as hard as suits you' },
		{ value: 'greens', label: 'Made up on your greens' },
		{ value: 'saved', label: 'Your saved shots' },
		{ value: 'lost', label: 'Shots you lost a stroke with' }
	] as const;
	const TABS = [
		{ id: 'shot', label: 'The whole shot' },
		{ id: 'eyes', label: 'Single looks' },
		{ id: 'exams', label: 'Exams' }
	] as const;
	const ALL = 'all';
	const noneOf = $derived<Record<Source, string>>({
		made: '',
		greens: 'No green is surveyed yet.',
		saved: 'No shot is saved yet.',
		lost: `${file.pupil.name} has no played shot that cost a stroke more than its forecast.`
	});

	const pool = new PlannerPool(startPlanner, 1);
	const bench = untrack(() => new TrainerBench(pool, file, () => stock, kept));
	onDestroy(() => {
		bench.clear();
		pool.close();
	});
	onMount(() => void attempt(() => bench.next()));

	const options = [
		{ value: ALL, label: 'All seven, in order' },
		...READ_STEPS.map((value) => ({ value, label: STEP_WORDS[value] }))
	];
	const another = () => attempt(() => bench.next());
	function sit() {
		timeIsUp = false;
		void attempt(() => bench.sit());
	}
	function getUp() {
		bench.getUp();
		timeIsUp = false;
		void another();
	}
	/** What everybody read, and what was read here just now. */
	const known = $derived([
		...everybody.filter(({ id }) => !bench.reads.some((read) => read.id === id)),
		...bench.reads
	]);
	let examBegan = $state(0);
	let timeIsUp = $state(false);
	const toAnswer = $derived(bench.exam ? leftOf(bench.exam, bench.reads, file.pupil.id).length : 0);
	function takeExam(exam: Exam) {
		bench.exam = exam;
		bench.getUp();
		examBegan = Date.now();
		timeIsUp = false;
		tab = 'shot';
		void another();
	}
	function leaveExam() {
		bench.exam = null;
		tab = 'exams';
		void another();
	}
	function take(source: Source) {
		bench.source = source;
		void another();
	}
	function only(step: string) {
		bench.only = READ_STEPS.find((one) => one === step) ?? null;
		void another();
	}
</script>

<section class="mx-auto grid max-w-7xl grid-cols-[minmax(0,1fr)] gap-3 p-4">
	<div class="flex flex-wrap items-end gap-3">
		<div class="min-w-0 flex-[1_1_18rem] max-md:basis-full">
			<ViewHeading text="Read the shot" />
			<p>Deciding is half of the short game. Decide as you would out there; then see it played.</p>
		</div>
		{#if tab === 'shot' && !bench.exam}
			<div class="flex flex-wrap items-end gap-3">
				<div class="w-60">
					<ChoiceField label="Shots" value={bench.source} options={SOURCES} onchange={take} />
				</div>
				{#if bench.sitting === null}
					<div class="w-52">
						<ChoiceField
							label="What is asked"
							value={bench.only ?? ALL}
							{options}
							onchange={only}
						/>
					</div>
					<button type="button" class="btn" onclick={sit}>Sit down for five minutes</button>
				{/if}
			</div>
		{/if}
	</div>
	<div class="max-w-sm">
		<TabBar
			label="What to train"
			tabs={TABS}
			active={tab}
			panel="trainer"
			onselect={(id) => (tab = id)}
		/>
	</div>
	<div
		id="trainer"
		role="tabpanel"
		aria-labelledby={`trainer-tab-${tab}`}
		class="grid grid-cols-[minmax(0,1fr)] gap-3"
	>
		{#if tab === 'eyes'}
			<GlancesPart {file} {pool} kept={glances} />
		{:else if tab === 'exams'}
			<ExamsPart {exams} reads={known} saved={stock.saved} ontake={takeExam} />
		{:else}
			{#if bench.exam}
				<ExamBar exam={bench.exam} {toAnswer} began={examBegan} bind:timeIsUp onleave={leaveExam} />
			{/if}
			{#if bench.sitting !== null}
				<SittingBar {bench} began={bench.sitting} bind:timeIsUp onagain={sit} onleave={getUp} />
			{/if}
			{#if bench.count === 0}
				<p class="problem">
					{noneOf[bench.source]} Made-up ones are asked meanwhile.
				</p>
			{/if}
			{#if bench.asked}
				{#key bench.asked}
					<WholeShot
						{bench}
						asked={bench.asked}
						{file}
						onnext={timeIsUp || (bench.exam && toAnswer === 0) ? null : () => void another()}
					/>
				{/key}
			{/if}
			<HowItGoes {bench} name={file.pupil.name} />
		{/if}
	</div>
	<ClassList reads={everybody} />
</section>
