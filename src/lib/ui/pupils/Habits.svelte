<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { resolve } from '$app/paths';
	import type { LieId } from '$lib/core/lie/lies';
	import { missesBy, type MissedBall } from '$lib/core/practice/habits';
	import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { skillWords } from '$lib/io/words/skill';
	import type { HabitStudy } from './habitStudy.svelte';
	import { LIE_NAMES } from '$lib/io/words/lie';
	import { MISS_WORDS } from '$lib/io/words/practice';
	import { markWords } from '$lib/io/words/swing';
	import { forPupil } from '$lib/ui/shell/pupilAsked.svelte';
	import { dayWords, noonOf } from '$lib/ui/format/dates';
	import { clubName } from '$lib/ui/practice/practiceWords';

	interface Props {
		file: PupilFile;
		study: HabitStudy;
	}
	const { file, study }: Props = $props();

	const MOST_ROWS = 4;
	const BY = ['club', 'swing', 'lie', 'day'] as const;
	let by = $state<(typeof BY)[number]>('club');

	const balls = $derived(study.balls);
	const habits = $derived(study.habits);
	const done = $derived(balls.filter(({ asMeant }) => asMeant).length);
	const NAME: Record<(typeof BY)[number], (ball: MissedBall) => string> = {
		club: (ball) => clubName(file.clubs, ball.club),
		swing: (ball) => markWords(ball.swing, file.pupil.vocabulary),
		lie: (ball) => LIE_NAMES[ball.lie as LieId],
		day: (ball) => dayWords(noonOf(ball.day))
	};
	const heaps = $derived(missesBy(balls, NAME[by]));
	const drillName = (id: string) => SHIPPED_DRILLS.find((drill) => drill.id === id)?.name ?? id;
</script>

<div class="grid content-start gap-1">
	<h3 class="font-bold">Habits</h3>
	{#if !study.done}
		<p class="hint">Held against what others of this skill do …</p>
	{:else if habits.length === 0}
		<p>
			{balls.length === 0
				? 'No ball of a session is noted yet.'
				: `All ${balls.length} balls were as meant.`}
		</p>
	{:else}
		<p>
			{done} of {soMany(balls.length, 'ball')} were as meant, each within what its drill allows, as in
			the sessions. A habit is what happens more often than {skillWords(file.pupil)} and luck explain.
		</p>
		<ul class="grid gap-2">
			{#each habits.slice(0, MOST_ROWS) as habit (habit.miss)}
				<li>
					<b>{MISS_WORDS[habit.miss].name}</b>: {habit.share.hits} of {habit.share.of} balls{habit.expected ===
					null
						? ''
						: `; others of this skill: about ${Math.round(habit.expected)}`}.
					{#if habit.stands}
						<b>A habit</b>:
						<span class="text-(--faint)"
							>{MISS_WORDS[habit.miss].causes}; worth a try:
							<a
								class="underline"
								href={resolve(`/practice/drill/${habit.treatedBy}${forPupil(file.pupil.id)}`)}
								>{drillName(habit.treatedBy)}</a
							>.</span
						>
					{/if}
				</li>
			{/each}
		</ul>
		<div class="flex flex-wrap gap-1" role="group" aria-label="Misses by">
			{#each BY as one (one)}
				<button type="button" class="btn" aria-pressed={by === one} onclick={() => (by = one)}
					>By {one}</button
				>
			{/each}
		</div>
		<table class="table-sm table w-full">
			<thead>
				<tr>
					<th scope="col" class="capitalize">{by}</th>
					<th scope="col">Not as meant</th>
					<th scope="col">Mostly</th>
				</tr>
			</thead>
			<tbody>
				{#each heaps as heap (heap.name)}
					<tr>
						<th scope="row">{heap.name}</th>
						<td class="figure">{heap.share.hits}/{heap.share.of}</td>
						<td>{heap.most ? MISS_WORDS[heap.most].name.toLowerCase() : '–'}</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</div>
