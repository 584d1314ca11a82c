<script lang="ts">
	import { resolve } from '$app/paths';
	import { stateOfLesson } from '$lib/io/lessons/lesson';
	import {
		byDay,
		clashesOf,
		daySpan,
		lessonsBetween,
		shownAt,
		type Appointed,
		type Schedule
	} from '$lib/io/lessons/schedule';
	import { clashWords, STATE_WORDS } from '$lib/io/lessons/words';
	import { dayLater, ownZone } from '$lib/io/lessons/wallTime';
	import { dueOn, type Due } from '$lib/io/lessons/due';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import { longDayWords, noonOf } from '$lib/ui/format/dates';
	import Shown from '$lib/ui/shell/Shown.svelte';
	import { pupilName, whereWords, whoComes } from '../state/lessonState.svelte';

	interface Props {
		schedule: Schedule;
		due: readonly Due[];
		greens: readonly GreenBook[];
		/** The first day, and how many. */
		day: string;
		days: number;
	}
	const { schedule, due, greens, day, days }: Props = $props();

	const zone = ownZone();
	const span = $derived(daySpan(day, zone, days));
	const all = $derived(lessonsBetween(schedule, span[0], span[1]));
	const lessons = $derived(byDay(all, zone));
	const clashes = $derived(clashesOf(all));
	const greenName = (id: string) =>
		greens.find(({ green }) => green.id === id)?.green.name ?? 'a green that is gone';
	const groups = $derived(
		Array.from({ length: days }, (_, i) => dayLater(day, i))
			.map((one) => ({
				day: one,
				lessons: lessons.get(one) ?? [],
				due: dueOn(due, one)
			}))
			.filter((one) => one.lessons.length + one.due.length > 0)
	);
	const clashesFor = ({ lesson }: Appointed) =>
		clashes
			.filter(({ one, other }) => one.id === lesson.id || other.id === lesson.id)
			.map((clash) => clashWords(clash, lesson, { pupil: pupilName, green: greenName }));
</script>

{#if groups.length === 0}
	<p class="max-w-[60ch] py-4">Nothing is planned in these weeks.</p>
{/if}
{#each groups as group (group.day)}
	<section class="grid gap-1 pb-4" aria-label={longDayWords(noonOf(group.day))}>
		<h2 class="ruled-heading">{longDayWords(noonOf(group.day))}</h2>
		<ul>
			{#each group.lessons as appointed (appointed.lesson.id)}
				{@const { lesson } = appointed}
				{@const state = stateOfLesson(lesson)}
				<Shown what={lesson.aim}>
					<li class="border-b border-(--rule)">
						<a
							class="grid grid-cols-[4.5rem_minmax(0,1fr)] gap-x-3 py-2 hover:bg-(--shade)"
							href={resolve('/lessons/[id]', { id: lesson.id })}
						>
							<span class="figure text-lg font-bold">{shownAt(appointed, zone).time}</span>
							<span class="min-w-0">
								<span
									class={[
										'text-lg font-extrabold wrap-anywhere',
										state === 'cancelled' && 'line-through'
									]}>{whoComes(lesson)}</span
								>
								<span class="text-(--faint)">
									· {lesson.minutes} min{state === 'planned'
										? ''
										: ` · ${STATE_WORDS[state]}`}{lesson.coach ? ` · ${lesson.coach}` : ''}</span
								>
								<span class="block wrap-anywhere">{lesson.aim}</span>
								<span class="block wrap-anywhere text-(--faint)">{whereWords(lesson, greens)}</span>
								{#each clashesFor(appointed) as clash (clash)}
									<span class="block font-bold text-(--clay)">{clash}</span>
								{/each}
							</span>
						</a>
					</li>
				</Shown>
			{/each}
			{#each group.due as one (one.id)}
				<li class="grid grid-cols-[4.5rem_minmax(0,1fr)] gap-x-3 border-b border-(--rule) py-2">
					<span class="text-(--faint)">due</span>
					<span class="wrap-anywhere">
						{#if one.kind === 'homework'}
							<a class="underline" href={resolve('/homework/[id]', { id: one.id })}>{one.name}</a>,
							{pupilName(one.pupilId)}
						{:else}
							{one.name}, the score of {pupilName(one.pupilId)}: four weeks since the last
						{/if}
					</span>
				</li>
			{/each}
		</ul>
	</section>
{/each}
