<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import type { CarryCell } from '$lib/core/player/carryTable';
	import type { CarryFlight } from '$lib/core/solve/measuredSwings';
	import { SWING_MARKS, type SwingVocabulary } from '$lib/core/player/swingLength';
	import type { ClubDraft } from '$lib/io/work/club';
	import { markWords } from '$lib/io/words/swing';
	import Axis from '$lib/ui/drawing/Axis.svelte';
	import { inUnit } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { carryCurves, tickMarks } from './carryCurves';

	interface Props {
		cells: readonly CarryCell<CarryFlight>[];
		clubs: readonly ClubDraft[];
		flight?: CarryFlight;
		vocabulary: SwingVocabulary;
	}
	const { cells, clubs, flight = 'standard', vocabulary }: Props = $props();

	const HEIGHT = 260;
	const LEFT = 46;
	const RIGHT = 44;
	const BOTTOM = 40;
	let width = $state(360);

	const style = $derived(playing.style);
	const curves = $derived(carryCurves(cells, clubs, flight));
	const ticks = $derived(tickMarks(vocabulary));
	const most = $derived(Math.max(8, ...curves.flatMap(({ points }) => points.map((p) => p.high))));
	const least = $derived(SWING_MARKS[vocabulary][0]!.angle);
	const longest = $derived(ticks.at(-1)!.angle);
	const x = $derived(
		scaleLinear()
			.domain([least, longest])
			.range([LEFT, width - RIGHT])
	);
	const y = $derived(
		scaleLinear()
			.domain([0, inUnit(most, style)])
			.nice(5)
			.range([HEIGHT - BOTTOM, 8])
	);
	const up = (metres: number) => y(inUnit(metres, style));
	const line = (points: readonly { angle: number; carry: number }[]) =>
		points.map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p.angle)},${up(p.carry)}`).join('');
	const band = (points: readonly { angle: number; low: number; high: number }[]) =>
		`M${[
			...points.map((p) => `${x(p.angle)},${up(p.high)}`),
			...points.toReversed().map((p) => `${x(p.angle)},${up(p.low)}`)
		].join('L')}Z`;
	const DASHES = ['', '7 3', '2 3', '9 3 2 3', '4 4', '12 4'];
</script>

<figure bind:clientWidth={width}>
	{#if curves.length === 0}
		<p class="text-(--faint)">
			Nothing measured with this flight yet: type a few carries and their curves are drawn here.
		</p>
	{:else}
		<svg
			{width}
			height={HEIGHT}
			viewBox={`0 0 ${width} ${HEIGHT}`}
			role="img"
			aria-label={`Carry over swing of ${curves.map(({ name }) => name).join(', ')}; the carry table has the figures.`}
		>
			<Axis
				side="left"
				scale={y}
				x={LEFT}
				ticks={y.ticks(5)}
				words={(value) => `${value} ${style.symbol}`}
				tickSize={LEFT + RIGHT - width}
				padding={6}
			/>
			{#each ticks as mark (mark.name)}
				<line class="mark" x1={x(mark.angle)} x2={x(mark.angle)} y1={8} y2={HEIGHT - BOTTOM} />
				<text class="tick" x={x(mark.angle)} y={HEIGHT - BOTTOM + 16}
					>{markWords(mark.name, vocabulary).replace(' o’clock', '')}</text
				>
			{/each}
			<text class="tick" x={(LEFT + width - RIGHT) / 2} y={HEIGHT - 6}>length of the backswing</text
			>
			{#each curves as curve, i (curve.club)}
				{#if curve.points.length > 1}
					<path class="band" d={band(curve.points)} />
					<path class="curve" d={line(curve.points)} stroke-dasharray={DASHES[i % DASHES.length]} />
				{/if}
				{#each curve.known as cell (cell.swing)}
					<circle class="known" r="3.5" cx={x(cell.angle)} cy={up(cell.mean)} />
				{/each}
				<text
					class="name"
					x={x(curve.known.at(-1)!.angle) + 8}
					y={Math.max(14, up(curve.label) + 4)}>{curve.name}</text
				>
			{/each}
		</svg>
		<figcaption class="hint">Bands: where the mean lies with 90 %.</figcaption>
	{/if}
</figure>

<style>
	/* Takes the room it is given, so that the room can shrink again. */
	svg {
		width: 100%;
	}
	.mark {
		stroke: var(--shade);
	}
	.tick {
		fill: var(--faint);
		font: 500 12px var(--font-mono);
		text-anchor: middle;
	}
	.band {
		fill: var(--sky);
		opacity: 0.13;
	}
	.curve {
		fill: none;
		stroke: var(--sky);
		stroke-width: calc(var(--line) * 1px + 0.5px);
	}
	.known {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.name {
		fill: var(--ink);
		font: 700 13px var(--font-sans);
		paint-order: stroke;
		stroke: var(--paper);
		stroke-width: 3;
	}
</style>
