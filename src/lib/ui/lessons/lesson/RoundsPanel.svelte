<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { scrolledByKeys } from '$lib/ui/controls/scrolledByKeys';
	import type { Grouping } from '$lib/core/lessons/rotation';
	import { handicapOf } from '$lib/io/work/player';
	import { beginRound } from '$lib/io/lessons/clinic';
	import { stateOfLesson } from '$lib/io/lessons/lesson';
	import { dealIn, dealt, roundsOf, withoutGroup } from '$lib/io/lessons/rounds';
	import { listed } from '$lib/io/lessons/words';
	import { PRACTICE_CAUTIONS } from '$lib/io/words/drill';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { LessonBench } from '../state/lessonBench.svelte';
	import { pupilName } from '../state/lessonState.svelte';

	interface Props {
		bench: LessonBench;
	}
	const { bench }: Props = $props();

	const GROUPINGS = [
		{ value: 'alike', label: 'Groups of like skill' },
		{ value: 'mixed', label: 'Mixed groups' }
	] as const;
	const { lesson } = $derived(bench);
	let grouping = $state<Grouping>('mixed');
	const skillOf = (id: string): number => handicapOf(playing.of(id).pupil);
	const plan = $derived(roundsOf(lesson));
	const missing = $derived(lesson.rounds ? withoutGroup(lesson) : []);

	const deal = () => bench.change((one) => (one.rounds = dealt(lesson, skillOf, grouping)));
	const takeIn = (id: string) =>
		bench.change((one) => {
			if (lesson.rounds) one.rounds = dealIn(lesson.rounds, id, skillOf);
		});
</script>

<section class="grid gap-2" aria-label="Rounds">
	<h2 class="ruled-heading">Rounds</h2>
	{#if plan.rounds.length > 0}
		<div class="overflow-x-auto" role="region" aria-label="Who is where" {@attach scrolledByKeys}>
			<table class="table-sm table">
				<!-- On a phone a round is a paragraph: three columns of names would be a word wide each. -->
				<thead class="max-md:sr-only">
					<tr>
						<th scope="col">When</th>
						{#each plan.stations as station (station.id)}<th scope="col" class="text-left"
								>{station.title}</th
							>{/each}
					</tr>
				</thead>
				<tbody>
					{#each plan.rounds as round (round.from)}
						<tr class="max-md:block max-md:py-2">
							<th
								scope="row"
								class="figure whitespace-nowrap max-md:block max-md:border-0 max-md:px-0"
								>{round.from}–{round.to}</th
							>
							{#each round.at as group, i (i)}
								<td class="text-left max-md:block max-md:border-0 max-md:px-0 max-md:py-0.5"
									><span class="hint md:hidden">{plan.stations[i]?.title}:&nbsp;</span
									>{group.length > 0 ? listed(group.map(pupilName)) : 'free'}</td
								>
							{/each}
						</tr>
					{/each}
				</tbody>
			</table>
		</div>
		<p class="hint">
			{soMany(plan.minutes, 'minute')} at each station, {lesson.rounds?.walk} to walk to the next; everybody
			sees each once.
		</p>
	{:else}
		<p>
			{soMany(lesson.pupilIds.length, 'pupil')} and {soMany(plan.stations.length, 'station')}: deal
			groups, and everybody sees each station once.
		</p>
	{/if}
	{#if plan.rounds.length > 0 && !lesson.rounds?.round && stateOfLesson(lesson) === 'running'}
		<button
			type="button"
			class="btn btn-neutral btn-lg justify-self-start"
			onclick={() => bench.become((one) => beginRound(one, 0, Date.now()))}>Begin the rounds</button
		>
	{/if}
	{#each missing as id (id)}
		<button type="button" class="btn justify-self-start" onclick={() => takeIn(id)}
			>Deal in {pupilName(id)}</button
		>
	{/each}
	<div class="flex flex-wrap items-end gap-2">
		<div class="w-56">
			<ChoiceField
				label="How groups are made"
				value={grouping}
				options={GROUPINGS}
				onchange={(value) => (grouping = value)}
			/>
		</div>
		<button type="button" class="btn" onclick={deal}
			>{plan.rounds.length > 0 ? 'Deal anew' : 'Deal groups'}</button
		>
	</div>
	<p class="hint">
		When a round ends nobody hits any more: fetch the balls together, then walk on.
	</p>
	<ul class="hint grid gap-0.5 pl-5 [list-style:square]">
		{#each PRACTICE_CAUTIONS as caution (caution)}<li>{caution}</li>{/each}
	</ul>
</section>
