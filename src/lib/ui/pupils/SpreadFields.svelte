<script lang="ts">
	import { spreadOf } from '$lib/io/work/player';
	import type { OwnSpread } from '$lib/io/work/player';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';

	interface Props {
		bench: PupilBench;
	}
	const { bench }: Props = $props();

	const own = $derived(bench.file.pupil.spread);
	const shown = $derived(own ?? spreadOf(bench.file.pupil));
	const FIELDS: readonly {
		key: keyof OwnSpread;
		label: string;
		symbol: string;
		low: number;
		high: number;
		step: number;
	}[] = [
		{ key: 'speed', label: 'Head speed', symbol: '%', low: 0.5, high: 30, step: 0.5 },
		{ key: 'direction', label: 'Direction', symbol: '°', low: 0.2, high: 15, step: 0.2 },
		{ key: 'loft', label: 'Loft', symbol: '°', low: 0.2, high: 12, step: 0.2 },
		{ key: 'lowPoint', label: 'Low point', symbol: 'cm', low: 0.1, high: 8, step: 0.1 }
	];

	const set = (key: keyof OwnSpread, value: number) =>
		bench.change(({ pupil }) => (pupil.spread = { ...shown, [key]: value }));
</script>

<details>
	<summary class="min-h-11 cursor-pointer py-3 font-semibold"
		>How the strike varies: {own ? 'own numbers' : 'from the skill'}</summary
	>
	<p class="hint">From ball to ball, at a medium swing: two of three stay within it.</p>
	<div class="field-grid">
		{#each FIELDS as { key, label, symbol, low, high, step } (key)}
			<NumberField
				{label}
				value={shown[key]}
				{symbol}
				{low}
				{high}
				{step}
				decimals={1}
				onchange={(v) => set(key, v)}
			/>
		{/each}
	</div>
	<button
		type="button"
		class="btn"
		disabled={!own}
		onclick={() => bench.change(({ pupil }) => delete pupil.spread)}
	>
		Use the skill’s numbers
	</button>
</details>
