<script lang="ts">
	import { recordWords, STEP_WORDS } from '$lib/io/trainer/words';
	import type { TrainerBench } from './trainerBench.svelte';

	interface Props {
		bench: TrainerBench;
		/** Of the pupil. */
		name: string;
	}
	const { bench, name }: Props = $props();

	/** So many steps that are due are named. */
	const NAMED = 2;
	const weak = $derived(bench.records.find((record) => record.weak));
	const counted = $derived(bench.reads.filter(({ steps }) => steps.length > 0));
	const dueSteps = $derived(bench.due.slice(0, NAMED));
</script>

<section class="grid gap-2" aria-label="How it goes">
	<h2 class="ruled-heading">How {name} reads</h2>
	{#if counted.length === 0}
		<p>Nothing read yet. After some shots it says here which step loses most.</p>
	{:else}
		<p>
			{counted.length}
			{counted.length === 1 ? 'shot' : 'shots'} read, now at level {bench.level} of 6.
			{weak
				? `${STEP_WORDS[weak.step]} goes wrong more often than the rest.`
				: 'No step stands out from the others; so few cannot tell more.'}
			{#if dueSteps.length > 0}
				To be asked again: {dueSteps.map((one) => STEP_WORDS[one].toLowerCase()).join(', ')}.
			{/if}
		</p>
		<ul class="grid gap-x-8 md:grid-cols-2">
			{#each bench.records as record (record.step)}
				<li class="border-b border-(--rule) py-1">
					<b>{STEP_WORDS[record.step]}</b>: {recordWords(record)}
				</li>
			{/each}
		</ul>
	{/if}
</section>
