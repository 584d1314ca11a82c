<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import Printer from '@lucide/svelte/icons/printer';
	import { resolve } from '$app/paths';
	import type { Play } from '$lib/io/log/play';
	import { daySpan, lessonsBetween, lessonsHad } from '$lib/io/lessons/schedule';
	import { dayLater, ownZone, wallOf } from '$lib/io/lessons/wallTime';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { noonOf, shortDayWords, shortMonthWords } from '$lib/ui/format/dates';
	import DebtTrend from '$lib/ui/log/trends/DebtTrend.svelte';
	import LeaveTrend from '$lib/ui/log/trends/LeaveTrend.svelte';
	import TrendChart from '$lib/ui/log/trends/TrendChart.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import type { LessonDesk } from '../state/lessonState.svelte';
	import { knownPoints, knownWords, placesAmong, scoreCourses } from './progressPoints';

	interface Props {
		file: PupilFile;
		desk: LessonDesk;
		/** The pupil's. */
		plays: readonly Play[];
	}
	const { file, desk, plays }: Props = $props();

	const YEARS = 366 * 2;
	const MOST_COURSES = 4;
	const today = wallOf(Date.now(), ownZone()).day;
	const lessons = $derived(
		lessonsHad(
			lessonsBetween(desk.book, ...daySpan(dayLater(today, -YEARS), ownZone(), YEARS + 1)),
			file.pupil.id,
			Date.now()
		).map(({ start }) => new Date(start).toISOString())
	);
	const courses = $derived(scoreCourses(desk.practice.sessions, file).slice(0, MOST_COURSES));
	const known = $derived(knownPoints(file));
	const percent = (share: number) => `${Math.round(100 * share)} %`;
	/** The middle of a stretch of the log, as a moment. */
	const midst = (when: string) =>
		(when.length > 7 ? noonOf(when) : noonOf(`${when}-15`)).toISOString();
	const marked = (points: readonly string[]) => placesAmong(points, lessons);
</script>

<section class="mx-auto grid max-w-6xl grid-cols-[minmax(0,1fr)] gap-5 p-4 print:p-0">
	<div class="flex flex-wrap items-end justify-between gap-3">
		<ViewHeading text={`Progress of ${file.pupil.name}`} />
		<div class="flex gap-2 print:hidden">
			<button type="button" class="btn" onclick={() => print()}
				><Printer size={18} aria-hidden="true" /> Print</button
			>
			<a class="btn" href={resolve('/pupils/[id]', { id: file.pupil.id })}>The pupil</a>
		</div>
	</div>
	<p class="hint">
		{lessons.length === 0
			? 'No lesson was had yet.'
			: `${soMany(lessons.length, 'lesson')} had: each is a thin upright line.`}
		What luck alone could make is said so.
	</p>
	<div class="grid gap-x-10 gap-y-6 lg:grid-cols-2 print:grid-cols-2">
		{#each courses as course (course.drillId)}
			<section class="min-w-0 break-inside-avoid" aria-label={course.name}>
				<h2 class="ruled-heading">{course.name}</h2>
				<TrendChart
					marks={course.points.map(({ at, share }) => ({
						label: shortDayWords(at),
						low: share.low,
						value: share.hits / share.of,
						high: share.high
					}))}
					flags={marked(course.points.map(({ at }) => at))}
					words={course.words}
					unit="as meant"
					tick={percent}
					domain={[0, 1]}
					caption="Band: what each share may be, nine times in ten."
					heads={['When', 'As meant', 'Nine times in ten']}
					rows={() =>
						course.points
							.toReversed()
							.map(({ at, share }) => [
								shortDayWords(at),
								`${share.hits} of ${share.of}`,
								`${percent(share.low)} to ${percent(share.high)}`
							])}
				/>
			</section>
		{/each}
		<section class="min-w-0 break-inside-avoid" aria-label="Left to the hole">
			<h2 class="ruled-heading">Left to the hole</h2>
			<LeaveTrend {plays} flags={(stretches) => marked(stretches.map(midst))} />
		</section>
		<section class="min-w-0 break-inside-avoid" aria-label="Strokes against the forecast">
			<h2 class="ruled-heading">Strokes against the forecast</h2>
			<DebtTrend {plays} flags={marked} />
		</section>
		<section class="min-w-0 break-inside-avoid" aria-label="Carries known">
			<h2 class="ruled-heading">Carries known</h2>
			<TrendChart
				marks={known.map(({ month, known: count }) => ({
					label: shortMonthWords(noonOf(`${month}-15`)),
					low: count,
					value: count,
					high: count
				}))}
				flags={marked(known.map(({ month }) => midst(month)))}
				words={knownWords(known)}
				unit="swings"
				tick={(value) => (Number.isInteger(value) ? String(value) : '')}
				domain={[0, 4]}
				caption="Swings of which enough balls tell the carry."
				heads={['Month', 'Swings']}
				rows={() =>
					known
						.toReversed()
						.map(({ month, known: count }) => [
							shortMonthWords(noonOf(`${month}-15`)),
							String(count)
						])}
			/>
		</section>
	</div>
</section>
