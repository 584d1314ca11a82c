<script lang="ts">
	import { resolve } from '$app/paths';
	import { stateOfLesson } from '$lib/io/lessons/lesson';
	import { dueOn, type Due } from '$lib/io/lessons/due';
	import { byDay, daySpan, lessonsBetween, shownAt, type Schedule } from '$lib/io/lessons/schedule';
	import { ownZone } from '$lib/io/lessons/wallTime';
	import { longDayWords, noonOf, weekdayNameWords } from '$lib/ui/format/dates';
	import { whoComes } from '../state/lessonState.svelte';
	import { weeksOfMonth } from './weekLayout';

	interface Props {
		schedule: Schedule;
		due: readonly Due[];
		/** Any day of the month. */
		day: string;
		today: string;
		/** Opens the week of a day. */
		onday: (day: string) => void;
	}
	const { schedule, due, day, today, onday }: Props = $props();

	const SHOWN = 4;
	const zone = ownZone();
	const month = $derived(day.slice(0, 7));
	const grid = $derived(weeksOfMonth(day));
	const lessons = $derived(
		byDay(lessonsBetween(schedule, ...daySpan(grid[0]![0]!, zone, 7 * grid.length)), zone)
	);
	const weeks = $derived(
		grid.map((days) =>
			days.map((one) => ({
				day: one,
				lessons: lessons.get(one) ?? [],
				due: dueOn(due, one)
			}))
		)
	);
</script>

<div class="overflow-x-auto">
	<table class="w-full min-w-[40rem] table-fixed border-collapse">
		<thead>
			<tr>
				{#each weeks[0] ?? [] as one (one.day)}
					<th scope="col" class="border-b-2 border-(--ink) px-1 text-left text-sm font-bold"
						>{weekdayNameWords(noonOf(one.day))}</th
					>
				{/each}
			</tr>
		</thead>
		<tbody>
			{#each weeks as week (week[0]!.day)}
				<tr>
					{#each week as one (one.day)}
						<td
							class={[
								'h-24 border border-(--rule) p-1 align-top text-[0.8125rem]',
								!one.day.startsWith(month) && 'bg-(--shade)'
							]}
						>
							<button
								type="button"
								class={[
									'figure min-h-7 min-w-7 px-1 text-left font-bold',
									one.day === today && 'border-b-3 border-b-(--clay)'
								]}
								aria-label={`The week of ${longDayWords(noonOf(one.day))}`}
								onclick={() => onday(one.day)}>{Number(one.day.slice(8))}</button
							>
							<ul>
								{#each one.lessons.slice(0, SHOWN) as appointed (appointed.lesson.id)}
									<li>
										<a
											class={[
												'block min-h-6 truncate leading-6 hover:underline',
												stateOfLesson(appointed.lesson) === 'cancelled' && 'line-through'
											]}
											href={resolve('/lessons/[id]', { id: appointed.lesson.id })}
											><span class="figure">{shownAt(appointed, zone).time}</span>
											{whoComes(appointed.lesson)}</a
										>
									</li>
								{/each}
							</ul>
							{#if one.lessons.length > SHOWN}
								<p class="text-(--faint)">{one.lessons.length - SHOWN} more</p>
							{/if}
							{#each one.due as due (due.id)}
								<p class="truncate text-(--faint)">due: {due.name}</p>
							{/each}
						</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>
