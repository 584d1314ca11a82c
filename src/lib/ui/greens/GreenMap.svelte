<script lang="ts">
	import { roving } from '$lib/ui/drawing/roving';
	import type { Snippet } from 'svelte';
	import { createHeightField } from '$lib/core/green/heightGrid';
	import type { Point } from '$lib/core/math/polygon';
	import GreenLayers from '$lib/ui/drawing/GreenLayers.svelte';
	import type { MapLayers } from '$lib/ui/drawing/mapLayers';
	import { bandsAbove, fallLineAt } from '$lib/ui/drawing/mapPicture';
	import { placeLabels, textRoom } from '$lib/ui/drawing/labelPlacement';
	import { planView, type PlanView } from '$lib/ui/drawing/planView';
	import SurfacePatterns from '$lib/ui/drawing/SurfacePatterns.svelte';
	import {
		samePart,
		type GreenBench,
		type GreenPart
	} from '$lib/ui/greens/state/greenBench.svelte';
	import { centreOf } from '$lib/io/work/placedShot';
	import { mapPointNear } from '$lib/ui/greens/state/greenEdits';
	import MapPart from './MapPart.svelte';
	import ScaleBar from './ScaleBar.svelte';
	import { partsFor, placeParts, placesFor } from './mapParts';
	import type { GreenTab } from './greenTabs';

	interface Props {
		bench: GreenBench;
		tab: GreenTab;
		layers: MapLayers;
		/** What a click on the map adds; null for nothing. */
		adding: string | null;
		/** The pin that a fall line is drawn through. */
		pin: number | null;
		height: number;
		/** Other places that must be in view. */
		include: readonly Point[];
		onadd: (at: [number, number]) => void;
		/** More marks on the same paper. */
		marks?: Snippet<[PlanView, () => void, () => void]>;
	}
	const { bench, tab, layers, adding, pin, height, include, onadd, marks }: Props = $props();

	const FALL_LINE = 4;
	const UNSURE_METRES = 0.03;
	let width = $state(720);
	let frozen = $state.raw<PlanView | null>(null);
	let sheet = $state<SVGSVGElement>();
	const paper = $derived({ left: 2, top: 2, right: width - 2, bottom: height - 2 });

	const green = $derived(bench.green);
	const report = $derived(bench.report);
	const fitted = $derived(planView.whole(placesFor(tab, green), include, width, height));
	/** The paper stands still while a finger is down. */
	const view = $derived(frozen ?? fitted);
	const parts = $derived(partsFor(tab, green));
	const isBad = (part: GreenPart) =>
		report?.residuals.some(
			({ kind, index, bad }) => bad && kind === part.kind && index === part.index
		) ?? false;
	const placed = $derived(
		placeParts(green, parts, view.project, (part) => samePart(bench.selected, part), isBad)
	);
	const doubt = $derived(
		layers.doubt && report?.uncertainty
			? bandsAbove(report.uncertainty, [UNSURE_METRES], view.project)
			: []
	);
	const fall = $derived(
		report && pin !== null && green.pins[pin]
			? fallLineAt(createHeightField(report.grid), green.pins[pin].at as Point, FALL_LINE)
			: null
	);

	const FALL_WORDS = 'straight down';
	/** The words of the fall line stand at its lower end, on whichever side is free. */
	const fallPlace = $derived.by(() => {
		if (!fall) return null;
		const [x, y] = view.project(...fall.below);
		const shifts = [
			[46, 4],
			[-46, 4],
			[0, 20],
			[0, -12]
		] as const;
		const label = { id: FALL_WORDS, text: FALL_WORDS, x, y, size: 12, rank: 0, shifts };
		return placeLabels([label], placed.taken, paper).get(FALL_WORDS) ?? null;
	});

	/** Figures keep off the words of the fall line, the scale and the arrow that points up, too. */
	const mapTaken = $derived([
		...placed.taken,
		...(fallPlace ? [textRoom(FALL_WORDS, 12, ...fallPlace)] : []),
		{ left: 0, right: 190, top: height - 34, bottom: height },
		{ left: width - 40, right: width, top: 0, bottom: 70 }
	]);

	function start() {
		bench.startDrag();
		frozen = view;
	}

	function end() {
		bench.endDrag();
		frozen = null;
	}

	function add(event: PointerEvent) {
		const onHandle = event.target instanceof Element && event.target.closest('[role="slider"]');
		if (!adding || !sheet || onHandle) return;
		const box = sheet.getBoundingClientRect();
		const [u0, v0] = centreOf(green.outline);
		const [x0, y0] = view.project(u0, v0);
		onadd(
			mapPointNear(
				u0 + (event.clientX - box.left - x0) / view.factor,
				v0 - (event.clientY - box.top - y0) / view.factor
			)
		);
	}

	function onkeydown(event: KeyboardEvent) {
		if (event.key !== 'Enter' || !adding || event.target !== sheet) return;
		event.preventDefault();
		onadd(centreOf(green.outline));
	}

	const select = (part: GreenPart) => (bench.selected = part);
