<script lang="ts">
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import type { Appointment } from '$lib/io/lessons/lesson';
	import { lessonCalendar } from '$lib/io/lessons/calendarOut';
	import { appointed, movedTo } from '$lib/io/lessons/schedule';
	import { endedBefore, splitSeries } from '$lib/io/lessons/series';
	import { ruleWords } from '$lib/io/lessons/words';
	import { newId } from '$lib/store/base/newId';
	import { keepLessons, removeLesson, removeSeries } from '$lib/store/shelves/lessons';
	import { download, fileNameOf } from '$lib/ui/files/download';
	import { dayWords, noonOf } from '$lib/ui/format/dates';
	import { attempt, removeWithUndo } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { cancelLesson } from '../schedule/moveLesson';
	import type { LessonBench } from '../state/lessonBench.svelte';
	import { whoComes, type LessonDesk } from '../state/lessonState.svelte';
	import AppointmentFields from './AppointmentFields.svelte';

	interface Props {
		bench: LessonBench;
		desk: LessonDesk;
	}
	const { bench, desk }: Props = $props();

	const { lesson } = $derived(bench);
	const all = $derived([...desk.book.lessons, ...desk.book.series]);
	const distinct = (texts: readonly string[]) => [...new Set(texts.filter(Boolean))].sort();
	const series = $derived(desk.book.series.find(({ id }) => id === lesson.seriesId));

	const change = (part: Partial<Appointment>) =>
		bench.become((one) => {
			const moved = movedTo(one, { day: part.day ?? one.day, time: part.time ?? one.time });
			return { ...moved, ...part };
		});

	/** From this lesson on all of the series is as this one is. */
	const fromHereOn = () =>
		attempt(async () => {
			if (!series) return;
			await bench.flush();
			const [before, after] = splitSeries(series, lesson, newId());
			const undo = await keepLessons({ series: [before, after] });
			const removed = await removeLesson(lesson.id);
			tell('From here on all are like this one.', {
				label: 'Undo',
				run: () => void attempt(async () => (await removed(), await undo()))
			});
			await goto(resolve('/lessons'));
		});
	const endHere = () =>
		attempt(async () => {
			if (!series) return;
			const first = lesson.occurrence ?? lesson.day;
			// A series without any lesson left is none.
			const undo = await (series.day >= first
				? removeSeries(series.id)
				: keepLessons({ series: [endedBefore(series, first)] }));
			const removed = await removeLesson(lesson.id);
			tell('The series ends before this lesson.', {
				label: 'Undo',
				run: () => void attempt(async () => (await removed(), await undo()))
			});
			await goto(resolve('/lessons'));
		});
	const cancel = async () => {
		await bench.flush();
		await cancelLesson(lesson, !lesson.cancelled);
	};
	const remove = async () => {
		await bench.flush();
		const gone = await removeWithUndo(`Removed the lesson of ${whoComes(lesson)}.`, () =>
			removeLesson(lesson.id)
		);
		if (gone) await goto(resolve('/lessons'));
	};
	const calendar = () =>
		attempt(() => {
			const words = () => ({ title: `Golf lesson: ${whoComes(lesson)}`, description: lesson.aim });
			download(
				`lesson-${fileNameOf(whoComes(lesson))}-${lesson.day}.ics`,
				lessonCalendar([appointed(lesson)], words),
				'text/calendar'
			);
			return Promise.resolve();
		});
</script>

<section class="grid gap-3" aria-label="When and where">
	<h2 class="ruled-heading">When and where</h2>
	<AppointmentFields
		value={lesson}
		greens={desk.greens}
		coaches={distinct(all.map(({ coach }) => coach))}
		places={distinct(all.map(({ place }) => place))}
		onchange={change}
	/>
	{#if series}
		<p>
			It comes {ruleWords(series.rule, (day) => dayWords(noonOf(day)))}. What is changed here
			changes this lesson only.
		</p>
		<div class="flex flex-wrap gap-2">
			<button type="button" class="btn" onclick={() => void fromHereOn()}
				>All from here on like this one</button
			>
			<button type="button" class="btn" onclick={() => void endHere()}
				>End the series before this one</button
			>
		</div>
	{/if}
	<div class="flex flex-wrap gap-2">
		<button type="button" class="btn" onclick={() => void cancel()}
			>{lesson.cancelled ? 'It takes place after all' : 'Cancel it'}</button
		>
		<button type="button" class="btn" onclick={() => void calendar()}>Calendar entry</button>
		{#if !lesson.seriesId}
			<button type="button" class="btn" onclick={() => void remove()}>Remove it</button>
		{/if}
	</div>
</section>
