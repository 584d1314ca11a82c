<script lang="ts">
	import type { HeightGrid } from '$lib/core/green/heightGrid';
	import { createHeightField } from '$lib/core/green/heightGrid';
	import type { Point } from '$lib/core/math/polygon';
	import { toPercent } from '$lib/core/units';
	import type { GreenWire } from '$lib/io/work/green';
	import { figure } from '$lib/ui/format/figure';
	import { collectInSlices } from '$lib/ui/state/slices';
	import { lineBoxes, pieces, placeLabels, type Box, type Label } from './labelPlacement';
	import type { MapLayers } from './mapLayers';
	import {
		bandsAbove,
		CONTOUR_REACH,
		contourLine,
		mapContours,
		nearGrid,
		outlinePath,
		slopeArrows,
		steepnessGrid,
		STEEPNESS_BANDS,
		type MapContour,
		type Project
	} from './mapPicture';

	interface Props {
		green: Pick<GreenWire, 'outline' | 'areas' | 'collar'>;
		/** Null until the surface is worked out: then only the outline is drawn. */
		grid: HeightGrid | null;
		project: Project;
		/** Pixels per metre. */
		factor: number;
		layers: Pick<MapLayers, 'contours' | 'arrows' | 'steepness'>;
		/** Pixels between two arrows. */
		arrowGap?: number;
		/** Whether contours carry their height. */
		labels?: boolean;
		/** What figures must keep off: pins and readings with their words. */
		taken?: readonly Box[];
		/** The paper that figures must stay on. */
		paper?: Box | undefined;
		/** Keeps clip paths of two maps on one page apart. */
		id: string;
	}
	const {
		green,
		grid,
		project,
		factor,
		layers,
		arrowGap = 56,
		labels = true,
		taken = [],
		paper,
		id
	}: Props = $props();

	const LABELS_FROM = 15;

	const outline = $derived(green.outline as readonly Point[]);
	const edge = $derived(outlinePath(outline, project));
	const field = $derived(grid && createHeightField(grid));
	const drawn = $derived(grid && nearGrid(grid, outline, CONTOUR_REACH));
	let contours = $state.raw<readonly MapContour[]>([]);
	$effect(() => {
		if (!drawn || !layers.contours) {
			contours = [];
			return;
		}
		const overtaken = new AbortController();
		void collectInSlices(mapContours(drawn, outline), overtaken.signal).then((all) => {
			if (!overtaken.signal.aborted) contours = all;
		});
		return () => overtaken.abort();
	});
	const lines = $derived(contours.map((contour) => contourLine(contour, project)));
	const bands = $derived(
		layers.steepness && drawn && field
			? bandsAbove(steepnessGrid(field, drawn), STEEPNESS_BANDS, project)
			: []
	);
	const spacing = $derived(Math.max(1, arrowGap / factor));
	const arrows = $derived(
		layers.arrows && field ? slopeArrows(field, outline, spacing, project) : []
	);

	const ARROW_SIZE = 11;
	/** Figures of the slope stand across their arrow, above it or below it, and only where nothing else stands. */
	const arrowLabels = $derived(
		factor > LABELS_FROM
			? arrows.map(({ from, to, slope }, i): Label => {
					const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
					const across = [(to[1] - from[1]) / length, (from[0] - to[0]) / length] as const;
					const up = across[1] > 0 ? -1 : 1;
					return {
						id: String(i),
						text: toPercent(slope).toFixed(1),
						x: (from[0] + to[0]) / 2,
						y: (from[1] + to[1]) / 2 + ARROW_SIZE / 3,
						size: ARROW_SIZE,
						rank: 0,
						shifts: [1, -1, 1.4, -1.4].map((way) => [
							14 * up * way * across[0],
							12 * up * way * across[1]
						])
					};
				})
			: []
	);
	const arrowPlaces = $derived(
		placeLabels(
			arrowLabels,
			[...taken, ...arrows.flatMap(({ from, to }) => lineBoxes(pieces(from, to), 1))],
			paper
		)
	);
	/** Heights of the contours, those of the bolder ones first, where there is room for them. */
	const heightPlaces = $derived(
		labels
			? placeLabels(
					lines.flatMap(({ height, label, index }): Label[] =>
						label
							? [
									{
										id: String(height),
										text: figure(height, 2),
										x: label[0],
										y: label[1] + 4,
										size: 12,
										rank: index ? 0 : 1
									}
								]
							: []
					),
					taken,
					paper
				)
			: new Map<string, [number, number]>()
	);
