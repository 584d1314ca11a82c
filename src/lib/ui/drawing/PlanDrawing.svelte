<script lang="ts">
	import { pinDistance } from '$lib/core/plan/situation';
	import { situationToCore, type SituationWire } from '$lib/io/contract/situation';
	import { formatLength } from '$lib/ui/format/lengths';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import type { Choice } from '$lib/ui/state/choices';
	import type { Scale } from './scale';
	import { planPath } from './section';
	import { zoneOf, type Zone } from './zones';

	interface Props {
		wire: SituationWire;
		chosen: Choice | null;
		scale: Scale;
	}
	const { wire, chosen, scale }: Props = $props();

	const situation = $derived(situationToCore(wire));
	const pin = $derived(pinDistance(situation));
	const back = $derived(pin + situation.beyondPin);
	const finishes = $derived(chosen?.option?.finishes ?? []);
	const zonesOf = (points: readonly [number, number][]) =>
		[0.5, 0.9].flatMap((share) => zoneOf(points, share) ?? []);
	const zones = $derived(zonesOf(finishes));
	const landingZones = $derived(
		chosen?.rung.play.flight === 'putt' ? [] : zonesOf(chosen?.option?.landings ?? [])
	);
	const aim = $derived(chosen?.aimOffset ?? 0);
	const aimWords = $derived(
		Math.abs(aim) < 0.05
			? 'at the pin'
			: `${formatLength(Math.abs(aim), preferences.style)} ${aim < 0 ? 'left' : 'right'} of the pin`
	);
	/** Arrows show which way the green falls. */
	const fall = $derived(Math.atan2(wire.slopeAcross, -wire.slopeAlong));
	const sloping = $derived(
		Math.hypot(wire.slopeAcross, wire.slopeAlong) >= 0.5 && !wire.segments?.length
	);
	const arrows = $derived(
		Array.from(
			{ length: 5 },
			(_, i) => situation.toEdge + ((back - situation.toEdge) * (i + 0.5)) / 5
		)
	);
	const description = $derived(
		chosen
			? `From above: aim ${aimWords}. ${finishes.length ? `${finishes.length} sampled finishes around the hole.` : ''}`
			: 'From above.'
	);
</script>

{#snippet ring(zone: Zone, kind: string)}
	<ellipse
		class={kind}
		cx={scale.x(zone.x)}
		cy={scale.y(-zone.z)}
		rx={zone.long * scale.factor}
		ry={zone.short * scale.factor}
		transform={`rotate(${zone.turn} ${scale.x(zone.x)} ${scale.y(-zone.z)})`}
	/>
{/snippet}
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
	<line
		class="edge"
		x1={scale.x(situation.toEdge)}
		x2={scale.x(situation.toEdge)}
		y1="0"
		y2={scale.height}
	/>
	{#if sloping}
		{#each arrows as station (station)}
			<g
				class="arrow"
				transform={`translate(${scale.x(station)} 18) rotate(${(fall * 180) / Math.PI})`}
			>
				<path d="M-10,0H8M3,-4L9,0L3,4" />
			</g>
		{/each}
	{/if}
	{#each finishes as [x, z], i (i)}
		<circle class="finish" cx={scale.x(x)} cy={scale.y(-z)} r="2" />
	{/each}
	{#each zones as zone, i (i)}
		{@render ring(zone, i === 0 ? 'zone half' : 'zone')}
	{/each}
	{#each landingZones as zone, i (i)}
		{@render ring(zone, i === 0 ? 'zone lands half' : 'zone lands')}
	{/each}
	{#if chosen}
		<line class="aim" x1={scale.x(0)} y1={scale.y(0)} x2={scale.x(pin)} y2={scale.y(-aim)} />
		<path class="path" d={planPath(chosen.rung.path, scale)} />
		{#if chosen.rung.play.flight !== 'putt'}
			<g
				transform={`translate(${scale.x(chosen.rung.solution.outcome.landingX)} ${scale.y(-chosen.rung.solution.outcome.landingZ)})`}
			>
				<circle class="landing" r="7" />
				<path class="cross" d="M-3,-3L3,3M3,-3L-3,3" />
			</g>
		{/if}
	{/if}
	<circle class="hole" cx={scale.x(pin)} cy={scale.y(0)} r={Math.max(4, 0.054 * scale.factor)} />
	<circle class="ball" cx={scale.x(0)} cy={scale.y(0)} r="5" />
</svg>
<p class="legend">
	From above · aim {aimWords}{zones.length
		? ' · rings hold half and nine tenths of the balls: red where they land, black where they end'
		: ''}{sloping ? ' · arrows point downhill' : ''}
</p>

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
	.finish {
		fill: var(--ink);
		opacity: 0.45;
	}
	.zone {
		fill: none;
		stroke: var(--ink);
		stroke-width: var(--line);
		stroke-dasharray: 5 3;
	}
	.lands {
		stroke: var(--clay);
	}
	.half {
		stroke-dasharray: none;
		stroke-width: calc(var(--line) * 1.4);
	}
	.aim {
		stroke: var(--ink);
		stroke-dasharray: 2 5;
		stroke-width: var(--line);
	}
	.path {
		fill: none;
		stroke: var(--sky);
		stroke-width: calc(var(--line) * 1.6);
	}
	.landing {
		fill: var(--clay);
	}
	.cross {
		stroke: var(--paper);
		stroke-width: 2;
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
	.legend {
		padding: 4px 8px;
		font-size: 0.8125rem;
		background: var(--paper);
	}
</style>
