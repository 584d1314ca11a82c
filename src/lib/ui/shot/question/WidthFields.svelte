<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	/** What is taken where nothing is said. */
	const WIDE = 12;
	const own = $derived(bench.shot.situation.width);
	const width = $derived(own ?? { left: WIDE, right: WIDE });
	const widen = (side: 'left' | 'right', value: number) =>
		bench.change(({ situation }) => (situation.width = { ...width, [side]: value }));
</script>

<div class="field-grid">
	<LengthField
		label="Green left of the line"
		metres={width.left}
		{...RANGE.toSide}
		onchange={(v) => widen('left', v)}
	/>
	<LengthField
		label="Green right of the line"
		metres={width.right}
		{...RANGE.toSide}
		onchange={(v) => widen('right', v)}
	/>
</div>
{#if own}
	<button
		type="button"
		class="btn btn-ghost"
		onclick={() => bench.change(({ situation }) => delete situation.width)}
		>Wide on both sides</button
	>
{/if}
