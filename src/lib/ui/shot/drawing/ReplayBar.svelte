<script lang="ts">
	import Pause from '@lucide/svelte/icons/pause';
	import Play from '@lucide/svelte/icons/play';
	import type { BallReplay } from '$lib/ui/shot/state/ballReplay.svelte';

	interface Props {
		replay: BallReplay;
		gate: string;
	}
	const { replay, gate }: Props = $props();
</script>

<div
	class="flex flex-wrap items-center gap-2 border-t-(length:--border) border-t-(--rule) bg-(--paper) px-2"
>
	<button
		type="button"
		class="btn btn-ghost btn-square"
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
		class="range range-secondary range-sm w-40"
		type="range"
		aria-label="Time since the strike"
		aria-valuetext={`${replay.time.toFixed(1)} seconds`}
		min="0"
		max={replay.duration}
		step="0.02"
		value={replay.time}
		oninput={(event) => replay.scrub(Number(event.currentTarget.value))}
	/>
	<span class="figure w-[4rem]">{replay.time.toFixed(1)} s</span>
	<span class="ml-auto py-1 text-sm text-(--faint)">{gate}</span>
</div>
