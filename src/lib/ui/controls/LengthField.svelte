<script lang="ts">
	import { inUnit } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import NumberField from './NumberField.svelte';

	interface Props {
		label: string;
		/** Null where nothing is known yet. */
		metres: number | null;
		low: number;
		high: number;
		hint?: string;
		onchange: (metres: number) => void;
	}
	const { label, metres, low, high, hint, onchange }: Props = $props();
	const style = $derived(playing.style);
</script>

<NumberField
	{label}
	{hint}
	value={metres === null ? null : inUnit(metres, style)}
	symbol={style.symbol}
	low={inUnit(low, style)}
	high={inUnit(high, style)}
	step={style.step}
	decimals={style.decimals}
	onchange={(value) => onchange(value * style.size)}
/>
