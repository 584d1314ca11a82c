<script lang="ts">
	import type { Ellipse } from '$lib/core/math/ellipse';
	import type { Spot } from '$lib/core/practice/practised';
	import { degrees } from '$lib/core/units';
	import type { Ball } from '$lib/io/work/pupil';
	import type { PracticeScale } from '$lib/ui/practice/practiceScale';

	interface Props {
		balls: readonly Ball[];
		/** In the order of the balls. */
		wild: readonly boolean[];
		landing: Ellipse | null;
		finish: Ellipse | null;
		/** The first touch of two. */
		half?: Spot | null;
		/** Balls of other clubs are only hinted at. */
		quiet?: boolean;
		scale: PracticeScale;
	}
	const { balls, wild, landing, finish, half = null, quiet = false, scale }: Props = $props();

	const CROSS = 5;
	/** An ellipse of three balls and more says something. */
	const FEWEST = 3;
	/** The paper runs up along the line, the ellipse's axes are along and right. */
	const ring = ({ x, y, long, short, turn }: Ellipse) => {
		const [cx, cy] = scale.at(x, y);
		return {
			cx,
			cy,
			rx: long * scale.factor,
			ry: short * scale.factor,
			transform: `rotate(${degrees(turn) - 90} ${cx} ${cy})`
		};
	};
	const last = $derived(balls.at(-1));
</script>

<g class={{ quiet }}>
	{#if balls.length >= FEWEST && !quiet}
		{#if landing}<ellipse class="landing" {...ring(landing)} />{/if}
		{#if finish}<ellipse class="finish" {...ring(finish)} />{/if}
	{/if}
	{#each balls as ball, i (ball.id)}
		{@const landed = ball.landed ? scale.at(...(ball.landed as Spot)) : null}
		{@const ended = ball.finished ? scale.at(...(ball.finished as Spot)) : null}
		{#if landed && ended && !quiet}
			<line class="run" x1={landed[0]} y1={landed[1]} x2={ended[0]} y2={ended[1]} />
		{/if}
		{#if landed}
			{#if wild[i]}
				<path
					class="wild"
					d={`M${landed[0] - CROSS},${landed[1] - CROSS}l${2 * CROSS},${2 * CROSS}m0,${-2 * CROSS}l${-2 * CROSS},${2 * CROSS}`}
				/>
			{:else}
				<circle
					class={['landed', ball.inferred && 'inferred']}
					cx={landed[0]}
					cy={landed[1]}
					r={ball === last && !quiet ? 5 : 3.5}
				/>
			{/if}
		{/if}
		{#if ended}
			<circle class="ended" cx={ended[0]} cy={ended[1]} r={ball === last && !quiet ? 5.5 : 4} />
		{/if}
	{/each}
	{#if half}
		{@const [x, y] = scale.at(...half)}
		<circle class="half" cx={x} cy={y} r="9" />
		<circle class="landed" cx={x} cy={y} r="5" />
	{/if}
</g>

<style>
	.quiet {
		opacity: 0.35;
	}
	.landing,
	.finish {
		fill: none;
		stroke-width: calc(var(--line) * 1.2);
	}
	.landing {
		stroke: var(--clay);
		stroke-dasharray: 5 3;
	}
	.finish {
		stroke: var(--ink);
	}
	.run {
		stroke: var(--ink);
		stroke-width: 0.8;
		opacity: 0.5;
	}
	.landed {
		fill: var(--clay);
		stroke: var(--paper);
		stroke-width: 1;
	}
	.inferred {
		fill: var(--paper);
		stroke: var(--clay);
		stroke-width: 1.5;
	}
	.ended {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 1.5;
	}
	.wild {
		fill: none;
		stroke: var(--clay);
		stroke-width: 2.5;
	}
	.half {
		fill: none;
		stroke: var(--clay);
		stroke-width: 2;
		stroke-dasharray: 3 3;
	}
</style>
