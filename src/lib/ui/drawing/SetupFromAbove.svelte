<script lang="ts">
	import type { SetupAdvice } from '$lib/core/setup/advise';
	import { setupFigure } from './setupFigure';

	interface Props {
		setup: SetupAdvice;
		left: boolean;
	}
	const { setup, left }: Props = $props();
	const figure = $derived(setupFigure(setup));
</script>

<figure>
	<svg
		viewBox="-62 -56 124 116"
		role="img"
		aria-label="Setup from above: feet, ball, face and body line"
	>
		<g transform={left ? 'scale(-1 1)' : ''}>
			<path class="target" d="M58,-28H-56M-50,-32L-57,-28L-50,-24" />
			<g transform={`translate(0 28) rotate(${figure.stanceTurn})`}>
				<line class="body" x1="-56" x2="56" y1="-14" y2="-14" />
				<rect
					class="foot"
					x={-figure.halfStance - 6}
					y="-10"
					width="12"
					height="28"
					rx="6"
					transform={`rotate(-14 ${-figure.halfStance} 4)`}
				/>
				<rect class="foot" x={figure.halfStance - 6} y="-10" width="12" height="28" rx="6" />
			</g>
			<circle class="ball" cx={figure.ballX} cy="-28" r="5" />
			<g transform={`translate(${figure.ballX + 8} -28) rotate(${figure.faceTurn})`}>
				<line class="face" y1="-10" y2="10" />
				<line class="shaft" x1="0" y1="6" x2="4" y2="34" />
			</g>
		</g>
	</svg>
	<figcaption>From above</figcaption>
</figure>

<style>
	svg {
		width: 100%;
		display: block;
		background: var(--turf-wash);
	}
	figcaption {
		font-size: 0.8125rem;
		color: var(--faint);
	}
	.target {
		fill: none;
		stroke: var(--ink);
		stroke-dasharray: 3 3;
	}
	.body {
		stroke: var(--ink);
		stroke-width: 2;
	}
	.foot {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 2;
	}
	.face {
		stroke: var(--clay);
		stroke-width: 5;
	}
	.shaft {
		stroke: var(--ink);
		stroke-width: 2;
	}
</style>
