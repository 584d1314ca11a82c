<script lang="ts">
	import { scaleLinear, scaleTime } from 'd3-scale';
	import type { ReadingWire } from '$lib/io/reading';
	import { pathThrough } from '$lib/ui/drawing/scale';
	import { speedWords, whenWords } from './readingWords';

	interface Props {
		/** Newest first. */
		readings: ReadingWire[];
	}
	const { readings }: Props = $props();

	const HEIGHT = 150;
	const LEFT = 44;
	const BOTTOM = 26;
	const DAY = 86_400_000;
	let width = $state(360);

	const points = $derived(
		readings.toReversed().map((reading) => ({ reading, at: new Date(reading.takenAt) }))
	);
	const times = $derived(points.map(({ at }) => at.getTime()));
	const speeds = $derived(
		readings.flatMap(({ stimpFeet, errorFeet }) => [
			stimpFeet - (errorFeet ?? 0),
			stimpFeet + (errorFeet ?? 0)
		])
	);
	const x = $derived(
		scaleTime()
			.domain([Math.min(...times) - DAY / 2, Math.max(...times) + DAY / 2])
			.range([LEFT, width - 12])
	);
	const y = $derived(
		scaleLinear()
			.domain([Math.min(...speeds) - 0.3, Math.max(...speeds) + 0.3])
			.nice(4)
			.range([HEIGHT - BOTTOM, 8])
	);
	const dates = $derived(x.ticks(Math.max(2, Math.floor(width / 110))));
	const dateWords = $derived(x.tickFormat());
</script>

<figure bind:clientWidth={width}>
	<svg
		{width}
		height={HEIGHT}
		viewBox={`0 0 ${width} ${HEIGHT}`}
		role="img"
		aria-label={`Green speed over time, ${readings.length} readings; the table below has them all.`}
	>
		{#each y.ticks(4) as tick (tick)}
			<line class="grid" x1={LEFT} x2={width} y1={y(tick)} y2={y(tick)} />
			<text class="side" x={LEFT - 6} y={y(tick) + 4}>{tick} ft</text>
		{/each}
		{#each dates as date (date.getTime())}
			<text x={x(date)} y={HEIGHT - 6}>{dateWords(date)}</text>
		{/each}
		<path d={pathThrough(points.map(({ reading, at }) => [x(at), y(reading.stimpFeet)]))} />
		{#each points as { reading, at } (reading.id)}
			<g transform={`translate(${x(at)} 0)`}>
				{#if reading.errorFeet !== null}
					<line
						class="error"
						y1={y(reading.stimpFeet - reading.errorFeet)}
						y2={y(reading.stimpFeet + reading.errorFeet)}
					/>
				{/if}
				{#if reading.method === 'ramp'}
					<rect x="-4" y={y(reading.stimpFeet) - 4} width="8" height="8" />
				{:else}
					<circle cy={y(reading.stimpFeet)} r="4.5" class:judged={reading.method === 'judged'} />
				{/if}
				<title>{whenWords(reading)}: {speedWords(reading)}</title>
			</g>
		{/each}
	</svg>
	<figcaption>
		Square: ramp · full circle: chipped balls · open circle: judged · bar: one error
	</figcaption>
</figure>

<style>
	svg {
		display: block;
	}
	.grid {
		stroke: var(--rule);
		stroke-width: 1;
	}
	path {
		fill: none;
		stroke: var(--turf);
		stroke-width: var(--line);
	}
	rect,
	circle {
		fill: var(--turf);
		stroke: var(--turf);
		stroke-width: 2;
	}
	.judged {
		fill: var(--paper);
	}
	.error {
		stroke: var(--turf);
		stroke-width: var(--line);
	}
	text {
		font: 500 12px var(--font-mono);
		fill: var(--faint);
		text-anchor: middle;
	}
	.side {
		text-anchor: end;
	}
	figcaption {
		font-size: 0.8125rem;
		color: var(--faint);
	}
</style>
