<script lang="ts">
	import { playing } from '$lib/ui/state/playing.svelte';

	interface Props {
		/** Pixels per metre. */
		factor: number;
		x: number;
		y: number;
	}
	const { factor, x, y }: Props = $props();

	const style = $derived(playing.style);
	const unit = $derived(factor * style.size);
	/** The longest of these that stays under 150 px. */
	const count = $derived([20, 10, 5, 2, 1].find((n) => n * unit < 150) ?? 1);
</script>

<g transform={`translate(${x} ${y})`}>
	<path d={`M0,-6V0H${count * unit}V-6`} />
	<text x={count * unit + 6}>{count} {style.symbol}</text>
</g>

<style>
	path {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	text {
		font: 600 12px var(--font-mono);
		fill: var(--ink);
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 3px;
	}
</style>
