<script lang="ts">
	import type { Path } from '$lib/core/solve/path';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { formatLength } from '$lib/ui/format/lengths';
	import { lineBoxes, markBox, placeLabels, textRoom } from '$lib/ui/drawing/labelPlacement';
	import { apexLabel, BODY_MARKS, GATE_READABLE, gateWords, splitAtLanding } from './section';
	import type { Scale } from '$lib/ui/drawing/scale';

	interface Props {
		scale: Scale;
		path: Path;
		/** Of the path, up to where it comes down. */
		flightTime: number;
		/** Height of the ground at the gate. */
		base: number;
	}
	const { scale, path, flightTime, base }: Props = $props();

	/** Two paces ahead. */
	const at = $derived(2 * playing.file.pupil.pace);
	const gate = $derived(path.length > 1 ? gateWords(path, at) : null);
	const x = $derived(scale.x(at));
	const readable = $derived(scale.factor > GATE_READABLE);
	const SIZE = 12;
	/** Room for a word left of the gate, its middle where the widest still ends at the mark. */
	const BESIDE = 24;
	const onPaper = $derived(
		path.map(([, along, up]): [number, number] => [scale.x(along), scale.y(up)])
	);
	const ball = $derived(markBox(scale.x(0), scale.y(0), 8));
	/** The words over the flight stand where they stand. */
	const apex = $derived(
		gate &&
			apexLabel(splitAtLanding(path, flightTime).air, scale, (metres) =>
				formatLength(metres, playing.style)
			)
	);
	const places = $derived(
		placeLabels(
			BODY_MARKS.map(({ name, height }, i) => ({
				id: name,
				text: name,
				x: x - BESIDE,
				y: scale.y(base + height) + 4,
				size: SIZE,
				rank: i % 2
			})),
			[
				ball,
				...lineBoxes(onPaper),
				...(apex ? [textRoom(apex.text, apex.size, apex.x, apex.y)] : [])
			]
		)
	);
</script>

{#if gate && readable}
	<g class="gate">
		<line x1={x} x2={x} y1={scale.y(base)} y2={scale.y(base + 1.9)} />
		{#each BODY_MARKS as mark (mark.name)}
			<line
				x1={x - 4}
				x2={x + 4}
				y1={scale.y(base + mark.height)}
				y2={scale.y(base + mark.height)}
			/>
			{#if places.has(mark.name)}
				<text x={x - 8} y={scale.y(base + mark.height) + 4}>{mark.name}</text>
			{/if}
		{/each}
		<circle cx={x} cy={scale.y(gate.height)} r="4" />
	</g>
{/if}

<style>
	line {
		stroke: var(--faint);
		stroke-dasharray: 1 3;
		stroke-width: var(--line);
	}
	text {
		font: 500 12px var(--font-sans);
		fill: var(--faint);
		text-anchor: end;
		paint-order: stroke;
		stroke: var(--sky-wash);
		stroke-width: 4px;
	}
	circle {
		fill: var(--sky-wash);
		stroke: var(--sky);
		stroke-width: 2.5;
	}
</style>
