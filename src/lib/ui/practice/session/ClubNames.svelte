<script lang="ts">
	import type { Spot } from '$lib/core/practice/practised';
	import { markBox, placeLabels } from '$lib/ui/drawing/labelPlacement';
	import type { PracticeScale } from '$lib/ui/practice/practiceScale';

	interface Props {
		/** Each with the middle of its balls. */
		names: readonly { name: string; middle: Spot }[];
		/** Every ball that is drawn: names keep off them where there is room. */
		balls: readonly Spot[];
		scale: PracticeScale;
	}
	const { names, balls, scale }: Props = $props();

	const SIZE = 13;
	const BALL = 6;
	const STEPS = [0, 18, -18, 36, -36, 54, -54];
	const SHIFTS = STEPS.flatMap((dx) => STEPS.map((dy): [number, number] => [dx, dy])).sort(
		(a, b) => Math.hypot(...a) - Math.hypot(...b)
	);
	const labels = $derived(
		names.map(({ name, middle }, i) => {
			const [x, y] = scale.at(...middle);
			return { id: String(i), text: name, x, y: y - 8, size: SIZE, rank: i, shifts: SHIFTS };
		})
	);
	const places = $derived(
		placeLabels(
			labels,
			balls.map((ball) => markBox(...scale.at(...ball), BALL)),
			{ left: 0, right: scale.width, top: 0, bottom: scale.height }
		)
	);
</script>

{#each labels as { id, text, x, y } (id)}
	{@const [left, base] = places.get(id) ?? [x, y]}
	<text x={left} y={base}>{text}</text>
{/each}

<style>
	text {
		font: 700 13px var(--font-mono);
		text-anchor: middle;
		fill: var(--ink);
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 4px;
	}
</style>