</script>

<div class="sheet" bind:clientWidth={width}>
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
	<svg
		{@attach roving}
		bind:this={sheet}
		{width}
		{height}
		viewBox={`0 0 ${width} ${height}`}
		role="group"
		tabindex={adding ? 0 : undefined}
		aria-label={adding
			? `Map of ${green.name}. Click to add a ${adding}, or press Enter to add one in the middle.`
			: `Map of ${green.name}, the top of the map up.`}
		class:adding
		onpointerdown={add}
		{onkeydown}
	>
		<SurfacePatterns />
		<GreenLayers
			{green}
			grid={report?.grid ?? null}
			project={view.project}
			factor={view.factor}
			{layers}
			labels={!layers.readings && !layers.arrows}
			taken={mapTaken}
			{paper}
			id="green"
		/>
		{#if !report}<text class="wait" x={width / 2} y="24">Working out the surface …</text>{/if}
		{#each doubt as band (band.threshold)}
			<path class="doubt" d={band.d} />
		{/each}
		{#if fall}
			{@const above = view.project(...fall.above)}
			{@const below = view.project(...fall.below)}
			<line class="fall" x1={above[0]} y1={above[1]} x2={below[0]} y2={below[1]} />
			{#if fallPlace}
				<text class="fall-label" x={fallPlace[0]} y={fallPlace[1]}>{FALL_WORDS}</text>
			{/if}
		{/if}
		{#if layers.readings && tab !== 'survey'}
			{#each green.spots as { at }, i (i)}
				{@const place = view.project(...at)}
				<circle class="dot" cx={place[0]} cy={place[1]} r="2.5" />
			{/each}
		{/if}
		{#each parts as part (`${part.kind}-${part.index}-${'corner' in part ? part.corner : ''}`)}
			<MapPart
				{bench}
				{part}
				{view}
				words={placed.words.get(part) ?? null}
				onstart={start}
				onend={end}
				onselect={select}
			/>
		{/each}
		{@render marks?.(
			view,
			() => (frozen = view),
			() => (frozen = null)
		)}
		<ScaleBar factor={view.factor} x={16} y={height - 14} />
		<g class="up" transform={`translate(${width - 20} 34)`} aria-hidden="true">
			<path d="M0,14V-12M-5,-5L0,-13L5,-5" />
			<text y="28">up</text>
		</g>
	</svg>
</div>

<style>
	.sheet {
		border-block: 2px solid var(--ink);
		background: color-mix(in oklab, var(--turf) 5%, var(--paper));
		min-width: 0;
		overflow: hidden;
	}
	svg {
		display: block;
		user-select: none;
	}
	.adding {
		cursor: crosshair;
	}
	.doubt {
		fill: url(#unsure);
		fill-rule: evenodd;
		stroke: var(--faint);
		stroke-dasharray: 2 4;
	}
	.fall {
		stroke: var(--sky);
		stroke-width: calc(var(--line) * 1.6);
		stroke-dasharray: 9 4 2 4;
	}
	.fall-label {
		text-anchor: middle;
		fill: var(--sky);
	}
	.dot {
		fill: var(--ink);
	}
	.up path {
		fill: none;
		stroke: var(--faint);
		stroke-width: 2;
	}
	text {
		font: 600 12px var(--font-sans);
		fill: var(--faint);
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 3px;
	}
	.wait,
	.up text {
		text-anchor: middle;
	}
</style>
