<script lang="ts">
	import Redo2 from '@lucide/svelte/icons/redo-2';
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import { resolve } from '$app/paths';
	import type { GreenBench } from '$lib/ui/state/greenBench.svelte';

	interface Props {
		bench: GreenBench;
	}
	const { bench }: Props = $props();

	const green = $derived(bench.green);
</script>

<div class="bar">
	<a class="back" href={resolve('/greens')}>All greens</a>
	<label>
		<span class="sr-only">Name of the green</span>
		<input
			value={green.name}
			maxlength="60"
			onchange={(event) => {
				const name = event.currentTarget.value.trim();
				if (name) bench.change((g) => (g.name = name));
				else event.currentTarget.value = green.name;
			}}
		/>
	</label>
	<button
		type="button"
		class="quiet-button"
		aria-label="Undo"
		disabled={!bench.canUndo}
		onclick={() => bench.undo()}><Undo2 size={20} aria-hidden="true" /></button
	>
	<button
		type="button"
		class="quiet-button"
		aria-label="Redo"
		disabled={!bench.canRedo}
		onclick={() => bench.redo()}><Redo2 size={20} aria-hidden="true" /></button
	>
</div>
{#each bench.problems as { path, message } (path)}
	<p class="problem notice" role="alert">Not kept yet: {path} {message}</p>
{/each}
{#if bench.failure}<p class="problem notice" role="alert">{bench.failure}</p>{/if}

<style>
	.bar {
		display: flex;
		align-items: center;
		gap: 8px;
		padding: 4px 16px;
	}
	.back {
		font-weight: 600;
		text-decoration: underline;
		padding-block: 10px;
		white-space: nowrap;
	}
	.bar label {
		flex: 1;
		min-width: 0;
	}
	.bar input {
		width: 100%;
		height: 44px;
		font-weight: 800;
		font-size: 1.25rem;
		background: transparent;
		border-bottom: var(--border) solid var(--rule);
	}
	.notice {
		padding: 4px 16px;
	}
</style>
