<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import {
		appointmentOf,
		freshLesson,
		leftOver,
		reopenLesson,
		unplayed,
		type Block,
		type Lesson
	} from '$lib/io/lessons/lesson';
	import { talliesOf } from '$lib/io/lessons/clinic';
	import { tallyWords } from '$lib/io/lessons/clinicWords';
	import { daySpan, lessonsBetween, nextLesson } from '$lib/io/lessons/schedule';
	import { summaryOf } from '$lib/io/lessons/summary';
	import { dayLater, ownZone } from '$lib/io/lessons/wallTime';
	import { changeWords, clockWords, scoreWords, tagsWords } from '$lib/io/lessons/words';
	import { newId } from '$lib/store/base/newId';
	import { keepLessons } from '$lib/store/shelves/lessons';
	import FreeText from '$lib/ui/controls/FreeText.svelte';
	import { dayWords, longDayWords, noonOf } from '$lib/ui/format/dates';
	import { formatLength } from '$lib/ui/format/lengths';
	import HomeworkEditor from '$lib/ui/practice/homework/HomeworkEditor.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { forPupil } from '$lib/ui/shell/pupilAsked.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { LessonBench } from '../state/lessonBench.svelte';
	import { pupilName, type LessonDesk } from '../state/lessonState.svelte';

	interface Props {
		bench: LessonBench;
		desk: LessonDesk;
	}
	const { bench, desk }: Props = $props();

	const AHEAD_DAYS = 120;
	const WEEKS = [1, 2] as const;
	const WEEK = 7;
	const MOST_TOLD = 1000;
	const { lesson } = $derived(bench);
	const summaries = $derived(
		lesson.pupilIds.flatMap((id) => {
			const file = playing.files.find(({ pupil }) => pupil.id === id);
			return file ? [summaryOf(lesson, desk.practice.sessions, file)] : [];
		})
	);
	const left = $derived(leftOver(lesson));
	/** Lessons of the same pupils that are still to come. */
	const next = $derived(
		lessonsBetween(desk.book, ...daySpan(dayLater(lesson.day, 1), ownZone(), AHEAD_DAYS)).find(
			({ lesson: other }) =>
				!other.cancelled && other.pupilIds.some((id) => lesson.pupilIds.includes(id))
		)
	);
	const noted = $derived(lesson.blocks.filter(({ note }) => note.trim() !== ''));
	const homework = $derived(
		desk.practice.homework.filter(
			({ pupilId, givenAt }) =>
				lesson.pupilIds.includes(pupilId) &&
				lesson.startedAt !== null &&
				givenAt >= lesson.startedAt
		)
	);
	let givingTo = $state<string | null>(null);

	const gather = () =>
		bench.change((one) => {
			one.told = [one.told.trim(), ...noted.map(({ note }) => note.trim())]
				.filter(Boolean)
				.join('\n')
				.slice(0, MOST_TOLD);
		});

	/** The same again some weeks later, beginning with what was not come to. */
	const again = (weeks: number) =>
		attempt(async () => {
			const appointment = { ...appointmentOf(lesson), day: dayLater(lesson.day, weeks * WEEK) };
			await keepLessons({ lessons: [freshLesson(newId(), appointment, unplayed(left, newId))] });
		});
	/** Puts what was not come to before what is planned for the next time. */
	const carryOver = (to: Lesson) =>
		attempt(async () => {
			const planned = (block: Block) =>
				to.blocks.some(({ kind, title }) => kind === block.kind && title === block.title);
			const fresh = unplayed(left, newId).filter((block) => !planned(block));
			await keepLessons({ lessons: [{ ...to, blocks: [...fresh, ...to.blocks] }] });
			await goto(resolve('/lessons/[id]', { id: to.id }));
		});
</script>

