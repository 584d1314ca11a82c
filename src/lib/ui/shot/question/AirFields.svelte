<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import { airDensity } from '$lib/core/ball/airDensity';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const wind = $derived(bench.shot.situation.wind ?? { along: 0, across: 0 });
	const density = $derived(bench.shot.situation.airDensity ?? 1.2);
	let altitude = $state(0);
	let celsius = $state(20);

	const blow = (part: 'along' | 'across', value: number) =>
		bench.change(({ situation }) => (situation.wind = { ...wind, [part]: value }));
	function breathe() {
		bench.change(
			({ situation }) => (situation.airDensity = Number(airDensity(altitude, celsius).toFixed(3)))
		);
	}
</script>

<div class="field-grid">
	<NumberField
		label="Wind helping (+)"
		value={wind.along}
		symbol="m/s"
		{...RANGE.wind}
		step={1}
		decimals={0}
		onchange={(v) => blow('along', v)}
	/>
	<NumberField
		label="Wind to the right (+)"
		value={wind.across}
		symbol="m/s"
		{...RANGE.wind}
		step={1}
		decimals={0}
		onchange={(v) => blow('across', v)}
	/>
	<NumberField
		label="Altitude"
		value={altitude}
		symbol="m"
		low={-400}
		high={4000}
		step={100}
		decimals={0}
		onchange={(v) => {
			altitude = v;
			breathe();
		}}
	/>
	<NumberField
		label="Temperature"
		value={celsius}
		symbol="°C"
		low={-10}
		high={45}
		step={1}
		decimals={0}
		hint={`Air ${density.toFixed(2)} kg/m³`}
		onchange={(v) => {
			celsius = v;
			breathe();
		}}
	/>
</div>
