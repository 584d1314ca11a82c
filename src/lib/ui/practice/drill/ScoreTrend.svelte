<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { scaleLinear } from 'd3-scale';
	import { resolve } from '$app/paths';
	import { trendOf } from '$lib/core/practice/trend';
	import type { Ball } from '$lib/io/work/pupil';
	import { scoresOf, type Session } from '$lib/io/practice/session';
	import { meantWords, trendWords } from '$lib/io/words/practice';
	import Axis from '$lib/ui/drawing/Axis.svelte';
	import { everyFew, pathThrough } from '$lib/ui/drawing/scale';
	import { dayWords, shortDayWords } from '$lib/ui/format/dates';
	import { playing } from '$lib/ui/state/playing.svelte';

	interface Props {
		/** Of one drill and one pupil; in any order. */
		sessions: readonly Session[];
		/** The pupil's, of any session. */
		balls: readonly Ball[];
	}
	const { sessions, balls }: Props = $props();

	const HEIGHT = 160;
	const LEFT = 48;
	const BOTTOM = 26;
	let width = $state(360);

	const points = $derived(scoresOf(sessions, balls));
	const x = $derived(
		scaleLinear()
			.domain([-0.5, Math.max(0.5, points.length - 0.5)])
			.range([LEFT, width - 8])
	);
	const y = scaleLinear()
		.domain([0, 1])
		.range([HEIGHT - BOTTOM, 8]);
	const middle = ({ share }: (typeof points)[number]) => share.hits / share.of;
	const line = $derived(pathThrough(points.map((point, i) => [x(i), y(middle(point))])));
	const band = $derived(
		points.length < 2
			? ''
			: `${pathThrough([
					...points.map(({ share }, i): [number, number] => [x(i), y(share.high)]),
					...points.map(({ share }, i): [number, number] => [x(i), y(share.low)]).reverse()
				])}Z`
	);
	const dated = $derived(everyFew([...points.keys()], width, 90));
	const sentence = $derived(trendWords(trendOf(points.map(({ share }) => share)), points.length));
</script>

{#if points.length > 0}
	<figure class="grid gap-1" bind:clientWidth={width}>
		<figcaption>
			<b>{sentence}</b>
			<span class="hint">As meant: {meantWords(points[0]!.session.rules, playing.say)}.</span>
		</figcaption>
		{#if points.length > 1}
			<svg
				{width}
				height={HEIGHT}
				viewBox={`0 0 ${width} ${HEIGHT}`}
				role="img"
				aria-label={`Share of balls as meant over ${soMany(points.length, 'session')}; the table below has them all.`}
			>
				<Axis
					side="left"
					scale={y}
					x={LEFT}
					ticks={[0, 0.25, 0.5, 0.75, 1]}
					words={(share) => `${Math.round(100 * share)} %`}
					tickSize={LEFT - width}
					padding={6}
				/>
				<Axis
					side="bottom"
					scale={x}
					y={HEIGHT - BOTTOM}
					ticks={dated}
					words={(i) => shortDayWords(points[i]!.session.startedAt)}
					tickSize={4}
				/>
				<path class="band" d={band} />
				<path class="line" d={line} />
				{#each points as point, i (point.session.id)}
					<circle cx={x(i)} cy={y(middle(point))} r="4.5" />
				{/each}
			</svg>
			<p class="hint">Band: what each share may be, nine times in ten.</p>
		{/if}
		<details>
			<summary class="cursor-pointer py-2 font-semibold"
				>{soMany(points.length, 'session')} in figures</summary
			>
			<table class="table-sm table">
				<thead
					><tr
						><th scope="col">When</th><th scope="col">As meant</th><th scope="col"
							>Nine times in ten</th
						></tr
					></thead
				>
				<tbody>
					{#each points.toReversed() as { session, share } (session.id)}
						<tr>
							<th scope="row"
								><a class="underline" href={resolve('/practice/[id]', { id: session.id })}
									>{dayWords(session.startedAt)}</a
								></th
							>
							<td class="figure">{share.hits} of {share.of}</td>
							<td class="figure"
								>{Math.round(100 * share.low)} to {Math.round(100 * share.high)} %</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
		</details>
	</figure>
{/if}

<style>
	svg {
		display: block;
		width: 100%;
	}
	.line {
		fill: none;
		stroke: var(--turf);
		stroke-width: var(--line);
	}
	.band {
		fill: var(--turf-wash);
		stroke: none;
	}
	circle {
		fill: var(--turf);
	}
</style>
