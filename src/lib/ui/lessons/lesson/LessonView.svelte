<script lang="ts">
	import { LETTERS } from '$lib/io/fields/ranges';
	import { onMount, untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import {
		beginBlock,
		blockAtHand,
		stateOfLesson,
		unplayed,
		type Block,
		type Lesson
	} from '$lib/io/lessons/lesson';
	import { hasRounds } from '$lib/io/lessons/rounds';
	import { usualNotes } from '$lib/io/lessons/summary';
	import {
		appointed,
		clashesOf,
		daySpan,
		lessonById,
		lessonsBetween,
		lessonsHad,
		packageState
	} from '$lib/io/lessons/schedule';
	import { clashWords, hoursWords, STATE_WORDS } from '$lib/io/lessons/words';
	import { dayLater, laterByClock, ownZone } from '$lib/io/lessons/wallTime';
	import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
	import type { SavedShot } from '$lib/io/work/shot';
	import { newId } from '$lib/store/base/newId';
	import { keepLessonPlan } from '$lib/store/shelves/lessons';
	import { longDayWords, noonOf } from '$lib/ui/format/dates';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { historyShortcuts, shortcuts } from '$lib/ui/shell/shortcuts.svelte';
	import { forPupil } from '$lib/ui/shell/pupilAsked.svelte';
	import UndoButtons from '$lib/ui/shell/UndoButtons.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import FreeText from '$lib/ui/controls/FreeText.svelte';
	import RowNotes from '$lib/ui/shell/RowNotes.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { LessonBench } from '../state/lessonBench.svelte';
	import { pupilName, whereWords, whoComes, type LessonDesk } from '../state/lessonState.svelte';
	import ClinicRun from '../clinic/ClinicRun.svelte';
	import StationsPanel from '../clinic/StationsPanel.svelte';
	import AfterPanel from './AfterPanel.svelte';
	import BlockList from './BlockList.svelte';
	import PackageLine from './PackageLine.svelte';
	import ProposeFor from './ProposeFor.svelte';
	import RoundsPanel from './RoundsPanel.svelte';
	import RunPanel from './RunPanel.svelte';
	import WhenPanel from './WhenPanel.svelte';

	interface Props {
		lesson: Lesson;
		desk: LessonDesk;
		shots: readonly SavedShot[];
	}
	const { lesson: opened, desk, shots }: Props = $props();

	const YEAR = 366;
	const bench = untrack(() => new LessonBench(opened));
	$effect(() => {
		const stored = lessonById(desk.book, bench.lesson.id);
		untrack(() => stored && bench.follow(stored));
	});
	onMount(() => {
		const stop = shortcuts.use({ heading: 'This lesson', shortcuts: historyShortcuts(bench) });
		return () => {
			stop();
			void bench.close();
		};
	});

	const lesson = $derived(bench.lesson);
	const state = $derived(stateOfLesson(lesson));
	const drills = $derived([...desk.practice.drills, ...SHIPPED_DRILLS]);
	const saved = $derived(shots.filter(({ shot }) => lesson.pupilIds.includes(shot.pupilId ?? '')));
	const files = $derived(
		lesson.pupilIds.flatMap((id) => playing.files.find(({ pupil }) => pupil.id === id) ?? [])
	);
	const own = $derived(appointed(lesson));
	const year = $derived(
		lessonsBetween(desk.book, ...daySpan(dayLater(lesson.day, -YEAR), ownZone(), 2 * YEAR))
	);
	const before = $derived(
		lesson.pupilIds.flatMap((id) =>
			lessonsHad(year, id, Date.now())
				.map((one) => one.lesson)
				.filter((one) => one.id !== lesson.id)
		)
	);
	const greenName = (id: string) =>
		desk.greens.find(({ green }) => green.id === id)?.green.name ?? 'a green that is gone';
	const clashes = $derived(
		clashesOf(year.filter(({ start, end }) => start < own.end && end > own.start))
			.filter(({ one, other }) => one.id === lesson.id || other.id === lesson.id)
			.map((clash) => clashWords(clash, lesson, { pupil: pupilName, green: greenName }))
	);
	const line = $derived(
		[
			`${longDayWords(noonOf(lesson.day))}, ${lesson.time} to ${laterByClock(lesson, lesson.minutes).time}`,
			whereWords(lesson, desk.greens),
			lesson.coach
		]
			.filter(Boolean)
			.join(' · ')
	);

	function take(blocks: readonly Block[], instead: boolean) {
		bench.change((one) => {
			const kept = instead ? one.blocks.filter(({ state: is }) => is !== 'open') : one.blocks;
			one.blocks = [...kept, ...blocks];
		});
		tell(instead ? 'The plan is in the lesson.' : 'The plan is behind what was there.', {
			label: 'Undo',
			run: () => bench.undo()
		});
	}
	const begin = () => {
		const block = blockAtHand(lesson);
		if (!block) return;
		bench.become((one) => beginBlock(one, block.id, Date.now()));
		// What is asked meanwhile is asked for this pupil.
		if (files.length === 1) playing.choose(files[0]!.pupil.id);
	};
	const keepAsPlan = () =>
		attempt(async () => {
			const plan = {
				id: newId(),
				name: (lesson.aim || `Lesson of ${whoComes(lesson)}`).slice(0, 60),
				aim: lesson.aim,
				blocks: unplayed(lesson.blocks, newId).map((block) => ({ ...block, why: '' }))
			};
			const undo = await keepLessonPlan(plan);
			tell(`Kept as the plan “${plan.name}”.`, { label: 'Undo', run: () => void attempt(undo) });
		});
</script>

<!-- While a lesson goes on its block has the whole width. -->
<section
	class={[
		'mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-4 p-4',
		state !== 'running' && 'lg:grid-cols-[minmax(0,1fr)_24rem] lg:[&>.wide]:col-span-2'
	]}
>
	<div class="wide flex flex-wrap items-start gap-2">
		<div class="min-w-0 flex-[1_1_30rem] max-md:basis-full">
			<ViewHeading text={whoComes(lesson)} also={longDayWords(noonOf(lesson.day))} />
			<p class="text-lg wrap-anywhere">{line}</p>
			{#if lesson.aim}<p class="text-lg font-bold wrap-anywhere">{lesson.aim}</p>{/if}
			{#each files as { pupil } (pupil.id)}
				{#if pupil.minding}
					<p class="font-bold wrap-anywhere text-(--clay)">
						Mind{files.length > 1 ? `, ${pupil.name}` : ''}: {pupil.minding}
					</p>
				{/if}
			{/each}
		</div>
		<div class="flex flex-wrap gap-2 max-md:w-full">
			<a class="btn" href={resolve('/lessons')}>All lessons</a>
			<UndoButtons {bench} />
			{#if state === 'planned' && lesson.blocks.length > 0}
				<button type="button" class="btn btn-neutral btn-lg max-md:w-full" onclick={begin}
					>Begin the lesson</button
				>
			{/if}
		</div>
	</div>
	<RowNotes {bench} />
	{#each clashes as clash (clash)}<p class="problem wide">{clash}</p>{/each}
	<div class="grid min-w-0 content-start gap-4">
		{#if state === 'cancelled'}
			<p class="text-xl font-bold">This lesson is {STATE_WORDS.cancelled}.</p>
		{:else if state === 'running'}
			{#if lesson.rounds?.round}
				<ClinicRun {bench} notes={usualNotes(before)} />
			{:else}
				<RunPanel {bench} {desk} notes={usualNotes(before)} />
			{/if}
			{#if hasRounds(lesson)}
				<RoundsPanel {bench} />
				<details>
					<summary class="min-h-11 cursor-pointer py-3 font-semibold"
						>Where the stations are</summary
					>
					<StationsPanel {bench} {desk} />
				</details>
			{/if}
		{:else if state === 'ended'}
			<AfterPanel {bench} {desk} />
		{/if}
		{#if state === 'planned'}
			<div class="grid gap-3">
				<h2 class="ruled-heading">The plan</h2>
				<BlockList {bench} plans={desk.book.lessonPlans} {drills} shots={saved} />
				{#if hasRounds(lesson)}
					<RoundsPanel {bench} />
					<StationsPanel {bench} {desk} />
				{/if}
				<ProposeFor {lesson} {files} {desk} ontake={take} />
				{#if lesson.blocks.length > 0}
					<div>
						<button type="button" class="btn" onclick={() => void keepAsPlan()}
							>Keep it as a plan of your own</button
						>
					</div>
				{/if}
			</div>
		{/if}
	</div>
	<div class="grid content-start gap-6">
		{#each files as { pupil } (pupil.id)}
			<section class="grid gap-1" aria-label={pupil.name}>
				<h2 class="ruled-heading">
					<a class="underline decoration-(--rule)" href={resolve('/pupils/[id]', { id: pupil.id })}
						>{pupil.name}</a
					>
				</h2>
				{#if pupil.notes}<p class="wrap-anywhere">{pupil.notes}</p>{/if}
				<p class="flex flex-wrap gap-x-4">
					<a class="underline" href={resolve(`/lessons/progress${forPupil(pupil.id)}`)}>Progress</a>
					<a class="underline" href={resolve(`/lessons/card${forPupil(pupil.id)}`)}>Pocket card</a>
				</p>
				{#if hoursWords(lessonsHad(year, pupil.id, Date.now()))}
					<p>{hoursWords(lessonsHad(year, pupil.id, Date.now()))}</p>
				{/if}
				<PackageLine
					pupilId={pupil.id}
					day={lesson.day}
					had={packageState(desk.book.packages, year, pupil.id, Date.now())}
				/>
			</section>
		{/each}
		<FreeText
			long
			label="Your own notes, never given away"
			value={lesson.notes}
			most={LETTERS.notes}
			onchange={(notes) => bench.change((one) => (one.notes = notes))}
		/>
		{#if state === 'planned' || state === 'cancelled'}
			<WhenPanel {bench} {desk} />
		{:else}
			<details>
				<summary class="min-h-11 cursor-pointer py-3 font-semibold">When and where</summary>
				<WhenPanel {bench} {desk} />
			</details>
		{/if}
		{#if state === 'running'}
			<details>
				<summary class="min-h-11 cursor-pointer py-3 font-semibold">Change the plan</summary>
				<BlockList {bench} plans={desk.book.lessonPlans} {drills} shots={saved} />
			</details>
		{/if}
	</div>
</section>