</script>

<clipPath id={`${id}-green`}><path d={edge} /></clipPath>
<mask id={`${id}-near`} maskUnits="userSpaceOnUse" x="-2000" y="-2000" width="8000" height="8000">
	<path class="near" d={edge} style:stroke-width={2 * (green.collar + CONTOUR_REACH) * factor} />
</mask>
<path class="collar" d={edge} style:stroke-width={2 * green.collar * factor} />
{#each green.areas.filter((area) => area.kind === 'fringe') as area, i (i)}
	<path class="fringe" d={outlinePath(area.outline, project)} />
{/each}
<path class="green" d={edge} />
<g clip-path={`url(#${id}-green)`}>
	{#each bands as band (band.threshold)}
		<path class="steep" d={band.d} />
	{/each}
</g>
<g class="contours" mask={`url(#${id}-near)`}>
	{#each lines as { height, d, index } (height)}
		<path {d} class:index />
	{/each}
</g>
{#each green.areas.filter((area) => area.kind !== 'fringe') as area, i (i)}
	<path class="paper" d={outlinePath(area.outline, project)} />
	<path class={area.kind} d={outlinePath(area.outline, project)} />
{/each}
<path class="edge" d={edge} />
{#each lines as { height } (height)}
	{@const place = heightPlaces.get(String(height))}
	{#if place}<text class="label" x={place[0]} y={place[1]}>{figure(height, 2)}</text>{/if}
{/each}
{#each arrows as { from, to, slope, turn }, i (i)}
	<line class="arrow" x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} />
	<path
		class="arrow"
		d="M-7,-4L0,0L-7,4"
		transform={`translate(${to[0]} ${to[1]}) rotate(${turn})`}
	/>
	{@const place = arrowPlaces.get(String(i))}
	{#if place}<text class="percent" x={place[0]} y={place[1]}>{toPercent(slope).toFixed(1)}</text
		>{/if}
{/each}

<style>
	.collar {
		fill: color-mix(in oklab, var(--turf) 12%, var(--paper));
		stroke: color-mix(in oklab, var(--turf) 12%, var(--paper));
		stroke-linejoin: round;
	}
	.near {
		fill: #fff;
		stroke: #fff;
		stroke-linejoin: round;
	}
	.fringe {
		fill: color-mix(in oklab, var(--turf) 12%, var(--paper));
		stroke: var(--turf);
		stroke-dasharray: 3 4;
	}
	.green {
		fill: var(--turf-wash);
	}
	.edge {
		fill: none;
		stroke: var(--turf);
		stroke-width: 2.5;
	}
	.steep {
		fill: var(--ink);
		fill-rule: evenodd;
		opacity: 0.13;
	}
	.contours path {
		fill: none;
		stroke: var(--faint);
		stroke-width: calc(var(--line) * 0.6);
	}
	.contours .index {
		stroke-width: calc(var(--line) * 1.2);
	}
	.paper {
		fill: var(--paper);
	}
	.sand {
		fill: url(#grains);
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.water {
		fill: url(#waves);
		stroke: var(--sky);
		stroke-width: 2;
	}
	.rough {
		fill: url(#blades);
		stroke: var(--turf);
	}
	.arrow {
		fill: none;
		stroke: var(--ink);
		stroke-width: var(--line);
	}
	text {
		font: 500 12px var(--font-mono);
		fill: var(--ink);
		text-anchor: middle;
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 3px;
	}
	.label {
		fill: var(--faint);
	}
</style>
