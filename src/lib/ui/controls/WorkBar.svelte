<script lang="ts">
	import type { WorkStatus } from '$lib/ui/state/cancellableWork.svelte';

	interface Props {
		status: WorkStatus;
		progress: number;
		failure: string;
		/** What the button starts. */
		label: string;
		disabled?: boolean;
		onstart: () => void;
		onstop: () => void;
	}
	const { status, progress, failure, label, disabled = false, onstart, onstop }: Props = $props();
</script>

<div class="flex min-h-12 items-center gap-3">
	{#if status === 'working'}
		<progress
			class="progress progress-primary h-4 flex-1"
			max="1"
			value={progress}
			aria-label={label}
		></progress>
		<span class="figure">{Math.round(progress * 100)} %</span>
		<button type="button" class="btn" onclick={onstop}>Stop</button>
	{:else}
		<button type="button" class="btn btn-neutral" {disabled} onclick={onstart}>
			{status === 'done' ? 'Work it out again' : label}
		</button>
	{/if}
</div>
{#if status === 'failed'}
	<p class="problem" role="alert">It stopped: {failure} Start it again; nothing else is changed.</p>
{:else if status === 'stopped'}
	<p class="hint" role="status">Stopped. Nothing is kept of it.</p>
{/if}