<div class="grid gap-6">
	{#if summaries.length > 1}
		<div>
			<a class="btn btn-neutral" href={resolve(`/lessons/${lesson.id}/handout?all=1`)}
				>All {summaries.length} hand-outs</a
			>
		</div>
	{/if}
	{#each summaries as summary (summary.file.pupil.id)}
		{@const { pupil } = summary.file}
		<section class="grid gap-2" aria-label={`What came of it for ${pupil.name}`}>
			<h2 class="ruled-heading">{pupil.name}</h2>
			<p>
				{summary.balls > 0
					? `${soMany(summary.balls, 'ball')} noted.`
					: talliesOf(lesson, pupil.id).length === 0
						? 'No ball was noted.'
						: ''}
				{tagsWords(summary.tags)}
			</p>
			{#each talliesOf(lesson, pupil.id) as { title, tally } (tally.id)}
				<p class="wrap-anywhere"><b>{title}</b>: {tallyWords(tally)}</p>
			{/each}
			{#each summary.scores as score (score.session.id)}
				<p class="wrap-anywhere">
					<a class="font-bold underline" href={resolve('/practice/[id]', { id: score.session.id })}
						>{score.session.name}</a
					>: {scoreWords(score, (at) => dayWords(at))}
				</p>
			{/each}
			{#each summary.changes as change (change.club + change.swing + change.flight)}
				<p>{changeWords(change, summary.file, (metres) => formatLength(metres, playing.style))}</p>
			{/each}
			{#each summary.untaken as session (session.id)}
				<p>
					Not in the bag yet:
					<a class="underline" href={resolve('/practice/[id]', { id: session.id })}
						>look at {session.name} and take its balls</a
					>.
				</p>
			{/each}
			<div class="flex flex-wrap gap-2">
				<a
					class="btn btn-neutral"
					href={resolve(`/lessons/${lesson.id}/handout${forPupil(pupil.id)}`)}
					>Hand-out for {pupil.name}</a
				>
				<button
					type="button"
					class="btn"
					aria-expanded={givingTo === pupil.id}
					onclick={() => (givingTo = givingTo === pupil.id ? null : pupil.id)}
					>Give {pupil.name} homework</button
				>
			</div>
			{#if givingTo === pupil.id}
				<HomeworkEditor
					file={summary.file}
					ownDrills={desk.practice.drills}
					due={nextLesson(desk.book, pupil.id, Date.now())?.lesson.day}
					ondone={() => (givingTo = null)}
				/>
			{/if}
		</section>
	{/each}
	{#each homework as one (one.id)}
		<p>
			Homework given: <a
				class="font-bold underline"
				href={resolve('/homework/[id]', { id: one.id })}>{one.name}</a
			>, {pupilName(one.pupilId)}, by {dayWords(noonOf(one.due))}.
		</p>
	{/each}
	<section class="grid gap-2" aria-label="What was done">
		<h2 class="ruled-heading">What was done</h2>
		<ul>
			{#each lesson.blocks as block (block.id)}
				<li class="border-b border-(--rule) py-1 wrap-anywhere">
					<b>{block.title}</b>
					<span class="text-(--faint)"
						>{block.state === 'done'
							? clockWords(block.seconds)
							: block.state === 'skipped'
								? 'left out'
								: 'not come to'}</span
					>
					{#if block.note}<span class="block">{block.note}</span>{/if}
				</li>
			{/each}
		</ul>
	</section>
	<section class="grid gap-2" aria-label="For the pupil">
		<h2 class="ruled-heading">For the hand-out</h2>
		<FreeText
			long
			label="What we worked on, in a few words"
			value={lesson.told}
			most={MOST_TOLD}
			onchange={(told) => bench.change((one) => (one.told = told))}
		/>
		{#if noted.length > 0}
			<div><button type="button" class="btn" onclick={gather}>Take the notes above</button></div>
		{/if}
	</section>
	<section class="grid gap-2" aria-label="Next time">
		<h2 class="ruled-heading">Next time</h2>
		{#if left.length > 0}
			<p class="wrap-anywhere">Not come to: {left.map(({ title }) => title).join(', ')}.</p>
		{/if}
		{#if next}
			<p>
				<a class="font-bold underline" href={resolve('/lessons/[id]', { id: next.lesson.id })}
					>{longDayWords(noonOf(next.lesson.day))}, {next.lesson.time}</a
				>
			</p>
			{#if left.length > 0}
				<div>
					<button type="button" class="btn" onclick={() => void carryOver(next.lesson)}
						>Begin with it next time</button
					>
				</div>
			{/if}
		{:else}
			<div class="flex flex-wrap gap-2">
				{#each WEEKS as weeks (weeks)}
					<button type="button" class="btn" onclick={() => void again(weeks)}
						>{longDayWords(noonOf(dayLater(lesson.day, weeks * WEEK)))}, {lesson.time}</button
					>
				{/each}
			</div>
			<p class="hint">One touch puts it in; open it to change the day.</p>
		{/if}
	</section>
	<div>
		<button type="button" class="btn" onclick={() => bench.become(reopenLesson)}
			>Go on with this lesson after all</button
		>
	</div>
</div>
