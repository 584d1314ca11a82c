<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import Handle from '$lib/ui/drawing/Handle.svelte';
	import type { PlanView } from '$lib/ui/drawing/planView';
	import { figure } from '$lib/ui/format/figure';
	import { formatLength } from '$lib/ui/format/lengths';
	import {
		samePart,
		type GreenBench,
		type GreenPart
	} from '$lib/ui/greens/state/greenBench.svelte';
	import { moveParts, placesOf } from '$lib/ui/greens/state/greenEdits';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { markOf, partName, partWords } from './mapParts';

	interface Props {
		bench: GreenBench;
		part: GreenPart;
		view: PlanView;
		onstart: () => void;
		onend: () => void;
		onselect: (part: GreenPart) => void;
		/** Where its words may stand, from its mark; null where there is no room for them. */
		words: [number, number] | null;
	}
	const { bench, part, view, onstart, onend, onselect, words }: Props = $props();

	let from: [number, number][] = [];
	const green = $derived(bench.green);
	const at = $derived(markOf(green, part));
	const place = $derived(view.project(...at));
	const chosen = $derived(samePart(bench.selected, part));
	const residual = $derived(
		bench.report?.residuals.find((r) => r.kind === part.kind && r.index === part.index)
	);
	const say = (metres: number) => formatLength(metres, playing.style);
	const spot = $derived(part.kind === 'spot' ? green.spots[part.index] : undefined);
	const tilt = $derived(part.kind === 'tilt' ? green.tilts[part.index] : undefined);
	const label = $derived(partName(green, part));
	const described = $derived(
		[
			`${say(at[0])} right, ${say(at[1])} up`,
			spot && `height ${figure(spot.height, 2)} m`,
			tilt && `falls ${tilt.percent.toFixed(1)} percent`,
			residual?.bad && 'does not fit its neighbours'
		]
			.filter(Boolean)
			.join(', ')
	);
</script>

<Handle
	{label}
	text={described}
	now={at[0]}
	{...RANGE.map}
	x={place[0]}
	y={place[1]}
	factor={view.factor}
	axis="both"
	nudge={0.1}
	onstart={() => {
		onselect(part);
		from = placesOf(green, part);
		onstart();
	}}
	onmove={(along, up) => bench.change((changed) => moveParts(changed, part, from, along, up))}
	{onend}
>
	{#if chosen}<circle class="chosen" r="13" />{/if}
	{#if spot}
		<path class="spot" class:out={spot.leftOut} class:bad={residual?.bad} d="M-4,0H4M0,-4V4" />
		{#if words}
			<text x={words[0]} y={words[1]} class:bad={residual?.bad}
				>{partWords(green, part, residual?.bad)}</text
			>
		{/if}
	{:else if tilt}
		<g transform={`rotate(${tilt.fallsTowards})`} class:out={tilt.leftOut}>
			<path class="tilt" class:bad={residual?.bad} d="M0,10V-14M-5,-7L0,-14L5,-7" />
		</g>
		{#if words}
			<text x={words[0]} y={words[1]} class:bad={residual?.bad}
				>{partWords(green, part, residual?.bad)}</text
			>
		{/if}
	{:else if part.kind === 'pin'}
		<path class="pin" d="M0,0V-20l13,5l-13,5" />
		<circle class="hole" r="4" />
		{#if words}
			<text class="name" x={words[0]} y={words[1]}>{green.pins[part.index]!.name}</text>
		{/if}
	{:else if part.kind === 'area'}
		<path class="move" d="M-6,0H6M0,-6V6M-6,0l2,-2M-6,0l2,2M6,0l-2,-2M6,0l-2,2" />
	{:else if part.kind === 'whole'}
		<path class="move" d="M-9,9L9,-9M9,-9h-7M9,-9v7M-9,9h7M-9,9v-7" />
	{:else}
		<rect class="corner" x="-4" y="-4" width="8" height="8" />
	{/if}
</Handle>

<style>
	.chosen {
		fill: none;
		stroke: var(--clay);
		stroke-width: 2.5;
	}
	.spot,
	.tilt,
	.move {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	.out {
		opacity: 0.5;
	}
	.bad {
		stroke: var(--clay);
		stroke-width: 3;
	}
	text {
		font: 600 11px var(--font-mono);
		fill: var(--ink);
		text-anchor: middle;
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 3px;
	}
	text.bad {
		fill: var(--clay);
		stroke: var(--paper);
		font-weight: 800;
	}
	.name {
		font-family: var(--font-sans);
		font-size: 13px;
	}
	.pin {
		fill: var(--ink);
		stroke: var(--ink);
		stroke-width: 2;
		stroke-linejoin: round;
	}
	.hole {
		fill: #111;
		stroke: #fff;
		stroke-width: 1.5;
	}
	.corner {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2;
	}
</style>
