<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { NINE_IN_TEN } from '$lib/ui/format/plusMinus';
	import { startOfDay } from 'date-fns';
	import { scaleLinear } from 'd3-scale';
	import type { ReadingWire } from '$lib/io/work/reading';
	import Axis from '$lib/ui/drawing/Axis.svelte';
	import { everyFew, pathThrough } from '$lib/ui/drawing/scale';
	import { shortDayWords } from '$lib/ui/format/dates';
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
			stimpFeet - NINE_IN_TEN * (errorFeet ?? 0),
			stimpFeet + NINE_IN_TEN * (errorFeet ?? 0)
		])
	);
	const x = $derived(
		scaleLinear()
			.domain([Math.min(...times) - DAY / 2, Math.max(...times) + DAY / 2])
			.range([LEFT + 12, width - 28])
	);
	const y = $derived(
		scaleLinear()
			.domain([Math.min(...speeds) - 0.3, Math.max(...speeds) + 0.3])
			.nice(4)
			.range([HEIGHT - BOTTOM, 8])
	);
	const days = $derived([...new Set(times.map((time) => startOfDay(time).getTime()))]);
	const dates = $derived(everyFew(days, width, 110));
</script>

<figure bind:clientWidth={width}>
	<svg
		{width}
		height={HEIGHT}
		viewBox={`0 0 ${width} ${HEIGHT}`}
		role="img"
		aria-label={`Green speed over time, ${soMany(readings.length, 'reading')}; the table below has them all.`}
	>
		<Axis
			side="left"
			scale={y}
			x={LEFT}
			ticks={y.ticks(4)}
			words={(speed) => `${speed} ft`}
			tickSize={LEFT - width}
			padding={6}
		/>
		<Axis
			side="bottom"
			scale={x}
			y={HEIGHT - BOTTOM}
			ticks={dates}
			words={shortDayWords}
			tickSize={4}
		/>
		<path d={pathThrough(points.map(({ reading, at }) => [x(at), y(reading.stimpFeet)]))} />
		{#each points as { reading, at } (reading.id)}
			<g transform={`translate(${x(at)} 0)`}>
				{#if reading.errorFeet !== null}
					<line
						class="error"
						y1={y(reading.stimpFeet - NINE_IN_TEN * reading.errorFeet)}
						y2={y(reading.stimpFeet + NINE_IN_TEN * reading.errorFeet)}
					/>
				{/if}
				{#if reading.method === 'ramp'}
					<rect x="-4" y={y(reading.stimpFeet) - 4} width="8" height="8" />
				{:else if reading.method === 'timed'}
					<path class="timed" d={`M-5,${y(reading.stimpFeet) + 4}h10l-5,-9z`} />
				{:else}
					<circle cy={y(reading.stimpFeet)} r="4.5" class:judged={reading.method === 'judged'} />
				{/if}
				<title>{whenWords(reading)}: {speedWords(reading)}</title>
			</g>
		{/each}
	</svg>
	<figcaption>
		Square: ramp · triangle: timed putts · full circle: chipped balls · open circle: judged · bar:
		nine times in ten within it
	</figcaption>
</figure>

<style>
	svg {
		display: block;
		/* Takes the room it is given, so that the room can shrink again. */
		width: 100%;
	}
	path {
		fill: none;
		stroke: var(--turf);
		stroke-width: var(--line);
	}
	rect,
	.timed,
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
	figcaption {
		font-size: 0.8125rem;
		color: var(--faint);
	}
</style>
