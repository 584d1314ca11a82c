<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import Circle from '@lucide/svelte/icons/circle';
	import { untrack } from 'svelte';
	import {
		beginRound,
		countBall,
		endRounds,
		inTurn,
		noteTally,
		roundLeft,
		tallyOf
	} from '$lib/io/lessons/clinic';
	import { tallyWords } from '$lib/io/lessons/clinicWords';
	import { roundsOf } from '$lib/io/lessons/rounds';
	import { clockWords, listed } from '$lib/io/lessons/words';
	import FreeText from '$lib/ui/controls/FreeText.svelte';
	import UndoButtons from '$lib/ui/shell/UndoButtons.svelte';
	import type { LessonBench } from '../state/lessonBench.svelte';
	import { pupilName } from '../state/lessonState.svelte';
	import { ClockNow } from '../state/clockNow.svelte';

	interface Props {
		bench: LessonBench;
		/** What was noted in lessons of these pupils before. */
		notes: readonly string[];
	}
	const { bench, notes }: Props = $props();

	const clock = new ClockNow(true);
	const now = $derived(clock.now);

	const { lesson } = $derived(bench);
	const plan = $derived(roundsOf(lesson));
	const index = $derived(Math.min(lesson.rounds?.round?.index ?? 0, plan.rounds.length - 1));
	const round = $derived(plan.rounds[index]);
	const last = $derived(index >= plan.rounds.length - 1);
	const left = $derived(roundLeft(lesson, now));
	/** Stations where somebody is. */
	const busy = $derived(
		plan.stations.flatMap((block, at) => {
			const group = round?.at[at] ?? [];
			return group.length > 0 ? [{ block, at, group }] : [];
		})
	);
	let chosen = $state(untrack(() => busy[0]?.block.id ?? ''));
	const shown = $derived(busy.find(({ block }) => block.id === chosen) ?? busy[0]);
	/** Whom the coach has picked; else whoever is in turn. */
	let picked = $state<string | null>(null);
	const hitting = $derived(
		shown &&
			(picked && shown.group.includes(picked)
				? picked
				: inTurn(lesson, shown.block.id, shown.group))
	);

	function count(asMeant: boolean) {
		if (!shown || !hitting) return;
		const { id } = shown.block;
		bench.change((one) => (one.tallies = countBall(lesson, id, hitting, asMeant)));
		picked = null;
	}
	const note = (words: string, added = false) => {
		if (!shown || !hitting) return;
		const { id } = shown.block;
		bench.change((one) => (one.tallies = noteTally(lesson, id, hitting, words, added)));
	};
	const next = () =>
		bench.become((one) => (last ? endRounds(one) : beginRound(one, index + 1, Date.now())));
	const whereNext = (group: readonly string[]): string => {
		const at = plan.rounds[index + 1]?.at.findIndex((there) => there.includes(group[0]!)) ?? -1;
		return plan.stations[at]?.title ?? '';
	};
</script>

{#if round && shown && hitting}
	<section class="grid gap-3" aria-label="The round">
		<div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-1 border-b-2 border-(--ink)">
			<h2 class="text-3xl font-extrabold max-md:text-2xl">
				Round {index + 1} of {plan.rounds.length}
			</h2>
			<p class="figure text-4xl font-bold whitespace-nowrap" data-testid="round-clock">
				{clockWords(Math.abs(left))}
				<span class={['text-lg', left < 0 ? 'text-(--clay)' : 'text-(--faint)']}
					>{left < 0 ? 'over' : 'left'}</span
				>
			</p>
		</div>
		{#if left < 0}
			<p class="text-xl font-bold">Nobody hits now. Fetch the balls, then walk on.</p>
		{/if}
		<div class="flex flex-wrap gap-2" role="group" aria-label="Stations">
			{#each busy as { block, at, group } (block.id)}
				<button
					type="button"
					class={['btn h-auto min-h-12 py-1', block.id === shown.block.id && 'btn-neutral']}
					aria-pressed={block.id === shown.block.id}
					onclick={() => {
						chosen = block.id;
						picked = null;
					}}
					><span class="grid text-left"
						><b>{at + 1} {block.title}</b><span class="font-normal"
							>{listed(group.map(pupilName))}</span
						></span
					></button
				>
			{/each}
		</div>
		<div class="grid gap-2">
			<p class="flex flex-wrap items-center justify-between gap-3">
				<span class="text-2xl font-bold wrap-anywhere" data-testid="in-turn"
					>{pupilName(hitting)}</span
				>
				<UndoButtons {bench} />
			</p>
			<div class="grid grid-cols-2 gap-2">
				<button type="button" class="btn btn-neutral btn-lg h-16" onclick={() => count(true)}
					><Check size={22} aria-hidden="true" /> As meant</button
				>
				<button type="button" class="btn btn-lg h-16" onclick={() => count(false)}
					><Circle size={20} aria-hidden="true" /> Not as meant</button
				>
			</div>
			{#if shown.block.cue}<p class="text-xl font-bold wrap-anywhere">{shown.block.cue}</p>{/if}
			<ul class="grid">
				{#each shown.group as id (id)}
					{@const tally = tallyOf(lesson, shown.block.id, id)}
					<li class="border-b border-(--rule)">
						<button
							type="button"
							class={[
								'flex min-h-12 w-full items-center justify-between gap-3 px-1 text-left',
								id === hitting && 'bg-(--shade) font-bold'
							]}
							aria-pressed={id === hitting}
							onclick={() => (picked = id)}
						>
							<span class="min-w-0 wrap-anywhere">{pupilName(id)}</span>
							<span class="text-right">{tallyWords(tally) || 'no ball yet'}</span>
						</button>
					</li>
				{/each}
			</ul>
			{#if notes.length > 0}
				<div class="flex flex-wrap gap-1" role="group" aria-label="Said before">
					{#each notes as words (words)}
						<button
							type="button"
							class="btn h-auto min-h-11 px-2.5 text-left font-normal"
							aria-pressed={tallyOf(lesson, shown.block.id, hitting).note.includes(words)}
							onclick={() => note(words, true)}>{words}</button
						>
					{/each}
				</div>
			{/if}
			{#key hitting + shown.block.id}
				<FreeText
					label={`Of ${pupilName(hitting)}`}
					value={tallyOf(lesson, shown.block.id, hitting).note}
					most={300}
					onchange={(words) => note(words)}
				/>
			{/key}
		</div>
		<div class="grid gap-1">
			{#if !last}
				<p>
					{busy
						.map(({ group }) => `${listed(group.map(pupilName))} to ${whereNext(group)}`)
						.join('; ')}.
				</p>
			{/if}
			<div>
				<button type="button" class="btn btn-lg" onclick={next}
					>{last ? 'All rounds are through' : `Round ${index + 2} begins`}</button
				>
			</div>
		</div>
	</section>
{/if}
