<script lang="ts">
	import type { LandingRegion } from '$lib/core/plan/studies/landingRegion';
	import { pinDistance, type Situation } from '$lib/core/plan/question/situation';
	import type { Choice } from '$lib/ui/call/choices';
	import LandingLayer from './LandingLayer.svelte';
	import type { Project } from '$lib/ui/drawing/mapPicture';
	import type { Scale } from '$lib/ui/drawing/scale';
	import type { PlanLayers } from './planLayers';
	import ShotMarks from './ShotMarks.svelte';
	import { stationArrows } from './stationArrows';

	interface Props {
		situation: Situation;
		chosen: Choice | null;
		region: LandingRegion | null;
		scale: Scale;
		shows: PlanLayers;
		/** What there is to see, for people who do not. */
		description: string;
	}
	const { situation, chosen, region, scale, shows, description }: Props = $props();

	const pin = $derived(pinDistance(situation));
	const back = $derived(pin + situation.beyondPin);
	const project: Project = $derived((x, z) => [scale.x(x), scale.y(-z)]);
	const arrows = $derived(stationArrows(situation, back));
</script>

<svg
	width={scale.width}
	height={scale.height}
	viewBox={`0 0 ${scale.width} ${scale.height}`}
	role="img"
	aria-label={description}
>
	<rect
		class="fringe"
		x="0"
		y="0"
		width={Math.max(0, scale.x(situation.toEdge))}
		height={scale.height}
	/>
	<rect
		class="green"
		x={scale.x(situation.toEdge)}
		y="0"
		width={Math.max(0, scale.x(back) - scale.x(situation.toEdge))}
		height={scale.height}
	/>
	{#each situation.hazards as hazard, i (i)}
		<rect
			class={hazard.kind}
			x={scale.x(hazard.from)}
			y="0"
			width={(hazard.to - hazard.from) * scale.factor}
			height={scale.height}
		/>
		<text class="label" x={scale.x((hazard.from + hazard.to) / 2)} y={scale.height - 26}
			>{hazard.kind}</text
		>
	{/each}
	{#if region && shows.landing}<LandingLayer {region} {project} />{/if}
	<line
		class="edge"
		x1={scale.x(situation.toEdge)}
		x2={scale.x(situation.toEdge)}
		y1="0"
		y2={scale.height}
	/>
	{#each shows.slope ? arrows : [] as { station, turn } (station)}
		<g class="arrow" transform={`translate(${scale.x(station)} 18) rotate(${turn})`}>
			<path d="M-10,0H8M3,-4L9,0L3,4" />
		</g>
	{/each}
	<ShotMarks {chosen} {pin} {project} factor={scale.factor} turn={0} balls={shows.balls} />
	<circle class="hole" cx={scale.x(pin)} cy={scale.y(0)} r={Math.max(4, 0.054 * scale.factor)} />
	<circle class="ball" cx={scale.x(0)} cy={scale.y(0)} r="5" />
</svg>

<style>
	svg {
		display: block;
		overflow: hidden;
	}
	.fringe {
		fill: color-mix(in oklab, var(--turf) 10%, var(--paper));
	}
	.green {
		fill: var(--turf-wash);
	}
	.sand {
		fill: url(#grains);
	}
	.water {
		fill: url(#waves);
	}
	.rough,
	.mound {
		fill: url(#blades);
	}
	.edge {
		stroke: var(--turf);
		stroke-width: 2;
		stroke-dasharray: 4 3;
	}
	.arrow path {
		fill: none;
		stroke: var(--ink);
		stroke-width: var(--line);
	}
	.hole {
		fill: #111;
		stroke: #fff;
		stroke-width: 1.5;
	}
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 2;
	}
	text {
		font: 500 12px var(--font-sans);
		fill: var(--ink);
		paint-order: stroke;
		stroke: var(--turf-wash);
		stroke-width: 3px;
	}
	.label {
		text-anchor: middle;
		font-weight: 600;
	}
</style>
