<script lang="ts">
	import { onDestroy } from 'svelte';
	import type { Block, Lesson } from '$lib/io/lessons/lesson';
	import { BLOCK_WORDS, proposalHeading } from '$lib/io/lessons/words';
	import { daySpan, lessonsBetween } from '$lib/io/lessons/schedule';
	import { dayLater, ownZone } from '$lib/io/lessons/wallTime';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { readLog } from '$lib/store/shelves/log';
	import { readShelf } from '$lib/store/shelves/reads';
	import { shotShelf } from '$lib/store/shelves/savedShots';
	import WorkBar from '$lib/ui/controls/WorkBar.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import type { LessonDesk } from '../state/lessonState.svelte';
	import { ProposalStudy, shotsOf } from '../state/proposalStudy.svelte';

	interface Props {
		lesson: Lesson;
		file: PupilFile;
		desk: LessonDesk;
		/** Takes the blocks instead of those that are open, or behind them. */
		ontake: (blocks: readonly Block[], instead: boolean) => void;
	}
	const { lesson, file, desk, ontake }: Props = $props();

	const YEAR = 366;
	const pool = new PlannerPool(startPlanner);
	const study = new ProposalStudy(pool);
	onDestroy(() => {
		study.clear();
		pool.close();
	});
	const proposed = $derived(study.proposed);

	const start = () =>
		attempt(async () => {
			const [saved, log, reads] = await Promise.all([
				shotShelf.read(),
				readLog(),
				readShelf.read()
			]);
			const span = daySpan(dayLater(lesson.day, -YEAR), ownZone(), YEAR);
			await study.start(lesson, file, {
				practice: desk.practice,
				shots: shotsOf(saved.rows, log.plays, file.pupil.id),
				reads: reads.rows,
				lessons: lessonsBetween(desk.book, ...span)
			});
		});

	function take(instead: boolean) {
		if (proposed) ontake(proposed.blocks, instead);
		study.clear();
	}
</script>

<section class="grid gap-2" aria-label="Proposal">
	{#if proposed}
		<p class="font-bold">{proposalHeading(file.pupil.name, proposed)}</p>
		<ol class="grid list-decimal gap-1.5 pl-6">
			{#each proposed.blocks as block (block.id)}
				<li class="wrap-anywhere">
					<b>{block.title}</b>
					<span class="text-(--faint)">{BLOCK_WORDS[block.kind]}, {block.minutes} min</span>
					{#if block.why}<span class="block">{block.why}</span>{/if}
				</li>
			{/each}
		</ol>
		<div class="flex flex-wrap gap-2">
			<button type="button" class="btn btn-neutral" onclick={() => take(true)}>Take it</button>
			{#if lesson.blocks.length > 0}
				<button type="button" class="btn" onclick={() => take(false)}>Add it behind</button>
			{/if}
			<button type="button" class="btn btn-ghost" onclick={() => study.clear()}>Leave it</button>
		</div>
	{:else}
		<WorkBar
			status={study.status}
			progress={study.progress}
			failure={study.failure}
			label={`Propose ${lesson.minutes} minutes for ${file.pupil.name}`}
			onstart={() => void start()}
			onstop={() => study.cancel()}
		/>
		<p class="hint">
			From habits, what is not measured, open homework and what was worked on when: first what is
			due, then what saves most strokes a minute on {file.pupil.name}’s own shots.
		</p>
	{/if}
</section>
