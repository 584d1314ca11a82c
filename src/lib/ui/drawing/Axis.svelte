<script lang="ts">
	import { axisBottom, axisLeft, type AxisScale } from 'd3-axis';
	import { select } from 'd3-selection';

	interface Props {
		scale: AxisScale<number> | AxisScale<Date>;
		side: 'bottom' | 'left';
		/** Where the axis lies. */
		x?: number;
		y?: number;
		ticks: readonly number[] | readonly Date[];
		words: (value: number & Date) => string;
		/** Length of the ticks; negative ones reach into the drawing as a grid. */
		tickSize?: number;
		padding?: number;
	}
	const { scale, side, x = 0, y = 0, ticks, words, tickSize = 6, padding = 4 }: Props = $props();

	let group = $state<SVGGElement>();

	$effect(() => {
		if (!group) return;
		const make = side === 'bottom' ? axisBottom : axisLeft;
		const axis = make(scale as AxisScale<number>)
			.tickValues(ticks as number[])
			.tickFormat(words as (value: number) => string)
			.tickSize(tickSize)
			.tickPadding(padding);
		select(group).call(axis).select('.domain').remove();
	});
</script>

<g bind:this={group} class="axis" transform={`translate(${x} ${y})`}></g>

<style>
	.axis :global(text) {
		font: 500 12px var(--font-mono);
		fill: var(--faint);
	}
	.axis :global(line) {
		stroke: var(--rule);
	}
</style>
