<script lang="ts">
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const situation = $derived(bench.shot.situation);
	const change = (apply: (s: typeof situation) => void) =>
		bench.change((shot) => apply(shot.situation));
</script>

<div class="field-grid">
	<NumberField
		label="Green speed"
		value={situation.stimpFeet}
		symbol="ft"
		low={3}
		high={18}
		step={0.5}
		decimals={1}
		onchange={(v) => change((s) => (s.stimpFeet = v))}
	/>
	<ChoiceField
		label="Turf"
		value={situation.firmness}
		options={[
			{ value: 'soft', label: 'Soft' },
			{ value: 'medium', label: 'Medium' },
			{ value: 'firm', label: 'Firm' }
		]}
		onchange={(v) => change((s) => (s.firmness = v))}
	/>
	<ChoiceField
		label="Grain"
		value={situation.grain}
		options={[
			{ value: 'none', label: 'None' },
			{ value: 'with', label: 'With the shot' },
			{ value: 'against', label: 'Against it' },
			{ value: 'left', label: 'Toward the left' },
			{ value: 'right', label: 'Toward the right' }
		]}
		onchange={(v) => change((s) => (s.grain = v))}
	/>
</div>
