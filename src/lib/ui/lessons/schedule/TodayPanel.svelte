<script lang="ts">
	import { resolve } from '$app/paths';
	import { readToday } from '$lib/io/practice/asRead';
	import { stateOfHomework } from '$lib/io/practice/homework';
	import { blockAtHand, stateOfLesson } from '$lib/io/lessons/lesson';
	import {
		awayFor,
		clashesOf,
		daySpan,
		lessonsBetween,
		lessonsHad,
		packageState,
		shownAt,
		type Appointed
	} from '$lib/io/lessons/schedule';
	import { clashWords, packageWords, STATE_WORDS } from '$lib/io/lessons/words';
	import { dayLater, ownZone } from '$lib/io/lessons/wallTime';
	import { agoWords, longDayWords, noonOf } from '$lib/ui/format/dates';
	import { forPupil } from '$lib/ui/shell/pupilAsked.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { pupilName, whereWords, whoComes, type LessonDesk } from '../state/lessonState.svelte';

	interface Props {
		desk: LessonDesk;
		today: string;
		now: number;
	}
	const { desk, today, now }: Props = $props();

	/** Whoever has not been here for so long is named. */
	const AWAY_DAYS = 21;
	const YEARS_BACK = 366;
	const zone = ownZone();
	const span = $derived(daySpan(today, zone));
	const lessons = $derived(
		lessonsBetween(desk.book, span[0], span[1]).filter(({ lesson }) => !lesson.cancelled)
	);
	const next = $derived(
		lessons.find(({ lesson }) => stateOfLesson(lesson) === 'running') ??
			lessons.find(({ lesson, end }) => stateOfLesson(lesson) === 'planned' && end > now)
	);
	const others = $derived(lessons.filter((one) => one !== next));
	const clashes = $derived(clashesOf(lessons));
	/** A year, and what is planned: enough to say who comes and who does not. */
	const all = $derived(
		lessonsBetween(
			desk.book,
			daySpan(dayLater(today, -YEARS_BACK), zone)[0],
			daySpan(today, zone, YEARS_BACK)[1]
		)
	);
	/** The first of another day. */
	const later = $derived(
		all.find(({ lesson, start }) => start >= span[1] && stateOfLesson(lesson) === 'planned')
	);
	const greens = $derived(
		desk.greens.filter(({ green }) =>
			lessons.some(({ lesson }) => lesson.greenIds.includes(green.id))
		)
	);
	const unread = $derived(greens.filter((book) => !readToday([book], now)));
	const minding = $derived(
		(next?.lesson.pupilIds ?? []).flatMap((id) => {
			const { pupil } = playing.of(id);
			return pupil.id === id && pupil.minding
				? [{ id, name: pupil.name, words: pupil.minding }]
				: [];
		})
	);
	const before = $derived(
		(next?.lesson.pupilIds ?? []).flatMap((id) => {
			const last = lessonsHad(all, id, now).at(-1);
			return last ? [{ id, last }] : [];
		})
	);
	const open = $derived(
		desk.practice.homework.filter(
			(one) =>
				!playing.isAwaited(one.pupilId) &&
				stateOfHomework(one, playing.of(one.pupilId).balls, desk.practice.sessions, today) !==
					'done'
		)
	);
	const away = $derived(
		awayFor(
			all,
			playing.active.map(({ pupil }) => pupil.id),
			now
		).filter(({ last }) => now - last > AWAY_DAYS * 86_400_000)
	);
	const packages = $derived(
		playing.active.flatMap(({ pupil }) => {
			const state = packageState(desk.book.packages, all, pupil.id, now);
			return state ? [{ pupil, ...state }] : [];
		})
	);
	const greenName = (id: string) =>
		desk.greens.find(({ green }) => green.id === id)?.green.name ?? 'a green that is gone';
	const ranWords = ({ lesson, end }: Appointed) => {
		const state = stateOfLesson(lesson);
		if (state !== 'planned') return `· ${STATE_WORDS[state]}`;
		return end > now ? '' : '· was not run';
	};
	const iso = (at: number) => new Date(at).toISOString();
</script>

