<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { STRIKE_TAGS } from '$lib/core/practice/practised';
	import type { Play } from '$lib/io/log/play';
	import { TAG_WORDS } from '$lib/io/words/practice';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { missReach, missSpots, missSpotWords } from './missSpots';

	interface Props {
		plays: readonly Play[];
	}
	const { plays }: Props = $props();

	const HEIGHT = 300;
	const EDGE = 14;
	const LEAST_REACH = 2;
	const MARGIN = 1.15;
	let width = $state(360);

	const DOT = 4;
	const SHAPE = {
		struck: `m${-DOT},0a${DOT},${DOT} 0 1 0 ${2 * DOT},0a${DOT},${DOT} 0 1 0 ${-2 * DOT},0`,
		heavy: 'm-5,-5h10v10h-10z',
		thin: 'm-6,5h12l-6,-11z'
	} as const;
	const spots = $derived(missSpots(plays));
	/** The farthest one in twenty are drawn at the edge. */
	const reach = $derived(Math.max(LEAST_REACH, MARGIN * (missReach(spots, 0.95) || 0)));
	const half = $derived(Math.min(HEIGHT, width) / 2 - EDGE);
	const scale = $derived(scaleLinear().domain([-reach, reach]).range([-half, half]).clamp(true));
	const at = (past: number, right: number) =>
		[width / 2 + scale(right), HEIGHT / 2 - scale(past)] as const;
	/** All of a kind in one path: thousands of marks of their own would hold up the page. */
	const marks = $derived.by(() => {
		const drawn = { struck: '', heavy: '', thin: '' };
		for (const { past, right, strike } of spots) {
			const [x, y] = at(past, right);
			drawn[strike] += `M${x.toFixed(1)},${y.toFixed(1)}${SHAPE[strike]}`;
		}
		return drawn;
	});
	const rings = $derived(
		scaleLinear()
			.domain([0, reach / playing.style.size])
			.ticks(4)
			.filter((ring) => ring > 0)
	);
	const say = (metres: number) => formatLength(metres, playing.style);
	const causes = $derived(
		STRIKE_TAGS.map((tag) => {
			const own = plays.filter(({ tags }) => tags.includes(tag));
			return { tag, n: own.length };
		}).filter(({ n }) => n > 0)
	);
	const words = $derived(missSpotWords(spots, say));
</script>

<figure bind:clientWidth={width}>
	<p>{words}</p>
	{#if spots.length > 0}
		<svg
			{width}
			height={HEIGHT}
			viewBox={`0 0 ${width} ${HEIGHT}`}
			role="img"
			aria-label={`Where balls stopped, seen from above with the hole in the middle. ${words}`}
		>
			{#each rings as ring (ring)}
				{@const r = scale(ring * playing.style.size)}
				<circle class="ring" cx={width / 2} cy={HEIGHT / 2} {r} />
				<text x={width / 2 + 0.71 * r + 4} y={HEIGHT / 2 + 0.71 * r + 12}
					>{formatFigure(ring * playing.style.size, playing.style)} {playing.style.symbol}</text
				>
			{/each}
			<line class="line" x1={width / 2} x2={width / 2} y1={HEIGHT} y2={HEIGHT / 2} />
			<path class="ball" d={marks.struck} />
			<path class="mark" d={marks.heavy} />
			<path class="mark" d={marks.thin} />
			<circle class="hole" cx={width / 2} cy={HEIGHT / 2} r="5" />
		</svg>
		<figcaption class="hint">
			From behind the ball: up is past the hole. Dot: a ball; square: heavy; triangle: thin. What
			lies farther out stands at the edge.
		</figcaption>
	{/if}
</figure>
{#if causes.length > 0}
	<table class="table-sm table">
		<thead><tr><th scope="col">Strike</th><th scope="col">Balls</th></tr></thead>
		<tbody>
			{#each causes as { tag, n } (tag)}
				<tr><th scope="row">{TAG_WORDS[tag]}</th><td class="figure">{n} of {plays.length}</td></tr>
			{/each}
		</tbody>
	</table>
{/if}

<style>
	svg {
		display: block;
		width: 100%;
		background: var(--turf-wash);
		border: var(--border) solid var(--rule);
	}
	.ring {
		fill: none;
		stroke: var(--turf);
		stroke-dasharray: 3 4;
	}
	.line {
		stroke: var(--ink);
		stroke-dasharray: 2 6;
	}
	text {
		font: 500 12px var(--font-mono);
		fill: var(--ink);
		paint-order: stroke;
		stroke: var(--turf-wash);
		stroke-width: 3px;
	}
	.ball {
		fill: var(--ink);
		opacity: var(--mark);
	}
	.mark {
		fill: var(--paper);
		stroke: var(--clay);
		stroke-width: 2;
	}
	.hole {
		fill: #111;
		stroke: #fff;
		stroke-width: 2;
	}
</style>
