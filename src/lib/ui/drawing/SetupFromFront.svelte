<script lang="ts">
	import type { SetupAdvice } from '$lib/core/setup/advise';
	import { radians } from '$lib/core/units';
	import { setupFigure } from './setupFigure';

	interface Props {
		setup: SetupAdvice;
		left: boolean;
	}
	const { setup, left }: Props = $props();
	const figure = $derived(setupFigure(setup));
	/** Hips move toward the side that carries the weight. */
	const hips = $derived((0.5 - figure.leadWeight) * 44);
	const grip = $derived(figure.ballX + 3 - Math.sin(radians(figure.shaftTurn)) * 62);
	/** The player faces us, so a right-hander's target is to our right. */
	const mirror = $derived(left ? '' : 'scale(-1 1)');
</script>

<figure>
	<svg
		viewBox="-62 -64 124 116"
		role="img"
		aria-label={`Setup from the front: ${setup.leadWeight} percent of the weight on the lead side`}
	>
		<line class="turf" x1="-62" x2="62" y1="42" y2="42" />
		<g transform={mirror}>
			<circle class="body" cx={hips * 1.2} cy="-46" r="9" />
			<path
				class="body"
				d={`M${hips * 1.2},-36L${hips},2L${-figure.halfStance},40M${hips},2L${figure.halfStance},40M${hips * 1.2},-32L${grip},0`}
			/>
			<line class="shaft" x1={grip} y1="-2" x2={figure.ballX + 3} y2="40" />
			<circle class="ball" cx={figure.ballX} cy="37" r="4.5" />
		</g>
		<text x={left ? -56 : 56} y="-46" text-anchor={left ? 'start' : 'end'}
			>{setup.leadWeight} %</text
		>
	</svg>
	<figcaption>From the front</figcaption>
</figure>

<style>
	svg {
		width: 100%;
		display: block;
		background: var(--sky-wash);
	}
	figcaption {
		font-size: 0.8125rem;
		color: var(--faint);
	}
	.turf {
		stroke: var(--turf);
		stroke-width: 5;
	}
	.body {
		fill: none;
		stroke: var(--ink);
		stroke-width: 3;
		stroke-linecap: round;
		stroke-linejoin: round;
	}
	.shaft {
		stroke: var(--clay);
		stroke-width: 2.5;
	}
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 2;
	}
	text {
		font: 700 13px var(--font-mono);
		fill: var(--ink);
	}
</style>
