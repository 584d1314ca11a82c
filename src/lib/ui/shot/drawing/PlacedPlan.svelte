<script lang="ts">
	import { toMap, type Placement } from '$lib/core/green/surveyed';
	import { surfaceOf } from '$lib/core/green/surface';
	import { createHeightField } from '$lib/core/green/heightGrid';
	import type { LandingRegion } from '$lib/core/plan/studies/landingRegion';
	import { pinDistance } from '$lib/core/plan/question/situation';
	import { degrees } from '$lib/core/units';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { Choice } from '$lib/ui/call/choices';
	import type { PlanDrag } from '$lib/ui/shot/state/planDrag.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import GreenLayers from '$lib/ui/drawing/GreenLayers.svelte';
	import Handle from '$lib/ui/drawing/Handle.svelte';
	import { markBox } from '$lib/ui/drawing/labelPlacement';
	import type { PlanLayers } from './planLayers';
	import LandingLayer from './LandingLayer.svelte';
	import { fallLineAt, type Project } from '$lib/ui/drawing/mapPicture';
	import { planView } from '$lib/ui/drawing/planView';
	import { roving } from '$lib/ui/drawing/roving';
	import type { Scale } from '$lib/ui/drawing/scale';
	import ShotMarks from './ShotMarks.svelte';

	interface Props {
		bench: ShotBench;
		drag: PlanDrag;
		chosen: Choice | null;
		region: LandingRegion | null;
		/** Of the section above it: stations lie under each other. */
		scale: Scale;
		height: number;
		/** The whole green with the top of the map up, or turned so that the line runs to the right. */
		whole: boolean;
		/** What is drawn besides the line, the ball and the hole. */
		shows: PlanLayers;
		description: string;
	}
	const { bench, drag, chosen, region, scale, height, whole, shows, description }: Props = $props();

	const FALL_LINE = 2.5;
	const book = $derived(bench.book!);
	const place = $derived(bench.shot.place!);
	const survey = $derived(bench.situation.survey!);
	const surface = $derived(surfaceOf(survey.green));
	const view = $derived(
		whole
			? planView.whole(book.green.outline, [place.ball, place.pin], scale.width, height)
			: planView.along(survey.placement, scale, height)
	);
	/** The paper stands still while a finger is down. */
	const shown = $derived(drag.frozen ?? view);
	const project: Project = $derived(shown.project);
	const onLine: Project = $derived((x, z) => project(...toMap(survey.placement, x, z)));
	const fall = $derived(fallLineAt(createHeightField(surface.grid), place.pin, FALL_LINE));
	const ball = $derived(project(...place.ball));
	const pin = $derived(project(...place.pin));
	const turn = $derived(shown.turn - degrees(survey.placement.heading));
	const say = (metres: number) => formatLength(metres, playing.style);
	const layers = $derived({ contours: shows.slope, arrows: shows.slope, steepness: false });
	const common = $derived({
		factor: shown.factor,
		nudge: 0.1,
		axis: 'both' as const,
		low: -500,
		high: 500,
		onstart: () => drag.start(shown),
		onend: () => drag.end()
	});
	const placeWords = ([u, v]: readonly [number, number]) =>
		`${say(u)} right, ${say(v)} up on the map`;
	const line = (placement: Placement, x: number) => project(...toMap(placement, x, 0));
	const end = $derived(line(survey.placement, pinDistance(bench.situation)));
</script>

<svg
	{@attach roving}
	width={scale.width}
	{height}
	viewBox={`0 0 ${scale.width} ${height}`}
	role="group"
	aria-label={description}
>
	<GreenLayers
		green={book.green}
		grid={surface.grid}
		{project}
		factor={shown.factor}
		{layers}
		arrowGap={whole ? 52 : 88}
		labels={false}
		paper={{ left: 2, top: 2, right: scale.width - 2, bottom: height - 2 }}
		taken={[markBox(pin[0], pin[1], 12), markBox(ball[0], ball[1], 12)]}
		id="plan"
	/>
	{#if region && shows.landing && !drag.frozen}<LandingLayer {region} project={onLine} />{/if}
	{#if fall}
		{@const above = project(...fall.above)}
		{@const below = project(...fall.below)}
		<line class="fall" x1={above[0]} y1={above[1]} x2={below[0]} y2={below[1]} />
	{/if}
	{#if drag.frozen}
		<line class="line" x1={ball[0]} y1={ball[1]} x2={end[0]} y2={end[1]} />
	{/if}
	<ShotMarks
		chosen={drag.frozen ? null : chosen}
		pin={pinDistance(bench.situation)}
		project={onLine}
		factor={shown.factor}
		balls={shows.balls}
		{turn}
	/>
	<Handle
		{...common}
		label="Hole on the map"
		text={placeWords(place.pin)}
		now={place.pin[0]}
		x={pin[0]}
		y={pin[1]}
		onmove={(along, up) => drag.pin(along, up)}
	>
		<circle class="hole" r={Math.max(4.5, 0.054 * shown.factor)} />
	</Handle>
	<Handle
		{...common}
		label="Ball on the map"
		text={placeWords(place.ball)}
		now={place.ball[0]}
		x={ball[0]}
		y={ball[1]}
		onmove={(along, up) => drag.ball(along, up)}
	>
		<circle class="ball" r="6" />
	</Handle>
</svg>

<style>
	svg {
		display: block;
		overflow: hidden;
		background: color-mix(in oklab, var(--turf) 5%, var(--paper));
		user-select: none;
	}
	.fall {
		stroke: var(--sky);
		stroke-width: calc(var(--line) * 1.4);
		stroke-dasharray: 9 4 2 4;
	}
	.line {
		stroke: var(--ink);
		stroke-width: 2;
		stroke-dasharray: 2 5;
	}
	.hole {
		fill: #111;
		stroke: #fff;
		stroke-width: 2;
	}
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 2;
	}
</style>
