<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import Handle from '$lib/ui/drawing/Handle.svelte';
	import type { PlanView } from '$lib/ui/drawing/planView';
	import { formatLength } from '$lib/ui/format/lengths';
	import { mapPointNear } from '$lib/ui/greens/state/greenEdits';
	import { playing } from '$lib/ui/state/playing.svelte';

	interface Props {
		ball: [number, number];
		/** Where lines are drawn to. */
		pins: readonly (readonly [number, number])[];
		view: PlanView;
		onstart: () => void;
		onmove: (ball: [number, number]) => void;
		onend: () => void;
	}
	const { ball, pins, view, onstart, onmove, onend }: Props = $props();

	let from: [number, number] = [0, 0];
	const at = $derived(view.project(...ball));
	const say = (metres: number) => formatLength(metres, playing.style);
</script>

{#each pins as pin, i (i)}
	{@const end = view.project(pin[0], pin[1])}
	<line class:second={i === 1} x1={at[0]} y1={at[1]} x2={end[0]} y2={end[1]} />
{/each}
<Handle
	label="Ball on the map"
	text={`${say(ball[0])} right, ${say(ball[1])} up`}
	now={ball[0]}
	{...RANGE.map}
	x={at[0]}
	y={at[1]}
	factor={view.factor}
	axis="both"
	nudge={0.1}
	onstart={() => {
		from = ball;
		onstart();
	}}
	onmove={(along, up) => onmove(mapPointNear(from[0] + along, from[1] + up))}
	{onend}
>
	<circle class="ball" r="6" />
</Handle>

<style>
	line {
		stroke: var(--ink);
		stroke-width: 2;
		stroke-dasharray: 6 4;
	}
	.second {
		stroke-dasharray: 2 4;
	}
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 2;
	}
</style>
