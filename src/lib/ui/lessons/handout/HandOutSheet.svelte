<script lang="ts">
	import { untrack } from 'svelte';
	import type { RatioRow } from '$lib/core/today/ratios';
	import { lessonsBetween, daySpan } from '$lib/io/lessons/schedule';
	import { drillToGoOnWith, type Lesson } from '$lib/io/lessons/lesson';
	import { summaryOf } from '$lib/io/lessons/summary';
	import { dayLater, ownZone } from '$lib/io/lessons/wallTime';
	import type { PupilFile } from '$lib/io/work/pupil';
	import SetupFromAbove from '$lib/ui/drawing/SetupFromAbove.svelte';
	import SetupFromFront from '$lib/ui/drawing/SetupFromFront.svelte';
	import { longDayWords, noonOf } from '$lib/ui/format/dates';
	import DrillPicture from '$lib/ui/practice/drill/DrillPicture.svelte';
	import { standAlone } from '$lib/ui/practice/session/sessionPicture';
	import { drillOf } from '$lib/ui/practice/state/practiceState.svelte';
	import { askedFrom, ratioQuestion } from '$lib/ui/ratios/ratiosBench.svelte';
	import type { PlannerPool } from '$lib/workers/plannerPool';
	import type { LessonDesk } from '../state/lessonState.svelte';
	import { clubToShow, handOutOf, setupFor, USUAL_CHIP } from './handOut';
	import type { Drawing } from './paper';
	import type { DrawnPaper } from './paperPdf';
	import PaperSheet from './PaperSheet.svelte';

	interface Props {
		lesson: Lesson;
		desk: LessonDesk;
		file: PupilFile;
		pool: PlannerPool;
	}
	const { lesson, desk, file, pool }: Props = $props();

	const AHEAD_DAYS = 120;
	let sheet = $state<HTMLElement>();
	let ratios = $state.raw<readonly RatioRow[]>([]);
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

	untrack(() => {
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

	/** The page as it is now, with its drawings. */
	export const drawnPaper = (): DrawnPaper => ({
		paper,
		drawings: new Map((['setup', 'drill'] as const).map((id) => [id, drawn(id)]))
	});
</script>

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
