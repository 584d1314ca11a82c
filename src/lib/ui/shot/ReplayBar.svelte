<script lang="ts">
	import Pause from '@lucide/svelte/icons/pause';
	import Play from '@lucide/svelte/icons/play';
	import type { BallReplay } from '$lib/ui/state/ballReplay.svelte';

	interface Props {
		replay: BallReplay;
		gate: string;
	}
	const { replay, gate }: Props = $props();
</script>

<div class="bar">
	<button
		type="button"
		class="quiet-button"
		aria-label={replay.playing ? 'Hold the ball' : 'Play the ball'}
		disabled={replay.duration === 0}
		onclick={() => (replay.playing ? replay.stop() : replay.play())}
	>
		{#if replay.playing}<Pause size={20} aria-hidden="true" />{:else}<Play
				size={20}
				aria-hidden="true"
			/>{/if}
	</button>
	<input
		type="range"
		aria-label="Time since the strike"
		aria-valuetext={`${replay.time.toFixed(1)} seconds`}
		min="0"
		max={replay.duration}
		step="0.02"
		value={replay.time}
		oninput={(event) => replay.scrub(Number(event.currentTarget.value))}
	/>
	<span class="figure time">{replay.time.toFixed(1)} s</span>
	<span class="gate">{gate}</span>
</div>

<style>
	.bar {
		display: flex;
		align-items: center;
		gap: 8px;
		padding-inline: 8px;
		background: var(--paper);
		border-top: var(--border) solid var(--rule);
		flex-wrap: wrap;
	}
	input {
		width: 160px;
		height: 44px;
		accent-color: var(--sky);
	}
	.time {
		width: 4rem;
	}
	.gate {
		margin-left: auto;
		font-size: 0.875rem;
		color: var(--faint);
		padding-block: 4px;
	}
</style>
