<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import CalendarDays from '@lucide/svelte/icons/calendar-days';
	import { MOST_CALENDAR_BYTES, readCalendar, takeEntries } from '$lib/io/lessons/calendarIn';
	import { lessonCalendar } from '$lib/io/lessons/calendarOut';
	import type { Lesson } from '$lib/io/lessons/lesson';
	import { daySpan, lessonsBetween, type Schedule } from '$lib/io/lessons/schedule';
	import { dayLater, mondayOf, ownZone } from '$lib/io/lessons/wallTime';
	import { keepLessons, type LessonBook } from '$lib/store/shelves/lessons';
	import { download } from '$lib/ui/files/download';
	import FileButton from '$lib/ui/files/FileButton.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { whoComes } from '../state/lessonState.svelte';

	interface Props {
		/** Everything: a file is held against all that is here. */
		book: LessonBook;
		/** What is looked at, and goes out. */
		shown: Schedule;
		/** Any day of the week that is looked at. */
		day: string;
		today: string;
	}
	const { book, shown, day, today }: Props = $props();

	const YEAR = 366;
	const zone = ownZone();
	let problems = $state.raw<readonly string[]>([]);

	/** Nothing private goes into somebody's calendar. */
	const words = (lesson: Lesson) => ({
		title: `Golf lesson: ${whoComes(lesson)}`,
		description: lesson.aim
	});

	const save = (name: string, from: string, days: number) =>
		attempt(async () => {
			const [start, end] = daySpan(from, zone, days);
			const lessons = lessonsBetween(shown, start, end);
			if (lessons.length === 0) tell('There is no lesson to put into a calendar.');
			else download(name, lessonCalendar(lessons, words), 'text/calendar');
			return Promise.resolve();
		});

	/** Whom an entry is for: the pupils whose name its title has. */
	const whoIs = ({ title, description }: { title: string; description: string }) => {
		const named = playing.files.filter(({ pupil }) =>
			title.toLowerCase().includes(pupil.name.toLowerCase())
		);
		const pupilIds = named.map(({ pupil }) => pupil.id);
		const aim = (named.length > 0 ? description : title).slice(0, 200);
		return { pupilIds, aim };
	};

	async function open(file: File) {
		const read = readCalendar(await file.text());
		if ('problem' in read) {
			problems = [`${file.name} was not taken in, and nothing was changed. ${read.problem}`];
			return;
		}
		const { lessons, series, unchanged } = takeEntries(book, read.entries, whoIs);
		problems = read.leftOut;
		await attempt(async () => {
			const undo = await keepLessons({ lessons, series });
			const same = unchanged > 0 ? ` ${unchanged} were here already.` : '';
			const count = lessons.length + series.length;
			tell(
				`Taken in: ${soMany(lessons.length, 'lesson')}${series.length > 0 ? ` and ${series.length} series` : ''}.${same}`,
				count > 0 ? { label: 'Undo', run: () => void attempt(undo) } : undefined
			);
		});
	}
</script>

<details>
	<summary class="flex min-h-11 cursor-pointer items-center gap-2 font-semibold"
		><CalendarDays size={18} aria-hidden="true" /> Calendar file</summary
	>
	<div class="grid gap-2 py-2">
		<p class="hint max-w-[60ch]">
			For the calendar of a phone or a computer. Saved again it moves what was moved; each lesson
			stands at its moment, by the clock of whoever looks. A pupil’s name in a title tells who
			comes.
		</p>
		<div class="flex flex-wrap gap-2">
			<button
				type="button"
				class="btn"
				onclick={() => void save(`lessons-week-${mondayOf(day)}.ics`, mondayOf(day), 7)}
				>This week</button
			>
			<button
				type="button"
				class="btn"
				onclick={() => void save('lessons.ics', dayLater(today, -YEAR), 2 * YEAR)}
				>All, a year back and ahead</button
			>
			<FileButton
				label="Open a calendar file"
				accept=".ics,text/calendar"
				mostBytes={MOST_CALENDAR_BYTES}
				onfile={open}
				onproblem={(message) => (problems = [message])}
			/>
		</div>
		{#if problems.length > 0}
			<div class="hint" role="status">
				{#each problems.slice(0, 8) as problem (problem)}<p>{problem}</p>{/each}
			</div>
		{/if}
	</div>
</details>
