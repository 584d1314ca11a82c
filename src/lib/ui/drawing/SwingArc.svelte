<script lang="ts">
	import type { PlannedSwing } from '$lib/core/plan/ladder/swing';
	import { placeLabels, type Label } from './labelPlacement';
	import { SWING_MARKS, type SwingMark } from '$lib/core/player/swingLength';

	interface Props {
		swing: PlannedSwing;
		left: boolean;
		putt: boolean;
	}
	const { swing, left, putt }: Props = $props();

	const ARM = 40;
	const LETTERS = 11;
	/** Names of marks lower than this stand under the arc. */
	const LOW = 0.3;
	/** The player faces us: a right-hander's backswing goes to our left. */
	const side = $derived(left ? 1 : -1);
	const at = (angle: number, length: number): [number, number] => [
		side * Math.sin(angle) * length,
		Math.cos(angle) * length
	];
	const angle = $derived(Math.min(swing.angle, 2.6));
	const hand = $derived(at(angle, ARM));
	const through = $derived([-hand[0], hand[1]] as const);
	/** The mark that the words name first, then its neighbours, then others that stand clear of them. */
	const marks = $derived.by(() => {
		const all = SWING_MARKS[swing.vocabulary];
		const named = all.filter(({ name }) => name === swing.name);
		const beside = all.filter(({ name }) => swing.between.includes(name)).toReversed();
		const wanted = [...named, ...beside, ...all.toReversed()];
		const labels = [...new Set(wanted)].map((mark, rank): Label & { mark: SwingMark } => {
			const [x, y] = at(mark.angle, ARM + 6);
			const low = mark.angle < LOW;
			const half = (mark.name.length * LETTERS * 0.58) / 2;
			return {
				mark,
				id: mark.name,
				text: mark.name,
				x: low ? x : x + side * half,
				y: y + (low ? 10 : 4),
				size: LETTERS,
				rank
			};
		});
		const places = placeLabels(labels);
		return labels.flatMap(({ id, mark }) => {
			const place = places.get(id);
			return place ? [{ ...mark, place }] : [];
		});
	});
	const wide = $derived(angle > Math.PI / 2 ? 1 : 0);
	const name = $derived(putt ? 'putting stroke' : `swing ${swing.name}`);
</script>

<figure>
	<svg viewBox={`${side < 0 ? -92 : -44} -62 136 128`} role="img" aria-label={`Backswing: ${name}`}>
		<!-- Faint behind the arm: the body that the words of the swing are read off. -->
		<g class="figure">
			<circle cx={-side * 10} cy="-16" r="8" />
			<path d={`M${side * 2},-4L${-side * 20},-4L${-side * 16},34L${-side * 2},34Z`} />
			<path class="legs" d={`M${-side * 4},34L${side * 1},68M${-side * 14},34L${-side * 20},68`} />
		</g>
		<path
			class="through"
			d={`M0,${ARM}A${ARM},${ARM} 0 0 ${side < 0 ? 0 : 1} ${through[0]},${through[1]}`}
		/>
		<path
			class="arc"
			d={`M0,${ARM}A${ARM},${ARM} 0 ${wide && angle > Math.PI ? 1 : 0} ${side < 0 ? 1 : 0} ${hand[0]},${hand[1]}`}
		/>
		<line class="arm" x2={hand[0]} y2={hand[1]} />
		<line class="rest" x2="0" y2={ARM} />
		<circle r="5" class="shoulder" />
		{#each marks as mark (mark.name)}
			<text x={mark.place[0]} y={mark.place[1]} text-anchor="middle">{mark.name}</text>
		{/each}
	</svg>
	<figcaption>{putt ? 'Stroke' : `Swing ${swing.name}`}</figcaption>
</figure>

<style>
	svg {
		width: 100%;
		display: block;
		background: var(--shade);
	}
	figcaption {
		font-size: 0.8125rem;
		color: var(--faint);
	}
	.arc,
	.through {
		fill: none;
		stroke: var(--clay);
		stroke-width: 3.5;
	}
	.through {
		stroke: var(--faint);
		stroke-width: 2;
		stroke-dasharray: 4 3;
	}
	.figure {
		fill: var(--paper);
		stroke: var(--rule);
		stroke-width: 2;
		stroke-linejoin: round;
	}
	.legs {
		fill: none;
		stroke-width: 8;
	}
	.arm {
		stroke: var(--ink);
		stroke-width: 5;
		stroke-linecap: round;
	}
	.rest {
		stroke: var(--rule);
		stroke-width: 2;
	}
	.shoulder {
		fill: var(--ink);
	}
	text {
		font: 600 11px var(--font-sans);
		fill: var(--ink);
	}
</style>
