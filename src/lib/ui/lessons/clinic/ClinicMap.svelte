<script lang="ts">
	import { othersOf, type Danger } from '$lib/core/lessons/clinicSafety';
	import {
		headingOf,
		laidOut,
		movedTo,
		standAt,
		type StationPlace
	} from '$lib/io/lessons/stations';
	import type { GreenWire } from '$lib/io/work/green';
	import GreenLayers from '$lib/ui/drawing/GreenLayers.svelte';
	import Handle from '$lib/ui/drawing/Handle.svelte';
	import { planView, type PlanView } from '$lib/ui/drawing/planView';
	import { roving } from '$lib/ui/drawing/roving';
	import SurfacePatterns from '$lib/ui/drawing/SurfacePatterns.svelte';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';

	interface Props {
		green: GreenWire;
		/** All stations of the clinic, in the order in which groups go round. */
		places: readonly StationPlace[];
		titles: readonly string[];
		dangers: readonly Danger[];
		onchange: (place: StationPlace) => void;
	}
	const { green, places, titles, dangers, onchange }: Props = $props();

	const HEIGHT = 380;
	const MARGIN = 18;
	/** Room for a shot that goes past and for people: metres beyond what is drawn. */
	const AROUND = 3;
	let width = $state(600);
	let frozen = $state.raw<PlanView | null>(null);
	let from = $state.raw<StationPlace | null>(null);

	const here = $derived(
		places.flatMap((place, index) => (place.greenId === green.id ? [{ place, index }] : []))
	);
	const corners = $derived(
		here.flatMap(({ place }) => {
			const { from: at, radius } = standAt(place);
			const reach = radius + AROUND;
			return [
				[at[0] - reach, at[1] - reach] as const,
				[at[0] + reach, at[1] + reach] as const,
				place.toward
			];
		})
	);
	const around = $derived(green.areas.flatMap(({ outline }) => outline));
	const view = $derived(
		frozen ?? planView.whole(green.outline, [...corners, ...around], width, HEIGHT, MARGIN)
	);
	/** Where people are that balls come to. */
	const struck = $derived.by(() => {
		const all = laidOut(places, [...new Set(places.map(({ greenId }) => greenId))]);
		return dangers
			.filter(({ from: of }) => places[of]?.greenId === green.id)
			.flatMap(({ from: of, station, walkingTo }) => {
				const other = othersOf(all, of).find(
					(one) => one.station === station && one.walkingTo === walkingTo
				);
				return other ? [{ of, zone: other.zone }] : [];
			});
	});
	const say = (metres: number) => formatLength(metres, playing.style);
	const spot = ([u, v]: readonly [number, number]) => `${say(u)} right, ${say(v)} up`;

	const common = { low: -500, high: 500, axis: 'both' as const, nudge: 0.25 };
	const start = (place: StationPlace) => () => {
		from = place;
		frozen = view;
	};
	const end = () => {
		from = null;
		frozen = null;
	};
	const move = (along: number, up: number) => {
		if (from) onchange(movedTo(from, [from.ball[0] + along, from.ball[1] + up]));
	};
	const aim = (along: number, up: number) => {
		if (!from) return;
		const [u, v] = [from.toward[0] + along, from.toward[1] + up];
		if (Math.hypot(u - from.ball[0], v - from.ball[1]) < 1) return;
		onchange({ ...from, toward: [Number(u.toFixed(2)), Number(v.toFixed(2))] });
	};
</script>

<div class="sheet" bind:clientWidth={width}>
	<svg
		{@attach roving}
		{width}
		height={HEIGHT}
		viewBox={`0 0 ${width} ${HEIGHT}`}
		role="group"
		aria-label={`Stations on ${green.name}. Drag a number or the tip of its arrow, or move them with the arrow keys.`}
	>
		<SurfacePatterns />
		<GreenLayers
			{green}
			grid={null}
			project={view.project}
			factor={view.factor}
			layers={{ contours: false, arrows: false, steepness: false }}
			id={`clinic-${green.id}`}
		/>
		{#each green.pins as pin (pin.id)}
			{@const [x, y] = view.project(...pin.at)}
			<path class="pin" d="M0,0V-14l9,3.5l-9,3.5" transform={`translate(${x} ${y})`} />
		{/each}
		{#each struck as { of, zone }, i (i)}
			{@const a = view.project(...zone.from)}
			{@const b = view.project(...zone.to)}
			{@const ball = view.project(...places[of]!.ball)}
			<line
				class="danger zone"
				x1={a[0]}
				y1={a[1]}
				x2={b[0] + 0.01}
				y2={b[1]}
				style:stroke-width={2 * zone.radius * view.factor}
			/>
			<line
				class="danger way"
				x1={ball[0]}
				y1={ball[1]}
				x2={(a[0] + b[0]) / 2}
				y2={(a[1] + b[1]) / 2}
			/>
		{/each}
		{#each here as { place, index } (place.id)}
			{@const stand = standAt(place)}
			{@const [x, y] = view.project(...stand.from)}
			{@const ball = view.project(...place.ball)}
			{@const tip = view.project(...place.toward)}
			<circle class="stand" cx={x} cy={y} r={stand.radius * view.factor} />
			<line class="line" x1={ball[0]} y1={ball[1]} x2={tip[0]} y2={tip[1]} />
			<Handle
				{...common}
				label={`Station ${index + 1}, ${titles[index]}: where it is hit from`}
				text={spot(place.ball)}
				now={place.ball[0]}
				x={ball[0]}
				y={ball[1]}
				factor={view.factor}
				onstart={start(place)}
				onmove={move}
				onend={end}
			>
				<circle class="number" r="13" />
				<text class="figure" y="5">{index + 1}</text>
			</Handle>
			<Handle
				{...common}
				label={`Station ${index + 1}, ${titles[index]}: where it is hit to`}
				text={spot(place.toward)}
				now={place.toward[0]}
				x={tip[0]}
				y={tip[1]}
				factor={view.factor}
				onstart={start(place)}
				onmove={aim}
				onend={end}
			>
				<path
					class="tip"
					d="M-11,-6L0,0L-11,6"
					transform={`rotate(${(-headingOf(place) * 180) / Math.PI})`}
				/>
			</Handle>
		{/each}
	</svg>
</div>

<style>
	.sheet {
		border: 1px solid var(--rule);
		background: var(--paper);
		overflow: hidden;
	}
	.pin {
		fill: var(--ink);
		stroke: var(--ink);
		stroke-width: 1.5;
	}
	.stand {
		fill: color-mix(in oklab, var(--sky) 14%, transparent);
		stroke: var(--sky);
		stroke-width: 1.5;
		stroke-dasharray: 3 3;
	}
	.line {
		stroke: var(--ink);
		stroke-width: 2;
	}
	.tip {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2.5;
	}
	.number {
		fill: var(--ink);
	}
	.figure {
		fill: var(--paper);
		font: 700 15px var(--font-mono);
		text-anchor: middle;
	}
	.danger {
		stroke: var(--clay);
	}
	.zone {
		stroke-linecap: round;
		opacity: 0.3;
	}
	.way {
		stroke-width: 2.5;
		stroke-dasharray: 8 5;
	}
</style>
