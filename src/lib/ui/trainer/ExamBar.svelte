<script lang="ts">
	import { clockWords } from '$lib/io/lessons/words';
	import { ClockNow } from '$lib/ui/lessons/state/clockNow.svelte';
	import type { Exam } from '$lib/io/trainer/exam';

	interface Props {
		exam: Exam;
		/** Shots that are not answered yet. */
		toAnswer: number;
		/** When it was begun, ms. */
		began: number;
		/** Whether there is time left. */
		timeIsUp: boolean;
		onleave: () => void;
	}
	let { exam, toAnswer, began, timeIsUp = $bindable(), onleave }: Props = $props();

	const SECOND = 1000;
	const MINUTE = 60;
	const clock = new ClockNow(true);
	const left = $derived(exam.minutes * MINUTE - (clock.now - began) / SECOND);
	$effect(() => {
		timeIsUp = left <= 0;
	});
</script>

<div class="flex flex-wrap items-center gap-3 border-b-2 border-(--ink) pb-2">
	<p class="min-w-0 flex-1 text-lg font-bold wrap-anywhere">
		{exam.name}: {toAnswer} of {exam.items.length} to go{timeIsUp ? ', the time is up' : ''}
	</p>
	{#if !timeIsUp && toAnswer > 0}
		<p class="figure text-2xl font-bold" data-testid="exam-clock">
			{clockWords(Math.max(0, left))}
		</p>
	{/if}
	<button type="button" class="btn" onclick={onleave}
		>{toAnswer === 0 || timeIsUp ? 'How it went' : 'Leave it'}</button
	>
</div>
