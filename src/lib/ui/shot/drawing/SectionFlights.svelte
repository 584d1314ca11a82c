<script lang="ts">
	import type { Situation } from '$lib/core/plan/question/situation';
	import type { Choice } from '$lib/ui/call/choices';
	import { playWords } from '$lib/io/words/play';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { Path } from '$lib/core/solve/path';
	import { lineBoxes, placeLabels, textRoom, type Label } from '$lib/ui/drawing/labelPlacement';
	import {
		apexLabel,
		gateBox,
		groundHeight,
		LEAST_RISE,
		sectionPath,
		splitAtLanding,
		topOfFlight
	} from './section';
	import type { Scale } from '$lib/ui/drawing/scale';

	interface Props {
		scale: Scale;
		situation: Situation;
		chosen: Choice | null;
		others: Choice[];
	}
	const { scale, situation, chosen, others }: Props = $props();

	const partsOf = ({ candidate }: Choice) =>
		splitAtLanding(candidate.path, candidate.solution.outcome.flightTime);
	const parts = $derived(chosen && partsOf(chosen));
	const apex = $derived(
		parts && apexLabel(parts.air, scale, (metres) => formatLength(metres, playing.style))
	);

	/** Two paces ahead. */
	const gateAt = $derived(2 * playing.file.pupil.pace);
	const SIZE = 12;
	const over = ([, x, height]: Path[number]) => ({ x: scale.x(x), y: scale.y(height) });
	/** The neighbours' names, where there is room above their flights. */
	const names = $derived<Label[]>(
		others
			.map((other) => ({ other, top: topOfFlight(partsOf(other).air) }))
			.filter(({ top }) => top[2] * scale.factor > 2 * LEAST_RISE)
			.map(({ other, top }, i) => ({
				id: other.key,
				text: playWords(other.candidate.play),
				x: over(top).x,
				y: over(top).y - 6,
				size: SIZE,
				rank: 1 + i,
				shifts: [
					[0, 0],
					[40, 0],
					[-40, 0],
					[70, 8],
					[-70, 8]
				] as const
			}))
	);
	const gate = $derived(chosen && gateBox(scale, gateAt, groundHeight(situation, gateAt)));
	const called = $derived(
		parts ? lineBoxes(parts.air.map(([, x, height]) => [scale.x(x), scale.y(height)] as const)) : []
	);
	const height = $derived(apex && placeLabels([apex], called).has(apex.id) ? apex : null);
	/** Names keep off the flight that is called and its height, off the marks of its gate, and on the paper. */
	const places = $derived(
		placeLabels(
			names,
			[
				...called,
				...(height ? [textRoom(height.text, height.size, height.x, height.y)] : []),
				...(gate ? [gate] : [])
			],
			{ left: 4, right: scale.width - 4, top: -Infinity, bottom: Infinity }
		)
	);
	const placeOf = (choice: Choice) => places.get(choice.key);
</script>

{#each others as other, i (other.key)}
	<path class={`other dash-${i % 3}`} d={sectionPath(other.candidate.path, scale, situation)} />
	{@const place = placeOf(other)}
	{#if place}<text class="name" x={place[0]} y={place[1]}>{playWords(other.candidate.play)}</text
		>{/if}
{/each}
{#if parts}
	<path class="air" d={sectionPath(parts.air, scale, situation)} />
	<path
		class="ground"
		d={sectionPath(parts.ground, scale, situation)}
		transform="translate(0 -4)"
	/>
	{#if height}
		<g transform={`translate(${height.x} ${height.y})`}>
			<line class="mark" y1="10" y2="4" />
			<text class="apex">{height.text}</text>
		</g>
	{/if}
{/if}

<style>
	path {
		fill: none;
	}
	.other {
		stroke: var(--faint);
		stroke-width: var(--line);
	}
	.dash-0 {
		stroke-dasharray: 7 4;
	}
	.dash-1 {
		stroke-dasharray: 2 4;
	}
	.dash-2 {
		stroke-dasharray: 9 3 2 3;
	}
	.air {
		stroke: var(--sky);
		stroke-width: calc(var(--line) * 2);
	}
	.ground {
		stroke: var(--ink);
		stroke-width: calc(var(--line) * 1.6);
		stroke-dasharray: 6 3;
	}
	.mark {
		stroke: var(--sky);
		stroke-width: 2;
	}
	.name,
	.apex {
		font: 500 12px var(--font-sans);
		fill: var(--faint);
		text-anchor: middle;
		paint-order: stroke;
		/* Wide enough that no dash shows between two words. */
		stroke: var(--sky-wash);
		stroke-width: 7px;
		stroke-linejoin: round;
	}
	.apex {
		font-weight: 700;
		fill: var(--sky);
	}
</style>
