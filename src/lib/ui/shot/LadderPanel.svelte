<script lang="ts">
	import { rejectionWords } from '$lib/io/words/rejection';
	import { playWords } from '$lib/io/words/play';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';
	import LadderRow from './LadderRow.svelte';
	import { clubsThatAreOut } from './ladderRows';

	interface Props {
		bench: ShotBench;
		onCompare: (key: string) => void;
	}
	const { bench, onCompare }: Props = $props();

	const FIRST = 8;
	let all = $state(false);
	const choices = $derived(bench.choices);
	const shown = $derived(all ? choices : choices.slice(0, FIRST));
	const longest = $derived(
		Math.max(1, ...choices.map((c) => c.rung.solution.outcome.carry + c.rung.solution.outcome.roll))
	);
	const pin = $derived(bench.shot.situation.toEdge + bench.shot.situation.edgeToPin);
	const out = $derived(clubsThatAreOut(choices, bench.rejected));
	const otherRejected = $derived(bench.rejected.length - out.length);
	const sampled = $derived(choices.some((choice) => choice.option));
</script>

<div class="ladder" data-testid="ladder">
	{#if choices.length > 0}
		<div class="heads" aria-hidden="true">
			<span>In the air, then rolling</span>
			{#each sampled ? ['Strokes', 'Leaves', 'Up & down'] : ['Carry', 'Roll', 'Height'] as head (head)}
				<span class="right">{head}</span>
			{/each}
		</div>
	{/if}
	<ol>
		{#each shown as choice, i (choice.key)}
			<LadderRow
				{choice}
				{longest}
				{pin}
				rank={i + 1}
				chosen={choice.key === bench.chosen?.key}
				onchoose={() => bench.choose(choice.key)}
				oncompare={() => onCompare(choice.key)}
			/>
		{/each}
	</ol>
	{#if choices.length > FIRST}
		<button type="button" class="plain-button" onclick={() => (all = !all)}>
			{all ? 'Show the best eight' : `Show ${choices.length - FIRST} more ways`}
		</button>
	{/if}
	{#if out.length > 0}
		<h3>Out here</h3>
		<ul class="out">
			{#each out as { play, rejection }, i (i)}
				<li><b>{play.club.name}</b> {rejectionWords(rejection, preferences.say)}</li>
			{/each}
		</ul>
	{/if}
	{#if otherRejected > 0}
		<details>
			<summary>{otherRejected} other ways that are out</summary>
			<ul class="out">
				{#each bench.rejected.filter((item) => !out.includes(item)) as { play, rejection }, i (i)}
					<li><b>{playWords(play)}</b> {rejectionWords(rejection, preferences.say)}</li>
				{/each}
			</ul>
		</details>
	{/if}
</div>

<style>
	.ladder {
		display: grid;
		gap: 8px;
	}
	.heads {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 3.25rem 3.75rem 3.25rem;
		gap: 6px;
		align-items: end;
		padding: 0 44px 0 8px;
		line-height: 1.15;
		font-size: 0.8125rem;
		color: var(--faint);
	}
	.right {
		text-align: right;
	}
	h3 {
		margin-top: 8px;
		font-weight: 700;
		border-bottom: var(--border) solid var(--rule);
	}
	.out li {
		padding-block: 4px;
		font-size: 0.875rem;
		border-bottom: 1px solid var(--shade);
	}
	summary {
		cursor: pointer;
		font-size: 0.875rem;
		padding-block: 12px;
		font-weight: 600;
	}
</style>
