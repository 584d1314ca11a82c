<script lang="ts">
	import { scaleLinear } from 'd3-scale';
	import { line } from 'd3-shape';
	import type { FlightWindow } from '$lib/core/plan/studies/flightWindows';
	import type { Path } from '$lib/core/solve/path';
	import { BODY_MARKS } from '$lib/ui/shot/drawing/section';

	interface Props {
		windows: readonly FlightWindow[];
		/** Metres ahead of the ball. */
		gate: number;
		toEdge: number;
		pin: number;
	}
	const { windows, gate, toEdge, pin }: Props = $props();

	const [WIDTH, HEIGHT] = [360, 120];
	/** Room for the longest of the names. */
	const APART = 46;
	const GROUND = HEIGHT - 20;
	const STROKE = { low: '2 0', middle: '7 3', high: '2 3' } as const;
	const flown = $derived(
		windows.flatMap(({ id, best }) =>
			best && best.candidate.path.length > 1 ? [{ id, best }] : []
		)
	);
	const highest = $derived(
		Math.max(2.2, ...flown.map(({ best }) => best.candidate.solution.outcome.apex * 1.1))
	);
	const x = $derived(scaleLinear([0, pin * 1.06], [8, WIDTH - 4]));
	const y = $derived(scaleLinear([0, highest], [GROUND, 8]));
	/** Names below their landings, apart where these lie close. */
	const names = $derived.by(() => {
		const row = flown
			.map(({ id, best }) => ({ id, at: x(best.candidate.solution.outcome.landingX) }))
			.sort((a, b) => a.at - b.at);
		row.forEach((name, i) => (name.at = Math.max(name.at, (row[i - 1]?.at ?? 0) + APART)));
		const over = (row.at(-1)?.at ?? 0) + APART / 2 - WIDTH;
		return row.map(({ id, at }) => ({ id, at: at - Math.max(0, over) }));
	});
	/** The flight up to its landing; what rolls afterwards lies on the ground. */
	const air = (path: Path, until: number) =>
		line<Path[number]>()
			.x(([, along]) => x(along))
			.y(([, , up]) => y(Math.max(0, up)))(path.filter(([t]) => t <= until + 1e-6)) ?? '';
</script>

<svg
	viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
	role="img"
	aria-label="The best flight through each window; heights are drawn larger than lengths."
>
	<rect x="0" y={GROUND} width={WIDTH} height={HEIGHT - GROUND} fill="var(--turf-wash)" />
	<line class="edge" x1={x(toEdge)} x2={x(toEdge)} y1={GROUND} y2={HEIGHT} />
	{#each BODY_MARKS as { name, height } (name)}
		{#if height < highest}
			<line class="gate" x1={x(gate) - 4} x2={x(gate) + 4} y1={y(height)} y2={y(height)} />
		{/if}
	{/each}
	<line class="gate" x1={x(gate)} x2={x(gate)} y1={GROUND} y2={y(Math.min(highest, 1.75))} />
	<path class="pin" d={`M${x(pin)},${GROUND}v-34l12,5l-12,5`} />
	{#each flown as { id, best } (id)}
		{@const { outcome } = best.candidate.solution}
		<path
			class="flight"
			stroke-dasharray={STROKE[id]}
			d={air(best.candidate.path, outcome.flightTime)}
		/>
		<circle class="landing" cx={x(outcome.landingX)} cy={GROUND} r="5" />
	{/each}
	{#each names as { id, at } (id)}<text x={at} y={HEIGHT - 2}>{id}</text>{/each}
</svg>

<style>
	svg {
		display: block;
		width: 100%;
		background: var(--sky-wash);
		border: var(--border) solid var(--rule);
	}
	.flight {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	.landing {
		fill: var(--clay);
		stroke: var(--paper);
		stroke-width: 1.5;
	}
	.gate,
	.edge {
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.pin {
		fill: var(--clay);
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	text {
		font: 600 11px var(--font-mono);
		fill: var(--ink);
		text-anchor: middle;
	}
</style>
