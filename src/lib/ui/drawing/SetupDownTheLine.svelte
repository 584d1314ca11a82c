<script lang="ts">
	import type { SetupAdvice } from '$lib/core/setup/advise';
	import { setupFigure } from './setupFigure';

	interface Props {
		setup: SetupAdvice;
		left: boolean;
	}
	const { setup, left }: Props = $props();
	const figure = $derived(setupFigure(setup));
	/** A hand lower on the grip, and a stance closer to the ball, bring ball and eyes together. */
	const ball = $derived(40 - (setup.standClose ? 10 : 0) - 5 * (figure.gripDown / 0.05));
	const hands = $derived([13 - (setup.standClose ? 3 : 0), 10] as const);
	const GROUND = 42;
	/** Seen from behind the player, looking at the target: a right-hander's ball is to the right. */
	const mirror = $derived(left ? 'scale(-1 1)' : '');
	const said = $derived(setup.standClose ? 'close to the ball' : 'the arms hang free');
</script>

<figure>
	<svg viewBox="-50 -64 124 128" role="img" aria-label={`Setup down the line: ${said}`}>
		<rect class="turf" x="-50" y={GROUND} width="124" height="24" />
		<g transform={left ? 'translate(24 0)' : ''}>
			<g transform={mirror}>
				<path class="leg" d={`M-13,2L-3,22L-9,${GROUND - 4}`} />
				<path class="shirt" d="M-21,1Q-17,-24 6,-38L17,-29Q4,-16 -4,7Z" />
				<path class="arm" d={`M11,-30Q16,-8 ${hands[0]},${hands[1]}`} />
				<circle class="head" cx="22" cy="-43" r="8.5" />
				<path class="cap" d="M14.5,-47A8.5,8.5 0 0 1 30.5,-42L34,-42L29,-46Z" />
				<path class="shaft" d={`M${hands[0]},${hands[1]}L${ball - 4},${GROUND - 2}`} />
				<path class="blade" d={`M${ball - 6},${GROUND - 2}h6`} />
				<circle class="hands" cx={hands[0]} cy={hands[1]} r="4" />
				<path class="shoe" d={`M-12,${GROUND - 2}h15`} />
				<circle class="ball" cx={ball + 3} cy={GROUND - 4} r="4" />
			</g>
		</g>
	</svg>
	<figcaption>Down the line</figcaption>
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
		stroke-width: 9;
		stroke-linecap: round;
		stroke-linejoin: round;
	}
	.arm {
		stroke-width: 5;
	}
	.shoe {
		stroke-width: 4;
	}
	.shirt,
	.head,
	.hands {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2.5;
		stroke-linejoin: round;
	}
	.cap {
		fill: var(--ink);
	}
	.shaft,
	.blade {
		fill: none;
		stroke: var(--clay);
		stroke-width: 2.5;
	}
	.blade {
		stroke-width: 5;
	}
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 2;
	}
</style>
