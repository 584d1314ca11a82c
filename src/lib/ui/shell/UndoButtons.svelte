<script lang="ts">
	import Redo2 from '@lucide/svelte/icons/redo-2';
	import Undo2 from '@lucide/svelte/icons/undo-2';

	interface Props {
		bench: { undo(): void; redo(): void; readonly canUndo: boolean; readonly canRedo: boolean };
		/** What is undone, where several things on a page can be. */
		of?: string;
	}
	const { bench, of }: Props = $props();
	const name = (verb: string) => (of ? `${verb} a change of ${of}` : verb);
</script>

<span class="flex">
	<button
		type="button"
		class="btn btn-ghost btn-square"
		aria-label={name('Undo')}
		aria-disabled={!bench.canUndo}
		onclick={() => bench.canUndo && bench.undo()}
	>
		<Undo2 size={20} aria-hidden="true" />
	</button>
	<button
		type="button"
		class="btn btn-ghost btn-square"
		aria-label={name('Redo')}
		aria-disabled={!bench.canRedo}
		onclick={() => bench.canRedo && bench.redo()}
	>
		<Redo2 size={20} aria-hidden="true" />
	</button>
</span>
