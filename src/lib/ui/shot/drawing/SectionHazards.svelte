<script lang="ts">
	import type { Hazard, Situation } from '$lib/core/plan/question/situation';
	import { crestOf } from '$lib/core/plan/question/situation';
	import { groundHeight } from './section';
	import type { Scale } from '$lib/ui/drawing/scale';

	interface Props {
		situation: Situation;
		scale: Scale;
	}
	const { situation, scale }: Props = $props();

	const DEPTH = 0.28;

	/** Sand and water lie in a hollow; rough and mounds stand up to their crest. */
	function shape(hazard: Hazard): string {
		const point = (x: number, up: number) =>
			`${scale.x(x)},${scale.y(groundHeight(situation, x) + up)}`;
		const middle = (hazard.from + hazard.to) / 2;
		const hollow = hazard.kind === 'sand' || hazard.kind === 'water';
		const { from, to } = hazard;
		return hollow
			? `M${point(from, 0)}Q${point(middle, -2 * DEPTH)} ${point(to, 0)}Z`
			: `M${point(from, 0)}Q${point(crestOf(hazard), hazard.kind === 'mound' ? 2 * hazard.height : 0.3)} ${point(to, 0)}Z`;
	}
</script>

{#each situation.hazards as hazard, i (i)}
	<path class={hazard.kind} d={shape(hazard)} />
	{#if hazard.height > 0}
		{@const x = scale.x(crestOf(hazard))}
		<line
			class="crest"
			x1={x}
			x2={x}
			y1={scale.y(groundHeight(situation, crestOf(hazard)))}
			y2={scale.y(hazard.height)}
		/>
	{/if}
{/each}

<style>
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
	.rough,
	.mound {
		fill: url(#blades);
		stroke: var(--turf);
		stroke-width: 2;
	}
	.crest {
		stroke: var(--ink);
		stroke-width: 2;
	}
</style>
