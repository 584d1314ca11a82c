<script lang="ts">
	import type { GreenWire } from '$lib/io/work/green';
	import { outlinePath } from '$lib/ui/drawing/mapPicture';
	import { planView } from '$lib/ui/drawing/planView';

	interface Props {
		green: GreenWire;
	}
	const { green }: Props = $props();

	const WIDTH = 132;
	const HEIGHT = 104;
	const MARGIN = 4;
	const areas = $derived(green.areas.filter(({ kind }) => kind === 'sand' || kind === 'water'));
	const around = $derived(areas.flatMap(({ outline }) => outline));
	const view = $derived(planView.whole(green.outline, around, WIDTH, HEIGHT, MARGIN));
</script>

<svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={`Outline of ${green.name}`}>
	<path class="green" d={outlinePath(green.outline, view.project)} />
	{#each areas as area, i (i)}
		<path class={area.kind} d={outlinePath(area.outline, view.project)} />
	{/each}
	{#each green.pins as { at }, i (i)}
		{@const [x, y] = view.project(...at)}
		<path class="pin" d="M0,0V-12l8,3l-8,3" transform={`translate(${x} ${y})`} />
	{/each}
</svg>

<style>
	svg {
		width: 100%;
		display: block;
		overflow: hidden;
	}
	.green {
		fill: var(--turf-wash);
		stroke: var(--turf);
		stroke-width: 2;
	}
	.sand {
		fill: var(--sand-wash);
		stroke: var(--ink);
	}
	.water {
		fill: var(--sky-wash);
		stroke: var(--sky);
		stroke-width: 2;
	}
	.pin {
		fill: var(--ink);
		stroke: var(--ink);
		stroke-width: 1.5;
	}
</style>
