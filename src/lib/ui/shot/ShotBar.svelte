<script lang="ts">
	import Copy from '@lucide/svelte/icons/copy';
	import Redo2 from '@lucide/svelte/icons/redo-2';
	import Save from '@lucide/svelte/icons/save';
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import { toast } from 'svelte-sonner';
	import { saveShot } from '$lib/store/savedShots';
	import { writeLastShot } from '$lib/store/settings';
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const UNTITLED = 'New shot';

	async function save(asCopy: boolean) {
		const name = bench.name.trim() || UNTITLED;
		try {
			const id = asCopy ? undefined : (bench.id ?? undefined);
			const saved = await saveShot(
				asCopy && bench.id ? `${name} (copy)`.slice(0, 60) : name,
				$state.snapshot(bench.shot),
				id
			);
			bench.id = saved.id;
			bench.name = saved.name;
			await writeLastShot({ shot: saved.shot, id: saved.id });
			toast.success(`Saved “${saved.name}”.`);
		} catch (error) {
			toast.error(
				`Not saved; the shot on the screen is as it was. ${error instanceof Error ? error.message : ''}`
			);
		}
	}

	function onkeydown(event: KeyboardEvent) {
		if (!event.ctrlKey && !event.metaKey) return;
		const key = event.key.toLowerCase();
		if (key === 's') {
			event.preventDefault();
			void save(false);
		} else if (key === 'z') {
			event.preventDefault();
			if (event.shiftKey) bench.redo();
			else bench.undo();
		}
	}
</script>

<svelte:window {onkeydown} />
<div class="bar">
	<label>
		<span class="sr-only">Name of the shot</span>
		<input placeholder={UNTITLED} maxlength="60" bind:value={bench.name} />
	</label>
	<button type="button" class="plain-button" onclick={() => save(false)}
		><Save size={18} aria-hidden="true" /> Save</button
	>
	<button type="button" class="plain-button" disabled={!bench.id} onclick={() => save(true)}>
		<Copy size={18} aria-hidden="true" /> <span class="long">Save as copy</span>
	</button>
	<button
		type="button"
		class="quiet-button"
		aria-label="Undo"
		disabled={!bench.canUndo}
		onclick={() => bench.undo()}
	>
		<Undo2 size={20} aria-hidden="true" />
	</button>
	<button
		type="button"
		class="quiet-button"
		aria-label="Redo"
		disabled={!bench.canRedo}
		onclick={() => bench.redo()}
	>
		<Redo2 size={20} aria-hidden="true" />
	</button>
</div>

<style>
	.bar {
		display: flex;
		flex-wrap: wrap;
		gap: 8px;
		align-items: center;
		padding: 4px 16px;
	}
	label {
		flex: 1 1 8rem;
	}
	@media (max-width: 720px) {
		.bar {
			gap: 4px;
		}
		label {
			flex-basis: 5rem;
		}
		.long {
			position: absolute;
			width: 1px;
			height: 1px;
			overflow: hidden;
			clip-path: inset(50%);
		}
	}
	input {
		width: 100%;
		height: 44px;
		font-weight: 700;
		background: transparent;
		border-bottom: var(--border) solid var(--rule);
	}
</style>
