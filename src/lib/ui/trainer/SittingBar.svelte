<script lang="ts">
	import { clockWords } from '$lib/io/lessons/words';
	import { SITTING, sittingWords } from '$lib/io/trainer/sitting';
	import { ClockNow } from '$lib/ui/lessons/state/clockNow.svelte';
	import type { TrainerBench } from './trainerBench.svelte';

	interface Props {
		bench: TrainerBench;
		/** When it was begun, ms. */
		began: number;
		/** Whether its five minutes are over: the shot at hand is still read. */
		timeIsUp: boolean;
		onagain: () => void;
		onleave: () => void;
	}
	let { bench, began, timeIsUp = $bindable(), onagain, onleave }: Props = $props();

	const SECOND = 1000;
	const clock = new ClockNow(true);
	const left = $derived(SITTING.seconds - (clock.now - began) / SECOND);
	$effect(() => {
		timeIsUp = left <= 0;
	});
	const isOver = $derived(timeIsUp && (bench.reading !== null || bench.settled.length === 0));
	const said = $derived(sittingWords(bench.reads, began));
</script>

<div class="flex flex-wrap items-center gap-3 border-b-2 border-(--ink) pb-2">
	<p class="min-w-0 flex-1 text-lg wrap-anywhere" role={isOver ? 'status' : undefined}>
		{#if isOver}<b>Five minutes are over.</b>{/if}
		{said}
	</p>
	{#if !timeIsUp}
		<p class="figure text-2xl font-bold" data-testid="sitting-clock">
			{clockWords(Math.max(0, left))}
		</p>
	{/if}
	{#if isOver}
		<button type="button" class="btn" onclick={onagain}>Another five minutes</button>
	{/if}
	<button type="button" class="btn" onclick={onleave}>{isOver ? 'Done' : 'Stop'}</button>
</div>
