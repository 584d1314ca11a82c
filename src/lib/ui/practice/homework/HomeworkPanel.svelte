<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import Shown from '$lib/ui/shell/Shown.svelte';
	import CalendarDays from '@lucide/svelte/icons/calendar-days';
	import Download from '@lucide/svelte/icons/download';
	import MessageSquare from '@lucide/svelte/icons/message-square';
	import Printer from '@lucide/svelte/icons/printer';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { format } from 'date-fns';
	import { onMount } from 'svelte';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { MOST_ARCHIVE_BYTES } from '$lib/io/archive/archive';
	import { textOf } from '$lib/io/files/gzip';
	import { homeworkCalendar } from '$lib/io/files/homeworkCalendar';
	import { doneOf, drillsDoneOf, stateOfHomework, type Homework } from '$lib/io/practice/homework';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { nextLesson } from '$lib/io/lessons/schedule';
	import { whom, YOU } from '$lib/io/words/whose';
	import { homeworkFile, takeHomework } from '$lib/store/files/homework';
	import { readLessons } from '$lib/store/shelves/lessons';
	import { homeworkShelf, type PracticeBook } from '$lib/store/shelves/practice';
	import { readPupilFile } from '$lib/store/shelves/pupils';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { download, fileNameOf } from '$lib/ui/files/download';
	import FileButton from '$lib/ui/files/FileButton.svelte';
	import { attempt, removeWithUndo } from '$lib/ui/shell/attempt';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import HomeworkEditor from './HomeworkEditor.svelte';
	import { cellWords, homeworkMessage, startHomework, timesWords } from './homeworkWords';
	import { longDayWords, noonOf } from '$lib/ui/format/dates';
	import { forPupil } from '$lib/ui/shell/pupilAsked.svelte';

	interface Props {
		book: PracticeBook;
	}
	const { book }: Props = $props();

	const schedule = new Followed(readLessons);
	onMount(() => schedule.start());

	const STATE = { done: 'Done', open: 'Open', late: 'Overdue' } as const;
	let everybody = $state(false);
	let giving = $state(false);
	let problems = $state.raw<readonly string[]>([]);
	const today = format(new Date(), 'yyyy-MM-dd');
	const pupil = $derived(playing.file.pupil);
	const next = $derived(schedule.value && nextLesson(schedule.value, pupil.id, Date.now()));
	const shown = $derived(
		book.homework.filter(({ pupilId }) =>
			everybody ? !playing.isAwaited(pupilId) : pupilId === pupil.id
		)
	);

	const drillAddress = (one: Homework, drillId: string) =>
		resolve(
			`/practice/drill/${drillId}${forPupil(one.pupilId)}&homework=${encodeURIComponent(one.id)}`
		);

	/** The homework as a text: into the device's share sheet where there is one, else onto the clipboard. */
	const message = (one: Homework, file: PupilFile) =>
		attempt(async () => {
			const text = homeworkMessage(one, file);
			if (navigator.share && navigator.canShare?.({ text })) await navigator.share({ text });
			else {
				await navigator.clipboard.writeText(text);
				tell('The message is copied: paste it wherever you write to your pupil.');
			}
		});

	const open = (text: string, name: string) =>
		attempt(async () => {
			const taken = await takeHomework(text);
			if ('problems' in taken) {
				problems = [`${name} was not taken in, and nothing was changed.`, ...taken.problems];
				return;
			}
			problems = [];
			playing.choose(taken.homework.pupilId);
			if (taken.balls === 0) return begin(taken.homework);
			tell(`“${taken.homework.name}” came back with ${soMany(taken.balls, 'ball')}.`);
			if (taken.session) await goto(resolve('/practice/[id]', { id: taken.session }));
		});

	const begin = async (one: Homework) => {
		const [drill] = one.drills;
		// Homework of drills alone begins on the page of the first.
		if (one.cells.length === 0 && drill) return goto(drillAddress(one, drill.drillId));
		const file = await readPupilFile(one.pupilId);
		if (!file) throw new Error('The pupil it was given to is not here.');
		const id = await startHomework(one, file);
		await goto(resolve('/practice/[id]', { id }));
	};
</script>

