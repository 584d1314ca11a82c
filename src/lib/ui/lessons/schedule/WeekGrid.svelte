<script lang="ts">
	import { dueOn, type Due } from '$lib/io/lessons/due';
	import {
		byDay,
		clashesOf,
		daySpan,
		lessonsBetween,
		type Schedule
	} from '$lib/io/lessons/schedule';
	import { dayLater, mondayOf, ownZone } from '$lib/io/lessons/wallTime';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import { noonOf, weekdayWords } from '$lib/ui/format/dates';
	import { whereWords } from '../state/lessonState.svelte';
	import LessonCard from './LessonCard.svelte';
	import { hoursOf, placedIn } from './weekLayout';

	interface Props {
		schedule: Schedule;
		due: readonly Due[];
		greens: readonly GreenBook[];
		/** Any day of the week. */
		day: string;
		today: string;
		onday: (day: string) => void;
	}
	const { schedule, due, greens, day, today, onday }: Props = $props();

	/** Height of an hour, rem: it grows with the letters. */
	const HOUR = 3.5;
	const zone = ownZone();
	let width = $state(700);
	let height = $state(560);
	const days = $derived(Array.from({ length: 7 }, (_, i) => dayLater(mondayOf(day), i)));
	const lessons = $derived(
		byDay(lessonsBetween(schedule, ...daySpan(days[0]!, zone, days.length)), zone)
	);
	const columns = $derived(
		days.map((one) => ({
			day: one,
			placed: placedIn(lessons.get(one) ?? [], zone),
			due: dueOn(due, one)
		}))
	);
	const hours = $derived(hoursOf(columns.flatMap(({ placed }) => placed)));
	const rows = $derived(
		Array.from({ length: hours.last - hours.first }, (_, i) => hours.first + i)
	);
	const clashing = $derived(
		new Set(
			columns.flatMap(({ placed }) =>
				clashesOf(placed.map(({ appointed }) => appointed)).flatMap(({ one, other }) => [
					one.id,
					other.id
				])
			)
		)
	);
</script>

<p id="move-by-keys" class="hint max-md:sr-only">
	Drag a lesson to move it. By keys: arrows move it by a quarter of an hour or a day, Delete cancels
	it, Enter opens it.
</p>
<div class="overflow-x-auto">
	<div class="week min-w-[40rem]">
		<div class="relative" style:height={`${rows.length * HOUR}rem`} aria-hidden="true">
			{#each rows as hour, i (hour)}
				<span class="figure absolute right-1 text-xs text-(--faint)" style:top={`${i * HOUR}rem`}
					>{hour}:00</span
				>
			{/each}
		</div>
		{#each columns as column, i (column.day)}
			<section aria-label={weekdayWords(noonOf(column.day))} class="min-w-0">
				<h3 class={['head', column.day === today && 'today']}>
					<button type="button" class="w-full py-1 text-left" onclick={() => onday(column.day)}>
						{weekdayWords(noonOf(column.day))}
					</button>
				</h3>
				<p class="due">
					{#each column.due as one (one.id)}<span class="block truncate">due: {one.name}</span
						>{/each}
				</p>
				<ul
					class="column"
					style:height={`${rows.length * HOUR}rem`}
					style:background-size={`100% ${HOUR}rem`}
					bind:clientWidth={
						() => width,
						(value) => {
							if (i === 0 && value) width = value;
						}
					}
					bind:clientHeight={
						() => height,
						(value) => {
							if (i === 0 && value) height = value;
						}
					}
				>
					{#each column.placed as placed (placed.appointed.lesson.id)}
						<li>
							<LessonCard
								{placed}
								first={hours.first}
								hour={HOUR}
								dayWidth={width}
								hourHeight={height / rows.length}
								clash={clashing.has(placed.appointed.lesson.id)}
								where={whereWords(placed.appointed.lesson, greens)}
							/>
						</li>
					{/each}
				</ul>
			</section>
		{/each}
	</div>
</div>

<style>
	.week {
		display: grid;
		grid-template-columns: 3rem repeat(7, minmax(0, 1fr));
		align-items: end;
	}
	.head {
		border-bottom: 2px solid var(--ink);
		font-size: 0.875rem;
		font-weight: 700;
	}
	.today {
		border-bottom-color: var(--clay);
		color: var(--clay);
	}
	.due {
		min-height: 1.4rem;
		padding: 0 4px;
		border-left: 1px solid var(--rule);
		color: var(--faint);
		font-size: 0.75rem;
	}
	.column {
		position: relative;
		border-left: 1px solid var(--rule);
		border-bottom: 1px solid var(--rule);
		background-image: linear-gradient(var(--rule) 1px, transparent 1px);
	}
</style>
