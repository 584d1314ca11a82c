<script lang="ts">
	import { LETTERS } from '$lib/io/fields/ranges';
	import { resolve } from '$app/paths';
	import ClashLines from '$lib/ui/shell/ClashLines.svelte';
	import UndoButtons from '$lib/ui/shell/UndoButtons.svelte';
	import type { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';

	interface Props {
		bench: GreenBench;
	}
	const { bench }: Props = $props();

	const green = $derived(bench.green);

	/** The parts of a green as a sentence names them. */
	const PART_WORDS: Partial<Record<string, string>> = {
		outline: 'outline',
		collar: 'width of the collar',
		fringe: 'fringe',
		areas: 'areas',
		spots: 'spot heights',
		tilts: 'tilts',
		grid: 'grid',
		pins: 'pins',
		note: 'note'
	};
</script>

<div class="flex items-center gap-2 px-4 py-1">
	<a class="py-2.5 font-semibold whitespace-nowrap underline" href={resolve('/greens')}
		>All greens</a
	>
	<label class="min-w-0 flex-1">
		<span class="sr-only">Name of the green</span>
		<input
			class="input input-ghost w-full rounded-none border-0 border-b-(length:--border) border-(--frame) px-0 text-xl font-extrabold"
			value={green.name}
			maxlength={LETTERS.name}
			onchange={(event) => {
				const name = event.currentTarget.value.trim();
				if (name) bench.change((g) => (g.name = name));
				else event.currentTarget.value = green.name;
			}}
		/>
	</label>
	<UndoButtons {bench} />
</div>
{#each bench.problems as { path, message }, i (`${path} ${i}`)}
	<p class="problem px-4 py-1" role="alert">Not kept yet: {path} {message}</p>
{/each}
{#each bench.overtaken as item (item.key)}
	<p
		class="flex flex-wrap items-center gap-x-3 border-l-4 border-l-(--clay) px-4 py-1"
		role="status"
	>
		Another tab changed the {PART_WORDS[item.key] ?? item.key}{typeof item.mine === 'string'
			? `; here it was “${item.mine}”`
			: ' that you had changed here'}.
		<button type="button" class="btn btn-ghost" onclick={() => bench.putBack(item)}
			>Put mine back</button
		>
	</p>
{/each}
<ClashLines {bench} />
{#if bench.trouble}<p class="problem px-4 py-1" role="alert">{bench.trouble}</p>{/if}
