<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { FOOT } from '$lib/core/units';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import TapeButton from './TapeButton.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import type { RampReader } from '$lib/ui/measure/state/rampReader.svelte';

	interface Props {
		test: RampReader;
		place: number;
		way: 'up' | 'down';
	}
	const { test, place, way }: Props = $props();

	let next = $state(10);
	const rolls = $derived(test.places[place]![way]);
	/** Rolls are spoken of in feet whatever the unit: green speed is. */
	const feet = (metres: number) => `${(metres / FOOT).toFixed(1)} ft`;
</script>

<ol {@attach rowFocus}>
	{#each rolls as roll, i (i)}
		<li class="grid min-h-11 grid-cols-[1fr_auto_2.75rem] items-center border-b border-b-(--shade)">
			<span>Roll {i + 1}</span>
			<span class="figure text-lg font-bold">{feet(roll)}</span>
			<button
				type="button"
				class="btn btn-ghost btn-square"
				aria-label={`Take out roll ${i + 1}`}
				onclick={() => test.remove(place, way, i)}
			>
				<X size={18} aria-hidden="true" />
			</button>
		</li>
	{:else}
		<li class="grid min-h-11 grid-cols-[1fr_auto_2.75rem] items-center border-b border-b-(--shade)">
			No rolls yet: two are the least, three are better.
		</li>
	{/each}
</ol>
<div class="grid grid-cols-[1fr_auto] items-end gap-3">
	<NumberField
		label="Length of the roll"
		value={next}
		symbol="ft"
		low={1}
		high={45}
		step={0.25}
		decimals={2}
		onchange={(v) => (next = v)}
	/>
	<button type="button" class="btn btn-neutral" onclick={() => test.add(place, way, next * FOOT)}
		>Note it</button
	>
</div>
<TapeButton
	about={next * FOOT}
	seed={rolls.length + 10 * place}
	onread={(metres) => (next = metres / FOOT)}
/>
