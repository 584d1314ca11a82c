<script lang="ts">
	import type { FileWork } from './fileWork.svelte';

	interface Props {
		work: FileWork;
		/** What is being done, as in “Reading the file”. */
		label: string;
	}
	const { work, label }: Props = $props();
</script>

{#if work.status === 'working'}
	<div class="flex min-h-11 items-center gap-3">
		<span class="text-sm">{label}</span>
		<progress
			class="progress progress-primary h-4 flex-1"
			max="1"
			value={work.progress}
			aria-label={label}
		></progress>
		<button type="button" class="btn" onclick={() => work.cancel()}>Stop</button>
	</div>
{:else if work.status === 'stopped'}
	<p class="hint" role="status">Stopped. Nothing was changed.</p>
{:else if work.status === 'failed'}
	<p class="problem" role="alert">{work.failure} Nothing was changed.</p>
{/if}
