<script lang="ts">
	import Download from '@lucide/svelte/icons/download';
	import Printer from '@lucide/svelte/icons/printer';
	import Share2 from '@lucide/svelte/icons/share-2';
	import { onDestroy, onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import type { RatioRow } from '$lib/core/today/ratios';
	import { lessonsBetween, daySpan } from '$lib/io/lessons/schedule';
	import { drillToGoOnWith, type Lesson } from '$lib/io/lessons/lesson';
	import { summaryOf } from '$lib/io/lessons/summary';
	import { dayLater, ownZone } from '$lib/io/lessons/wallTime';
	import SetupFromAbove from '$lib/ui/drawing/SetupFromAbove.svelte';
	import SetupFromFront from '$lib/ui/drawing/SetupFromFront.svelte';
	import { downloadBlob, fileNameOf } from '$lib/ui/files/download';
	import { canShareFiles, handOverBlob } from '$lib/ui/files/share';
	import { longDayWords, noonOf } from '$lib/ui/format/dates';
	import DrillPicture from '$lib/ui/practice/drill/DrillPicture.svelte';
	import { standAlone } from '$lib/ui/practice/session/sessionPicture';
	import { drillOf } from '$lib/ui/practice/state/practiceState.svelte';
	import { askedFrom, ratioQuestion } from '$lib/ui/ratios/ratiosBench.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import type { LessonDesk } from '../state/lessonState.svelte';
	import { clubToShow, handOutOf, setupFor, USUAL_CHIP } from './handOut';
	import type { Drawing } from './paper';
	import PaperSheet from './PaperSheet.svelte';
	import PaperSizeField from './PaperSizeField.svelte';
	import type { PaperSize } from './pdf';

	interface Props {
		lesson: Lesson;
		desk: LessonDesk;
	}
	const { lesson, desk }: Props = $props();

	const AHEAD_DAYS = 120;
	let size = $state<PaperSize>('A4');
	let sheet = $state<HTMLElement>();
	let ratios = $state.raw<readonly RatioRow[]>([]);
	/** Whoever plays, where they come to this lesson; else the first who does. */
	const file = $derived(
		lesson.pupilIds.includes(playing.file.pupil.id)
			? playing.file
			: playing.of(lesson.pupilIds[0] ?? '')
	);
	const summary = $derived(summaryOf(lesson, desk.practice.sessions, file));
	const book = $derived(desk.greens.find(({ green }) => green.id === lesson.greenIds[0]));
	const reading = $derived(book?.readings[0]);
	const drillId = $derived(drillToGoOnWith(lesson));
	const drill = $derived((drillId && drillOf(desk.practice.drills, drillId)) || null);
	const setup = $derived(setupFor(file, clubToShow(file, summary)));
	const homework = $derived(
		desk.practice.homework
			.filter(({ pupilId }) => pupilId === file.pupil.id)
			.reduce<(typeof desk.practice.homework)[number] | null>(
				(newest, one) => (newest && newest.givenAt > one.givenAt ? newest : one),
				null
			)
	);
	const next = $derived(
		lessonsBetween(desk.book, ...daySpan(dayLater(lesson.day, 1), ownZone(), AHEAD_DAYS)).find(
			({ lesson: other }) => !other.cancelled && other.pupilIds.includes(file.pupil.id)
		)
	);
	const paper = $derived(
		handOutOf({
			lesson,
			file,
			summary,
			ratios,
			green:
				book && reading ? `${book.green.name}, ${reading.stimpFeet} ft` : 'an even green, 10 ft',
			drill,
			setup,
			homework,
			next: next ? `${longDayWords(noonOf(next.lesson.day))}, ${next.lesson.time}` : ''
		})
	);

	const pool = new PlannerPool(startPlanner, 1);
	onDestroy(() => pool.close());
	onMount(() => {
		const asked = { ...askedFrom(reading, Date.now()), carries: [USUAL_CHIP], slopes: [0] };
		pool.ratios(ratioQuestion(asked, file), []).then(
			({ rows }) => (ratios = rows),
			() => {}
		);
	});

	const drawn = (id: Drawing['id']) =>
		[...(sheet?.querySelectorAll<HTMLElement>(`[data-drawing=${id}] figure`) ?? [])].map(
			standAlone
		);
	const name = $derived(`hand-out-${fileNameOf(file.pupil.name)}-${lesson.day}.pdf`);
	async function pdf(): Promise<Blob> {
		const [{ paperPdf }, { paperFonts }] = await Promise.all([
			import('./paperPdf'),
			import('./pdf')
		]);
		const drawings = new Map((['setup', 'drill'] as const).map((id) => [id, drawn(id)]));
		const bytes = await paperPdf(paper, drawings, size, await paperFonts());
		return new Blob([bytes], { type: 'application/pdf' });
	}
	const save = () => attempt(async () => downloadBlob(name, await pdf()));
	const share = () => attempt(async () => void (await handOverBlob(name, await pdf())));
</script>

<section class="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-4 p-4 print:p-0">
	<div class="flex flex-wrap items-end justify-between gap-3 print:hidden">
		<ViewHeading text={`Hand-out for ${file.pupil.name}`} />
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
	<div bind:this={sheet}>
		<PaperSheet {paper}>
			{#snippet drawing(of)}
				<div class="flex gap-2" data-drawing={of.id}>
					{#if of.id === 'setup' && setup}
						<div class="w-28">
							<SetupFromFront setup={setup.advice} left={file.pupil.hand === 'left'} />
						</div>
						<div class="w-28">
							<SetupFromAbove setup={setup.advice} left={file.pupil.hand === 'left'} />
						</div>
					{:else if drill}
						<figure><DrillPicture rules={drill.rules} width={150} /></figure>
					{/if}
				</div>
			{/snippet}
		</PaperSheet>
	</div>
</section>
