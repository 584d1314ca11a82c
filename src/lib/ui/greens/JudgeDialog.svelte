<script lang="ts">
	import type { ReadingWire } from '$lib/io/reading';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import type { GreenBench } from '$lib/ui/state/greenBench.svelte';
	import { keepReading } from './keepReading';
	import TurfFields from './TurfFields.svelte';

	interface Props {
		bench: GreenBench;
		newest: ReadingWire | undefined;
		onclose: () => void;
	}
	const { bench, newest, onclose }: Props = $props();

	let stimpFeet = $state(10);
	let turf = $state<Pick<ReadingWire, 'firmness' | 'wet' | 'grainTowards'>>({
		firmness: 'medium',
		wet: false,
		grainTowards: null
	});
	$effect.pre(() => {
		if (!newest) return;
		stimpFeet = newest.stimpFeet;
		turf = { firmness: newest.firmness, wet: newest.wet, grainTowards: newest.grainTowards };
	});

	async function keep() {
		const kept = await keepReading(bench.green.id, {
			stimpFeet,
			errorFeet: null,
			method: 'judged',
			...turf
		});
		if (kept) onclose();
	}
</script>

<SheetDialog
	bind:open={() => true, (open) => !open && onclose()}
	title="Judge today’s green"
	description="When there is no time to measure: what it looks like, and what a dropped ball does."
>
	<NumberField
		label="Green speed"
		value={stimpFeet}
		symbol="ft"
		low={3}
		high={18}
		step={0.5}
		decimals={1}
		hint="8 slow, 10 medium, 12 quick"
		onchange={(v) => (stimpFeet = v)}
	/>
	<TurfFields {turf} onchange={(changed) => (turf = changed)} />
	<button type="button" class="plain-button strong keep" onclick={() => void keep()}>Keep it</button
	>
</SheetDialog>

<style>
	.keep {
		margin-top: 16px;
		min-height: 56px;
		width: 100%;
	}
</style>
