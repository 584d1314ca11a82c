<script lang="ts">
	import { setupLine } from '$lib/io/words/setup';
	import { reasonWords } from '$lib/io/words/reason';
	import { formatLength } from '$lib/ui/format/lengths';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';
	import { callWords } from './callWords';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const say = (metres: number) => formatLength(metres, preferences.style);
	const chosen = $derived(bench.chosen);
	const { toEdge, edgeToPin } = $derived(bench.shot.situation);
	const words = $derived(chosen && callWords(chosen, { toEdge, pin: toEdge + edgeToPin }, say));
	const isBest = $derived(chosen?.key === bench.choices[0]?.key);
	const reason = $derived(
		isBest && bench.plan?.why[0]
			? reasonWords(bench.plan.why[0], preferences.say)
			: isBest && bench.first
				? 'Least air of the shots that work; weighing the strokes next.'
				: 'Your choice. The first row of the ladder is what we would play.'
	);
	const status = $derived(
		{
			idle: '',
			solving: 'Working it out',
			sampling: `Playing it ${Math.round(bench.progress * 100)} %`,
			ready: '',
			stopped: 'Stopped early: least air first, no strokes yet',
			failed: bench.failure
		}[bench.status]
	);
</script>

<div class="call" aria-live="polite" data-testid="call">
	{#if bench.problems.length > 0}
		<p class="headline">No call yet</p>
		{#each bench.problems as { path, message } (path)}
			<p class="problem">{path} {message}</p>
		{/each}
	{:else if words && chosen}
		<p class="headline">
			<span>{words.club}</span> <span>{words.landing}</span> <span>{words.swing}</span>
			<span>{words.aim}</span>
		</p>
		<p class="setup">{setupLine(chosen.setup)}</p>
		<p class="reason">{reason}</p>
	{:else if bench.first}
		<p class="headline">No shot works from here</p>
		<p class="reason">
			Every club is out: the ladder says why. Move the pin, the ball or what is in the way.
		</p>
	{:else}
		<p class="headline">Working it out</p>
	{/if}
	<p class="status">
		{status}
		{#if bench.status === 'sampling'}
			<button type="button" class="link" onclick={() => bench.cancel()}>Stop</button>
		{:else if bench.status === 'stopped' || bench.status === 'failed'}
			<button type="button" class="link" onclick={() => bench.refresh()}>Go on</button>
		{/if}
	</p>
</div>

<style>
	.call {
		min-height: 8rem;
		padding: 12px 16px 0;
		position: relative;
	}
	.headline {
		font-size: clamp(1.25rem, 2vw, 1.75rem);
		font-weight: 700;
		line-height: 1.2;
	}
	.headline span {
		white-space: nowrap;
	}
	.headline span:not(:last-child)::after {
		content: ' ·';
		color: var(--faint);
	}
	.setup {
		margin-top: 4px;
		font-size: 1rem;
	}
	.reason {
		margin-top: 2px;
		color: var(--faint);
		max-width: 76ch;
	}
	.status {
		font-size: 0.8125rem;
		min-height: 1.5rem;
		color: var(--faint);
	}
	.link {
		text-decoration: underline;
		cursor: pointer;
		font-weight: 600;
		color: var(--ink);
		padding: 4px;
	}
</style>
