<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import type { MissCost } from '$lib/core/plan/studies/whereToMiss';
	import { playWords } from '$lib/io/words/play';
	import type { PlanView } from '$lib/ui/drawing/planView';
	import { strokesWords } from '$lib/ui/format/strokes';
	import { byCost } from './missWords';

	interface Props {
		costs: readonly MissCost[];
		view: PlanView;
	}
	const { costs, view }: Props = $props();

	const SMALL = 3;
	const LARGE = 13;
	/** So many of the best and of the worst carry their number. */
	const NAMED = 3;
	const sorted = $derived(byCost(costs));
	const radius = $derived(
		scaleLinear()
			.domain([sorted[0]?.strokes ?? 2, sorted.at(-1)?.strokes ?? 4])
			.range([SMALL, LARGE])
	);
	const named = $derived(new Set([...sorted.slice(0, NAMED), ...sorted.slice(-NAMED)]));
</script>

{#each costs as cost, i (i)}
	{@const [x, y] = view.project(...cost.spot)}
	<g transform={`translate(${x} ${y})`}>
		<circle r={radius(cost.strokes)}>
			<title>{strokesWords(cost.strokes)}{cost.play ? ` with ${playWords(cost.play)}` : ''}</title>
		</circle>
	</g>
{/each}
{#each [...named] as cost, i (i)}
	{@const [x, y] = view.project(...cost.spot)}
	<text {x} y={y + 4}>{strokesWords(cost.strokes)}</text>
{/each}

<style>
	circle {
		fill: var(--clay);
		fill-opacity: 0.3;
		stroke: var(--clay);
		stroke-width: 1.5;
	}
	text {
		font: 700 13px var(--font-mono);
		fill: var(--ink);
		text-anchor: middle;
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 4px;
	}
</style>
