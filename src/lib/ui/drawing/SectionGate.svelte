<script lang="ts">
	import type { Path } from '$lib/core/plan/path';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import { BODY_MARKS, gateWords } from './section';
	import type { Scale } from './scale';

	interface Props {
		scale: Scale;
		path: Path;
		/** Height of the ground at the gate. */
		base: number;
	}
	const { scale, path, base }: Props = $props();

	/** Two paces ahead. */
	const at = $derived(2 * preferences.current.paceLength);
	const gate = $derived(path.length > 1 ? gateWords(path, at) : null);
	const x = $derived(scale.x(at));
	/** Marks closer than this on the screen would run into each other. */
	const LEAST_GAP = 15;
	const readable = $derived(scale.factor > 14);
	const marks = $derived(
		BODY_MARKS.filter((mark, i) => i % 2 === 1 || 0.35 * scale.factor > LEAST_GAP)
	);
</script>

{#if gate && readable}
	<g class="gate">
		<line x1={x} x2={x} y1={scale.y(base)} y2={scale.y(base + 1.9)} />
		{#each marks as mark (mark.name)}
			<line
				x1={x - 4}
				x2={x + 4}
				y1={scale.y(base + mark.height)}
				y2={scale.y(base + mark.height)}
			/>
			<text x={x - 8} y={scale.y(base + mark.height) + 4}>{mark.name}</text>
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
