<script lang="ts">
	import Download from '@lucide/svelte/icons/download';
	import Printer from '@lucide/svelte/icons/printer';
	import Share2 from '@lucide/svelte/icons/share-2';
	import { onDestroy } from 'svelte';
	import { resolve } from '$app/paths';
	import type { Lesson } from '$lib/io/lessons/lesson';
	import { downloadBlob, fileNameOf } from '$lib/ui/files/download';
	import { canShareFiles, handOverBlob } from '$lib/ui/files/share';
	import { attempt } from '$lib/ui/shell/attempt';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import { whoComes, type LessonDesk } from '../state/lessonState.svelte';
	import HandOutSheet from './HandOutSheet.svelte';
	import PaperSizeField from './PaperSizeField.svelte';
	import type { PaperSize } from './pdf';

	interface Props {
		lesson: Lesson;
		desk: LessonDesk;
		/** Of everybody who came, a page each. */
		all: boolean;
	}
	const { lesson, desk, all }: Props = $props();

	let size = $state<PaperSize>('A4');
	/** Whoever plays, where they come to this lesson; else the first who does. */
	const one = $derived(
		lesson.pupilIds.includes(playing.file.pupil.id)
			? playing.file
			: playing.of(lesson.pupilIds[0] ?? '')
	);
	const files = $derived(
		all
			? lesson.pupilIds.flatMap((id) => playing.files.find(({ pupil }) => pupil.id === id) ?? [])
			: [one]
	);
	const sheets = $state<Record<string, HandOutSheet | undefined>>({});
	const who = $derived(all ? whoComes(lesson) : one.pupil.name);

	const pool = new PlannerPool(startPlanner, 1);
	onDestroy(() => pool.close());

	const name = $derived(
		`hand-out-${all ? 'everybody' : fileNameOf(one.pupil.name)}-${lesson.day}.pdf`
	);
	async function pdf(): Promise<Blob> {
		const [{ papersPdf }, { paperFonts }] = await Promise.all([
			import('./paperPdf'),
			import('./pdf')
		]);
		const papers = files.flatMap(({ pupil }) => sheets[pupil.id]?.drawnPaper() ?? []);
		const bytes = await papersPdf(papers, who, size, await paperFonts());
		return new Blob([bytes], { type: 'application/pdf' });
	}
	const save = () => attempt(async () => downloadBlob(name, await pdf()));
	const share = () => attempt(async () => void (await handOverBlob(name, await pdf())));
</script>

<section class="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-4 p-4 print:p-0">
	<div class="flex flex-wrap items-end justify-between gap-3 print:hidden">
		<ViewHeading text={all ? `Hand-outs for ${who}` : `Hand-out for ${who}`} />
		<div class="flex flex-wrap items-end gap-2">
			<PaperSizeField bind:size />
			<button type="button" class="btn btn-neutral" onclick={() => void save()}
				><Download size={18} aria-hidden="true" /> PDF</button
			>
			{#if canShareFiles()}
				<button type="button" class="btn" onclick={() => void share()}
					><Share2 size={18} aria-hidden="true" /> Share</button
				>
			{/if}
			<button type="button" class="btn" onclick={() => print()}
				><Printer size={18} aria-hidden="true" /> Print</button
			>
			<a class="btn" href={resolve('/lessons/[id]', { id: lesson.id })}>The lesson</a>
		</div>
	</div>
	<p class="hint print:hidden">
		What stands under “For the hand-out” on the lesson’s page is told first. Your own notes never
		come here.
	</p>
	{#each files as file (file.pupil.id)}
		<div class="not-first:break-before-page">
			<HandOutSheet {lesson} {desk} {file} {pool} bind:this={sheets[file.pupil.id]} />
		</div>
	{/each}
</section>
