<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import Printer from '@lucide/svelte/icons/printer';
	import { longDayWords, noonOf } from '$lib/ui/format/dates';
	import { resolve } from '$app/paths';
	import {
		doneOf,
		drillsDoneOf,
		type Homework,
		type HomeworkCell
	} from '$lib/io/practice/homework';
	import { PLAIN_BALL, type Ball, type PupilFile } from '$lib/io/work/pupil';
	import { PRACTICE_CAUTIONS } from '$lib/io/words/drill';
	import { VOCABULARY_WORDS } from '$lib/io/words/skill';
	import { newId } from '$lib/store/base/newId';
	import { keepPupilFile } from '$lib/store/shelves/pupils';
	import CarriesForm from '$lib/ui/controls/CarriesForm.svelte';
	import { lengthStyle } from '$lib/ui/format/lengths';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import type { DrillDraft } from '$lib/io/practice/drill';
	import type { Session } from '$lib/io/practice/session';
	import { cellWords, timesWords } from './homeworkWords';
	import { drillOf } from '$lib/ui/practice/state/practiceState.svelte';

	interface Props {
		homework: Homework;
		file: PupilFile;
		sessions: readonly Session[];
		/** Drills of somebody's own. */
		ownDrills: readonly DrillDraft[];
	}
	const { homework, file, sessions, ownDrills }: Props = $props();

	/** More boxes than this would not fit a line of the page. */
	const MOST_BOXES = 12;
	const { pupil } = $derived(file);
	const style = $derived(lengthStyle(pupil.units, pupil.pace));
	const cells = $derived(doneOf(homework, file.balls));
	const drills = $derived(drillsDoneOf(homework, sessions));

	/** What was written into a line of the page becomes balls. */
	function note(cell: HomeworkCell, carries: readonly number[]) {
		const at = new Date().toISOString();
		const balls = carries.map((carry): Ball => ({
			...PLAIN_BALL,
			tags: [],
			id: newId(),
			pupilId: pupil.id,
			clubId: cell.clubId,
			at,
			swing: cell.swing,
			flight: cell.flight,
			carry,
			source: 'typed'
		}));
		const before = file;
		return attempt(async () => {
			await keepPupilFile(before, { ...before, balls: [...before.balls, ...balls] });
			tell(`${soMany(balls.length, 'carry', 'carries')} noted.`);
		});
	}
</script>

<article class="mx-auto grid max-w-3xl gap-5 p-4 print:max-w-none print:p-0">
	<div class="flex flex-wrap gap-2 print:hidden">
		<button type="button" class="btn btn-neutral" onclick={() => print()}>
			<Printer size={18} aria-hidden="true" /> Print it, or save it as PDF
		</button>
		<a class="btn" href={resolve('/practice')}>Practice</a>
	</div>
	<header class="border-b-2 border-(--ink) pb-2">
		<ViewHeading text={homework.name} />
		<p class="text-lg">
			{pupil.name} · by {longDayWords(noonOf(homework.due))}
		</p>
		{#if homework.note}<p class="wrap-anywhere">{homework.note}</p>{/if}
		{#if pupil.minding}<p class="font-bold">Mind: {pupil.minding}</p>{/if}
	</header>
	{#if cells.length > 0}
		<p>
			For each swing: hit the balls, pace or tape where each one <b>lands</b>, and write it into its
			box in {style.unit}. Keep the rhythm the same; only the length changes. Cross out a ball that
			was a plain miss, and leave it in.
		</p>
	{/if}
	{#each drills as drill, i (i)}
		{@const found = drillOf(ownDrills, drill.drillId)}
		<section class="grid break-inside-avoid gap-2">
			<h2 class="text-xl font-bold">
				{drill.name}
				<span class="text-base font-normal"
					>{timesWords(drill.times)}{drill.done > 0 ? `, ${timesWords(drill.done)} done` : ''}</span
				>
			</h2>
			{#if found}
				<ol class="list-decimal pl-6">
					{#each found.steps as step, at (at)}<li>{step}</li>{/each}
				</ol>
			{/if}
			<div class="flex flex-wrap gap-2" aria-hidden="true">
				{#each { length: drill.times } as _, box (box)}
					<span class="h-12 w-20 border-2 border-(--ink)"></span>
				{/each}
			</div>
			<p class="hint">Write the score into a box each time: how many were as meant, of how many.</p>
		</section>
	{/each}
	{#each cells as cell, i (i)}
		<section class="grid break-inside-avoid gap-2">
			<h2 class="text-xl font-bold">
				{cellWords(cell, file)}
				<span class="text-base font-normal"
					>{soMany(cell.balls, 'ball')}{cell.done > 0 ? `, ${cell.done} noted` : ''}</span
				>
			</h2>
			<div class="flex flex-wrap gap-2" aria-hidden="true">
				{#each { length: Math.min(MOST_BOXES, cell.balls) } as _, box (box)}
					<span class="h-12 w-14 border-2 border-(--ink)"></span>
				{/each}
			</div>
			<div class="print:hidden">
				<CarriesForm
					label={`Typed from the page, ${style.symbol}`}
					{style}
					ways={[{ label: 'Note them', onnote: (carries) => note(cell, carries) }]}
				/>
			</div>
		</section>
	{/each}
	<footer class="grid gap-2 border-t border-(--rule) pt-3 text-sm">
		<p>
			Swings in {VOCABULARY_WORDS[pupil.vocabulary].name.toLowerCase()} words: {VOCABULARY_WORDS[
				pupil.vocabulary
			].means}.
		</p>
		<ul class="grid gap-0.5 pl-5 [list-style:square]">
			{#each PRACTICE_CAUTIONS as caution (caution)}<li>{caution}</li>{/each}
		</ul>
	</footer>
</article>