<div class="grid gap-4">
	<div class="flex flex-wrap items-center gap-2">
		<button
			type="button"
			class="btn btn-neutral"
			aria-expanded={giving}
			onclick={() => (giving = !giving)}
			>{pupil.name === YOU ? 'Write homework' : `Give ${pupil.name} homework`}</button
		>
		<FileButton
			label="Open a homework file"
			accept=".json,application/json,.gz"
			mostBytes={MOST_ARCHIVE_BYTES}
			onfile={async (file) => open(await textOf(file, MOST_ARCHIVE_BYTES), file.name)}
			onproblem={(message) => (problems = [message])}
		/>
		<label class="flex min-h-11 items-center gap-2">
			<input class="checkbox" type="checkbox" bind:checked={everybody} /> Of everybody
		</label>
	</div>
	{#if problems.length > 0}
		<div class="problem" role="alert">
			{#each problems.slice(0, 6) as problem (problem)}<p>{problem}</p>{/each}
		</div>
	{/if}
	{#if next}
		<p>
			Next lesson of {whom(pupil.name)}:
			<a class="font-bold underline" href={resolve('/lessons/[id]', { id: next.lesson.id })}
				>{longDayWords(noonOf(next.lesson.day))}, {next.lesson.time}</a
			>
		</p>
	{:else if schedule.value && schedule.value.lessons.length + schedule.value.series.length > 0}
		<p>
			No lesson of {whom(pupil.name)} is arranged:
			<a class="underline" href={resolve('/lessons')}>Lessons</a>
		</p>
	{/if}
	{#if giving}<HomeworkEditor
			ownDrills={book.drills}
			file={playing.file}
			due={next?.lesson.day}
			ondone={() => (giving = false)}
		/>{/if}
	{#if shown.length === 0}
		<p class="max-w-[60ch]">
			No homework. Two wedges with two lengths of swing each, eight balls, by the next lesson: a
			good beginning; drills can be asked for, too. It goes with the pupil as a message, a page, a
			calendar entry or a file.
		</p>
	{:else}
		<ul class="border-t-2 border-(--ink)" {@attach rowFocus}>
			{#each shown as one (one.id)}
				<Shown what={one.name}>
					{@const file = playing.of(one.pupilId)}
					{@const state = stateOfHomework(one, file.balls, book.sessions, today)}
					<li
						class="grid gap-2 border-b border-(--rule) py-3 md:grid-cols-[minmax(0,1fr)_auto] md:gap-6"
					>
						<div class="min-w-0">
							<p class="text-lg font-extrabold wrap-anywhere">{one.name}</p>
							<p class={state === 'late' ? 'font-bold text-(--clay)' : ''}>
								{STATE[state]} · due {longDayWords(noonOf(one.due))}{everybody
									? ` · ${file.pupil.name}`
									: ''}
							</p>
							<ul class="flex flex-wrap gap-x-5">
								{#each doneOf(one, file.balls) as cell, i (i)}
									<li>
										{cellWords(cell, file)}:
										<span class="figure font-bold"
											>{Math.min(cell.done, cell.balls)}/{cell.balls}</span
										>{cell.done >= cell.balls ? ' done' : ''}
									</li>
								{/each}
								{#each drillsDoneOf(one, book.sessions) as drill, i (i)}
									<li>
										<!-- eslint-disable-next-line svelte/no-navigation-without-resolve -- resolved above -->
										<a class="underline" href={drillAddress(one, drill.drillId)}>{drill.name}</a>:
										<span class="figure font-bold"
											>{Math.min(drill.done, drill.times)}/{drill.times}</span
										>{drill.done >= drill.times ? ' done' : ''}
									</li>
								{/each}
							</ul>
							{#if one.note}<p class="hint wrap-anywhere">{one.note}</p>{/if}
						</div>
						<div class="flex flex-wrap items-center gap-1">
							{#if state !== 'done'}
								<button
									type="button"
									class="btn btn-neutral"
									onclick={() => void attempt(() => begin(one))}>Practise</button
								>
							{/if}
							<a class="btn" href={resolve('/homework/[id]', { id: one.id })}
								><Printer size={18} aria-hidden="true" /> Page</a
							>
							<button type="button" class="btn" onclick={() => void message(one, file)}
								><MessageSquare size={18} aria-hidden="true" /> Message</button
							>
							<button
								type="button"
								class="btn"
								onclick={() =>
									void attempt(async () => {
										const asked = [
											...one.cells.map(
												(cell) => `${cellWords(cell, file)}: ${soMany(cell.balls, 'ball')}`
											),
											...one.drills.map(({ name, times }) => `${name}: ${timesWords(times)}`)
										];
										await Promise.resolve();
										download(
											`${fileNameOf(one.name)}.ics`,
											homeworkCalendar(one, asked),
											'text/calendar'
										);
									})}><CalendarDays size={18} aria-hidden="true" /> Calendar</button
							>
							<button
								type="button"
								class="btn"
								onclick={() =>
									void attempt(async () =>
										download(
											`homework-${fileNameOf(one.name)}.json`,
											await homeworkFile(one),
											'application/json'
										)
									)}><Download size={18} aria-hidden="true" /> File</button
							>
							<button
								type="button"
								class="btn btn-ghost btn-square"
								aria-label={`Remove ${one.name}`}
								onclick={() =>
									void removeWithUndo(`Removed the homework “${one.name}”. Balls are kept.`, () =>
										homeworkShelf.remove(one.id)
									)}><Trash2 size={20} aria-hidden="true" /></button
							>
						</div>
					</li>
				</Shown>
			{/each}
		</ul>
	{/if}
</div>
