<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { scaleLinear } from 'd3-scale';
	import type { Calibration } from '$lib/core/log/calibration';
	import Term from '$lib/ui/controls/Term.svelte';
	import Axis from '$lib/ui/drawing/Axis.svelte';
	import Figures from './Figures.svelte';

	interface Props {
		calibration: Calibration;
	}
	const { calibration }: Props = $props();

	const HEIGHT = 240;
	const LEFT = 52;
	const BOTTOM = 44;
	const HALF = 11;
	let width = $state(420);

	const x = $derived(
		scaleLinear()
			.domain([0, 1])
			.range([LEFT, width - 16])
	);
	const y = $derived(
		scaleLinear()
			.domain([0, 1])
			.range([HEIGHT - BOTTOM, 12])
	);
	const percent = (share: number) => `${Math.round(100 * share)} %`;
	const shares = $derived(calibration.rings.map(({ share }) => share));
</script>

<div class="grid content-start">
	<figure bind:clientWidth={width}>
		<svg
			{width}
			height={HEIGHT}
			viewBox={`0 0 ${width} ${HEIGHT}`}
			role="img"
			aria-label={`Share of the balls that ended inside each ring, ${soMany(calibration.n, 'ball')}; the table below has the figures.`}
		>
			<Axis
				side="left"
				scale={y}
				x={LEFT}
				ticks={[0, 0.25, 0.5, 0.75, 1]}
				words={percent}
				tickSize={LEFT - width + 16}
				padding={6}
			/>
			<Axis
				side="bottom"
				scale={x}
				y={HEIGHT - BOTTOM}
				ticks={shares}
				words={percent}
				tickSize={4}
			/>
			<text class="axis-name" x={(LEFT + width) / 2} y={HEIGHT - 6}>Ring that was to hold</text>
			<line class="even" x1={x(0)} y1={y(0)} x2={x(1)} y2={y(1)} />
			{#each calibration.rings as { share, inside, of, least, most } (share)}
				{@const at = x(share)}
				<rect
					class="band"
					x={at - HALF}
					width={2 * HALF}
					y={y(most / of)}
					height={Math.max(2, y(least / of) - y(most / of))}
				/>
				<circle
					class={{ out: inside < least || inside > most }}
					cx={at}
					cy={y(inside / of)}
					r="6"
				/>
			{/each}
		</svg>
		<figcaption class="hint">
			<Term of="ring" />: dot, share of the balls that ended inside. Bar: what an honest forecast
			has with so many balls, nine times in ten. An open dot lies outside its bar.
		</figcaption>
	</figure>
	<Figures
		words="The rings in figures"
		heads={['Ring', 'Inside', 'Honest']}
		rows={() =>
			calibration.rings.map(({ share, inside, of, least, most }) => [
				percent(share),
				`${inside} of ${of}`,
				`${least} to ${most}`
			])}
	/>
</div>

<style>
	svg {
		display: block;
		width: 100%;
	}
	.band {
		fill: var(--turf-wash);
		stroke: var(--turf);
	}
	.even {
		stroke: var(--ink);
		stroke-dasharray: 2 5;
	}
	circle {
		fill: var(--ink);
		stroke: var(--ink);
		stroke-width: 2.5;
	}
	.out {
		fill: var(--paper);
		stroke: var(--clay);
	}
	.axis-name {
		font: 500 12px var(--font-sans);
		fill: var(--faint);
		text-anchor: middle;
	}
</style>
