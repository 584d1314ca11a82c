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
	/** Hips move toward the side that carries the weight, the breastbone a little farther. */
	const hips = $derived((0.5 - figure.leadWeight) * 36);
	const chest = $derived(hips * 1.25);
	const [SHOULDERS, HIPS, KNEES, GROUND] = [-30, 4, 24, 42];
	const shaft = $derived(34 - 5 * (figure.gripDown / 0.05));
	const head = $derived(figure.ballX + 4);
	const hands = $derived([
		head - Math.sin(radians(figure.shaftTurn)) * shaft,
		GROUND - Math.cos(radians(figure.shaftTurn)) * shaft
	] as const);
	/** The player faces us, so a right-hander's target is to our right. */
	const mirror = $derived(left ? '' : 'scale(-1 1)');
	const leg = (side: 1 | -1) => {
		const foot = side * figure.halfStance;
		const hip = hips + side * 5;
		return `M${hip},${HIPS}L${hip * 0.35 + foot * 0.65 + side},${KNEES}L${foot},${GROUND - 3}`;
	};
	/** An arm bends a little outward on its way to the hands. */
	const arm = (side: 1 | -1) => {
		const [x, y] = hands;
		const shoulder = chest + side * 12;
		return `M${shoulder},${SHOULDERS + 3}Q${(shoulder + x) / 2 + side * 4},${(SHOULDERS + y) / 2} ${x},${y}`;
	};
	const lead = $derived(`${setup.leadWeight} %`);
	const trail = $derived(`${100 - setup.leadWeight} %`);
</script>

<figure>
	<svg
		viewBox="-62 -64 124 128"
		role="img"
		aria-label={`Setup from the front: ${setup.leadWeight} percent of the weight on the lead side`}
	>
		<rect class="turf" x="-62" y={GROUND} width="124" height="24" />
		<g transform={mirror}>
			<path class="leg" d={`${leg(-1)}${leg(1)}`} />
			<path
				class="shirt"
				d={`M${chest - 13},${SHOULDERS + 2}Q${chest},${SHOULDERS - 6} ${chest + 13},${SHOULDERS + 2}L${hips + 9},${HIPS + 4}H${hips - 9}Z`}
			/>
			<path class="arm" d={`${arm(-1)}${arm(1)}`} />
			<circle class="head" cx={chest} cy="-44" r="8.5" />
			<path class="cap" d={`M${chest - 8.5},-46A8.5,8.5 0 0 1 ${chest + 8.5},-46Z`} />
			<path class="shaft" d={`M${hands[0]},${hands[1]}L${head},${GROUND - 2}`} />
			<path class="blade" d={`M${head},${GROUND - 2}h7`} />
			<circle class="hands" cx={hands[0]} cy={hands[1]} r="4" />
			<path
				class="shoe"
				d={`M${-figure.halfStance},${GROUND - 2}h-9M${figure.halfStance},${GROUND - 2}h9`}
			/>
			<circle class="ball" cx={figure.ballX} cy={GROUND - 4} r="4" />
		</g>
		<text x={left ? -58 : 58} y="56" text-anchor={left ? 'start' : 'end'}>{lead}</text>
		<text x={left ? 58 : -58} y="56" text-anchor={left ? 'end' : 'start'}>{trail}</text>
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
		fill: var(--turf-wash);
	}
	.leg,
	.arm,
	.shoe {
		fill: none;
		stroke: var(--ink);
		stroke-width: 8;
		stroke-linecap: round;
		stroke-linejoin: round;
	}
	.arm {
		stroke-width: 5;
	}
	.shoe {
		stroke-width: 4;
	}
	.shirt {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2.5;
		stroke-linejoin: round;
	}
	.head,
	.hands {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2.5;
	}
	.cap {
		fill: var(--ink);
	}
	.shaft {
		fill: none;
		stroke: var(--clay);
		stroke-width: 2.5;
	}
	.blade {
		fill: none;
		stroke: var(--clay);
		stroke-width: 5;
	}
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 2;
	}
	text {
		font: 700 12px var(--font-mono);
		fill: var(--ink);
	}
</style>
