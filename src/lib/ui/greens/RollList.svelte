<script lang="ts">
	import X from '@lucide/svelte/icons/x';
	import { FOOT } from '$lib/core/units';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import TapeButton from './TapeButton.svelte';
	import type { SpeedTest } from '$lib/ui/state/speedTest.svelte';

	interface Props {
		test: SpeedTest;
		place: number;
		way: 'up' | 'down';
	}
	const { test, place, way }: Props = $props();

	let next = $state(10);
	const rolls = $derived(test.places[place]![way]);
	/** Rolls are spoken of in feet whatever the unit: green speed is. */
	const feet = (metres: number) => `${(metres / FOOT).toFixed(1)} ft`;
</script>

<ol>
	{#each rolls as roll, i (i)}
		<li>
			<span>Roll {i + 1}</span>
			<span class="figure">{feet(roll)}</span>
			<button
				type="button"
				class="quiet-button"
				aria-label={`Take out roll ${i + 1}`}
				onclick={() => test.remove(place, way, i)}
			>
				<X size={18} aria-hidden="true" />
			</button>
		</li>
	{:else}
		<li>No rolls yet: two are the least, three are better.</li>
	{/each}
</ol>
<div class="add">
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
	<button
		type="button"
		class="plain-button strong"
		onclick={() => test.add(place, way, next * FOOT)}>Note it</button
	>
</div>
<TapeButton
	about={next * FOOT}
	seed={rolls.length + 10 * place}
	onread={(metres) => (next = metres / FOOT)}
/>

<style>
	li {
		display: grid;
		grid-template-columns: 1fr auto 44px;
		align-items: center;
		min-height: 44px;
		border-bottom: 1px solid var(--shade);
	}
	.figure {
		font-weight: 700;
		font-size: 1.125rem;
	}
	.add {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 12px;
		align-items: end;
	}
</style>
