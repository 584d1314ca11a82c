<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { pinDistance } from '$lib/core/plan/question/situation';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { Choice } from '$lib/ui/call/choices';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import type { SectionDrag } from '$lib/ui/shot/state/sectionDrag.svelte';
	import { roving } from '$lib/ui/drawing/roving';
	import type { Scale } from '$lib/ui/drawing/scale';
	import { pathThrough, rulerTicks } from '$lib/ui/drawing/scale';
	import { groundHeight, groundPoints } from './section';
	import Axis from '$lib/ui/drawing/Axis.svelte';
	import SectionFlights from './SectionFlights.svelte';
	import SectionGate from './SectionGate.svelte';
	import SectionHandles from './SectionHandles.svelte';
	import SectionHazards from './SectionHazards.svelte';
	import SurfacePatterns from '$lib/ui/drawing/SurfacePatterns.svelte';

	interface Props {
		bench: ShotBench;
		drag: SectionDrag;
		scale: Scale;
		range: [number, number];
		/** The chosen way and those drawn behind it. */
		chosen: Choice | null;
		others: Choice[];
		ball: [number, number] | null;
		description: string;
	}
	const { bench, drag, scale, range, chosen, others, ball, description }: Props = $props();

	const situation = $derived(bench.situation);
	const pin = $derived(pinDistance(situation));
	const back = $derived(pin + situation.beyondPin);
	const style = $derived(playing.style);
	const bottom = $derived(scale.height);
	/** The ground goes on to both ends of the paper. */
	const span = $derived<[number, number]>([scale.metresAt(0), scale.metresAt(scale.width)]);
	const ground = $derived(groundPoints(situation, scale, span[0], span[1]));
	const soil = $derived(
		`${pathThrough(ground)}L${scale.x(span[1])},${bottom}L${scale.x(span[0])},${bottom}Z`
	);
	const green = $derived(
		pathThrough(groundPoints(situation, scale, situation.toEdge, Math.min(back, span[1])))
	);
	const behind = $derived(
		back < span[1] ? pathThrough(groundPoints(situation, scale, back, span[1])) : ''
	);
	const fringe = $derived(pathThrough(groundPoints(situation, scale, span[0], situation.toEdge)));
	/** Room at the end for what the ruler counts. */
	const unitRoom = $derived(142 + 9 * style.symbol.length);
	/** The ruler counts in the chosen unit. */
	const ruler = $derived(
		scaleLinear()
			.domain([0, 1])
			.range([scale.x(0), scale.x(style.size)])
	);
	const ticks = $derived(
		rulerTicks(Math.max(0, range[0]) / style.size, range[1] / style.size, scale.width).filter(
			(tick) => tick > 0 && scale.x(tick * style.size) < scale.width - unitRoom
		)
	);
</script>

<svg
	{@attach roving}
	class="section"
	width={scale.width}
	height={scale.height}
	viewBox={`0 0 ${scale.width} ${scale.height}`}
	role="group"
	aria-label={description}
>
	<SurfacePatterns />
	<path d={soil} class="soil" />
	<path d={fringe} class="fringe" />
	<path d={green} class="green" />
	<path d={behind} class="fringe" />
	<SectionHazards {situation} {scale} />
	<SectionGate
		{scale}
		path={chosen?.candidate.path ?? []}
		flightTime={chosen?.candidate.solution.outcome.flightTime ?? 0}
		base={groundHeight(situation, 2 * style.size)}
	/>
	<Axis side="bottom" scale={ruler} y={bottom - 24} {ticks} words={String} padding={5} />
	<text class="unit" x={scale.width - 6} y={bottom - 4}>{style.symbol} from the ball</text>
	<g class="flag" transform={`translate(${scale.x(pin)} ${scale.y(groundHeight(situation, pin))})`}>
		<line y2={-Math.min(2.1 * scale.factor, 110)} />
		<path d={`M0,${-Math.min(2.1 * scale.factor, 110)}l26,8l-26,8z`} />
	</g>
	<SectionFlights {scale} {situation} {chosen} {others} />
	{#if ball}
		<circle class="flying" cx={ball[0]} cy={ball[1] - 4} r="5" />
	{/if}
	<SectionHandles {bench} {drag} {scale} {range} {situation} {chosen} />
	<g class="lengths">
		{#if situation.toEdge * scale.factor > 64}
			<text x={scale.x(situation.toEdge / 2)} y={bottom - 34}
				>{formatLength(situation.toEdge, style)} to edge</text
			>
		{/if}
		{#if situation.edgeToPin * scale.factor > 90}
			<text x={scale.x(situation.toEdge + situation.edgeToPin / 2)} y={bottom - 34}>
				{formatLength(situation.edgeToPin, style)} edge to pin
			</text>
		{/if}
	</g>
</svg>

<style>
	.section {
		display: block;
		user-select: none;
		overflow: hidden;
	}
	.soil {
		fill: var(--shade);
	}
	.fringe,
	.green {
		fill: none;
		stroke: var(--turf);
		stroke-linecap: butt;
	}
	.fringe {
		stroke-width: 5;
		stroke-dasharray: 3 3;
	}
	.green {
		stroke-width: 7;
	}
	.unit {
		font: 500 12px var(--font-mono);
		fill: var(--faint);
		text-anchor: end;
	}
	.flag line {
		stroke: var(--ink);
		stroke-width: 2;
	}
	.flag path {
		fill: var(--ink);
	}
	.flying {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.lengths text {
		font: 600 13px var(--font-sans);
		fill: var(--ink);
		text-anchor: middle;
	}
</style>
