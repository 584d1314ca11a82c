<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import Axis from '$lib/ui/drawing/Axis.svelte';
	import { everyFew, pathThrough } from '$lib/ui/drawing/scale';

	import Figures from '../Figures.svelte';

	/** A value with what lies around it. */
	interface Mark {
		/** On the axis below. */
		label: string;
		low: number;
		value: number;
		high: number;
	}
	interface Props {
		marks: readonly Mark[];
		/** In a sentence, made from the numbers. */
		words: string;
		/** Of the axis on the left. */
		unit: string;
		tick: (value: number) => string;
		/** Always in view. */
		domain: readonly [number, number];
		/** Whether every value has a dot; many are only a line. */
		dots?: boolean;
		/** Where something happened, in marks: 1.5 is in the middle between the second and the third. */
		flags?: readonly number[];
		caption: string;
		/** Heads of the table behind it. */
		heads: readonly string[];
		rows: () => readonly (readonly string[])[];
	}
	const {
		marks,
		words,
		unit,
		tick,
		domain,
		dots = true,
		flags = [],
		caption,
		heads,
		rows
	}: Props = $props();

	const HEIGHT = 190;
	const LEFT = 52;
	const RIGHT = 34;
	const BOTTOM = 26;
	const TOP = 24;
	let width = $state(420);

	const x = $derived(
		scaleLinear()
			.domain([0, Math.max(1, marks.length - 1)])
			.range([LEFT + 30, width - RIGHT])
	);
	const y = $derived(
		scaleLinear()
			.domain([
				Math.min(domain[0], ...marks.map(({ low }) => low)),
				Math.max(domain[1], ...marks.map(({ high }) => high))
			])
			.nice(4)
			.range([HEIGHT - BOTTOM, TOP])
	);
	const at = (i: number) => (marks.length === 1 ? (LEFT + width) / 2 : x(i));
	const band = $derived(
		pathThrough([
			...marks.map(({ high }, i): [number, number] => [at(i), y(high)]),
			...marks.map(({ low }, i): [number, number] => [at(i), y(low)]).reverse()
		])
	);
	const line = $derived(
		pathThrough(marks.map(({ value }, i): [number, number] => [at(i), y(value)]))
	);
	const shown = $derived(
		everyFew(
			marks.map((_, i) => i),
			width,
			84
		)
	);
</script>

<figure bind:clientWidth={width}>
	<p>{words}</p>
	{#if marks.length > 0}
		<svg {width} height={HEIGHT} viewBox={`0 0 ${width} ${HEIGHT}`} role="img" aria-label={words}>
			<text class="unit" x="2" y="12">{unit}</text>
			<Axis
				side="left"
				scale={y}
				x={LEFT}
				ticks={y.ticks(4)}
				words={tick}
				tickSize={LEFT - width + 4}
				padding={6}
			/>
			<Axis
				side="bottom"
				scale={x}
				y={HEIGHT - BOTTOM}
				ticks={marks.length === 1 ? [] : shown}
				words={(i) => marks[i]?.label ?? ''}
				tickSize={4}
			/>
			<path class="band" d={band} />
			{#each flags as place, i (i)}
				<line class="flag" x1={x(place)} x2={x(place)} y1={TOP} y2={HEIGHT - BOTTOM} />
			{/each}
			<path class="line" d={line} />
			{#if dots}
				{#each marks as mark, i (i)}
					{#if marks.length === 1}
						<line class="line" x1={at(i)} x2={at(i)} y1={y(mark.low)} y2={y(mark.high)} />
					{/if}
					<circle cx={at(i)} cy={y(mark.value)} r="4.5" />
				{/each}
			{/if}
		</svg>
		<figcaption class="hint">{caption}</figcaption>
	{/if}
</figure>
{#if marks.length > 0}
	<Figures words="In figures" {heads} {rows} />
{/if}

<style>
	svg {
		display: block;
		width: 100%;
	}
	.band {
		fill: var(--turf-wash);
		stroke: none;
	}
	.line {
		fill: none;
		stroke: var(--turf);
		stroke-width: var(--line);
	}
	.flag {
		stroke: var(--clay);
		stroke-width: 1;
	}
	circle {
		fill: var(--turf);
	}
	.unit {
		font: 500 12px var(--font-sans);
		fill: var(--faint);
	}
</style>