<div class="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
	<div class="grid content-start gap-6">
		<section class="grid gap-2" aria-label="Next">
			<h2 class="ruled-heading">{longDayWords(noonOf(today))}</h2>
			{#if next}
				{@const { lesson } = next}
				<p class="text-2xl font-extrabold wrap-anywhere">
					<span class="figure">{shownAt(next, zone).time}</span>
					{whoComes(lesson)}
				</p>
				<p class="text-lg wrap-anywhere">
					{lesson.aim || 'No aim yet.'}
					<span class="text-(--faint)"
						>{lesson.minutes} min{whereWords(lesson, desk.greens)
							? ` · ${whereWords(lesson, desk.greens)}`
							: ''}</span
					>
				</p>
				{#each minding as one (one.id)}
					<p class="font-bold wrap-anywhere">Mind, {one.name}: {one.words}</p>
				{/each}
				{#each before as { id, last } (id)}
					<p class="wrap-anywhere">
						<span class="text-(--faint)"
							>{pupilName(id)}’s last lesson, {agoWords(iso(last.start), new Date(now))}:</span
						>
						{last.lesson.told || last.lesson.aim || 'nothing was written down.'}
					</p>
				{/each}
				{#each clashes as clash (clash.one.id + clash.other.id)}
					{#if clash.one.id === lesson.id || clash.other.id === lesson.id}
						<p class="font-bold text-(--clay)">
							{clashWords(clash, lesson, { pupil: pupilName, green: greenName })}
						</p>
					{/if}
				{/each}
				<div class="flex flex-wrap gap-2">
					<a class="btn btn-neutral btn-lg" href={resolve('/lessons/[id]', { id: lesson.id })}
						>{stateOfLesson(lesson) === 'running'
							? `Go on: ${blockAtHand(lesson)?.title ?? 'the end'}`
							: lesson.blocks.length > 0
								? 'Open the lesson'
								: 'Plan it'}</a
					>
				</div>
			{:else}
				<p class="text-lg">
					{lessons.length > 0 ? 'That was all for today.' : 'Nobody comes today.'}
				</p>
				{#if later}
					{@const { day, time } = shownAt(later, zone)}
					<p class="wrap-anywhere">
						Next:
						<a class="underline" href={resolve('/lessons/[id]', { id: later.lesson.id })}
							>{whoComes(later.lesson)}{later.lesson.aim ? `, ${later.lesson.aim}` : ''}</a
						>, {longDayWords(noonOf(day))} at {time}
					</p>
				{/if}
			{/if}
		</section>
		{#if others.length > 0}
			{@const title = next ? 'The rest of the day' : 'What there was today'}
			<section class="grid gap-1" aria-label={title}>
				<h2 class="ruled-heading">{title}</h2>
				<ul>
					{#each others as one (one.lesson.id)}
						<li class="border-b border-(--rule)">
							<a
								class="grid min-h-11 grid-cols-[4.5rem_minmax(0,1fr)] items-baseline gap-3 py-2 hover:bg-(--shade)"
								href={resolve('/lessons/[id]', { id: one.lesson.id })}
							>
								<span class="figure font-bold">{shownAt(one, zone).time}</span>
								<span class="min-w-0 wrap-anywhere"
									><b>{whoComes(one.lesson)}</b>
									{one.lesson.aim}
									<span class="text-(--faint)">{ranWords(one)}</span></span
								>
							</a>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	</div>
	<div class="grid content-start gap-6">
		{#if greens.length > 0}
			<section class="grid gap-1" aria-label="Greens">
				<h2 class="ruled-heading">Greens of today</h2>
				{#each greens as book (book.green.id)}
					<p>
						<a class="underline" href={resolve('/greens/[id]', { id: book.green.id })}
							>{book.green.name}</a
						>: {unread.includes(book) ? 'not measured today' : 'measured today'}
					</p>
				{/each}
			</section>
		{/if}
		{#if open.length > 0}
			<section class="grid gap-1" aria-label="Open homework">
				<h2 class="ruled-heading">Open homework</h2>
				{#each open as one (one.id)}
					<p class="wrap-anywhere">
						{pupilName(one.pupilId)}:
						<a class="underline" href={resolve('/homework/[id]', { id: one.id })}>{one.name}</a>
						{today > one.due ? '(overdue)' : ''}
					</p>
				{/each}
			</section>
		{/if}
		{#if away.length > 0}
			<section class="grid gap-1" aria-label="Not here for a while">
				<h2 class="ruled-heading">Not here for a while</h2>
				{#each away as one (one.pupilId)}
					<p>
						<a class="underline" href={resolve('/pupils/[id]', { id: one.pupilId })}
							>{pupilName(one.pupilId)}</a
						>: last lesson {agoWords(iso(one.last), new Date(now))}
					</p>
				{/each}
			</section>
		{/if}
		{#if packages.length > 0}
			<section class="grid gap-1" aria-label="Packages">
				<h2 class="ruled-heading">Packages</h2>
				{#each packages as one (one.pupil.id)}
					<p>
						{one.pupil.name}: {packageWords(one)}
					</p>
				{/each}
			</section>
		{/if}
		<section class="grid gap-1" aria-label="Cards">
			<h2 class="ruled-heading">To print</h2>
			{#each [...new Set(lessons.flatMap(({ lesson }) => lesson.pupilIds))] as id (id)}
				<p>
					<a class="underline" href={resolve(`/lessons/card${forPupil(id)}`)}
						>Pocket card for {pupilName(id)}</a
					>
				</p>
			{:else}
				<p class="hint">Pocket cards of whoever comes today stand here.</p>
			{/each}
		</section>
	</div>
</div>
