<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import type { Situation } from '$lib/core/plan/question/situation';
	import { crestOf, pinDistance } from '$lib/core/plan/question/situation';
	import { formatLength } from '$lib/ui/format/lengths';
	import { hazardName } from '$lib/io/words/hazard';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { SectionDrag } from '$lib/ui/shot/state/sectionDrag.svelte';
	import type { Choice } from '$lib/ui/call/choices';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import Handle from '$lib/ui/drawing/Handle.svelte';
	import { groundHeight } from './section';
	import type { Scale } from '$lib/ui/drawing/scale';

	interface Props {
		bench: ShotBench;
		drag: SectionDrag;
		scale: Scale;
		range: [number, number];
		situation: Situation;
		chosen: Choice | null;
	}
	const { bench, drag, scale, range, situation, chosen }: Props = $props();

	const wire = $derived(bench.shot.situation);
	const placed = $derived(bench.shot.place !== undefined);
	const segments = $derived(placed ? [] : (wire.segments ?? []));
	/** Break points between the pieces of the line, and the piece that goes on behind the last. */
	const breaks = $derived(
		segments.slice(0, -1).map((_, i) => situation.toEdge + total(segments.slice(0, i + 1)))
	);
	const total = (pieces: typeof segments) => pieces.reduce((sum, { length }) => sum + length, 0);
	const lastFrom = $derived(breaks.at(-1) ?? situation.toEdge);
	const pin = $derived(pinDistance(situation));
	const say = (metres: number) => formatLength(metres, playing.style);
	const groundY = (x: number) => scale.y(groundHeight(situation, x));
	const slopeAt = $derived(Math.min(range[1] - 0.4, pin + situation.beyondPin));
	const landing = $derived(chosen?.candidate.solution.outcome.landingX ?? null);
	const common = $derived({
		factor: scale.factor,
		nudge: 0.1,
		onstart: () => drag.start(range),
		onend: () => drag.end()
	});
	let landingFrom = 0;
</script>

<Handle
	{...common}
	label="Ball"
	text={`${say(wire.toEdge)} from the edge`}
	now={wire.toEdge}
	{...RANGE.toEdge}
	axis="x"
	x={scale.x(0)}
	y={groundY(0) - 5}
	onmove={(along) => drag.ball(along)}
>
	<circle class="ball" r="6" />
</Handle>
{#if !placed}
	<Handle
		{...common}
		label="Edge of the green"
		text={`${say(wire.toEdge)} from the ball, ${say(wire.rise)} above it`}
		now={wire.toEdge}
		{...RANGE.toEdge}
		axis="both"
		x={scale.x(situation.toEdge)}
		y={groundY(situation.toEdge) + 12}
		onmove={(along, up) => drag.edge(along, up)}
	>
		<path class="edge" d="M0,-14L7,4H-7Z" />
	</Handle>
{/if}
<Handle
	{...common}
	label="Pin"
	text={`${say(wire.edgeToPin)} from the edge`}
	now={wire.edgeToPin}
	{...RANGE.edgeToPin}
	axis="x"
	x={scale.x(pin)}
	y={groundY(pin) - Math.min(2.1 * scale.factor, 110) + 8}
	onmove={(along) => drag.pin(along)}
>
	<circle class="grip" r="4" />
</Handle>
{#if !placed && segments.length === 0}
	<Handle
		{...common}
		label="Slope toward the pin"
		text={`${wire.slopeAlong} percent ${wire.slopeAlong < 0 ? 'down' : 'up'}`}
		now={wire.slopeAlong}
		{...RANGE.slope}
		nudge={Math.max(0.01, (slopeAt - situation.toEdge) / 400)}
		axis="y"
		x={scale.x(slopeAt)}
		y={groundY(slopeAt)}
		onmove={(_, up) => drag.slope(up, slopeAt - situation.toEdge)}
	>
		<path class="slope" d="M0,-11l5,7h-10zM0,11l5,-7h-10z" />
	</Handle>
{/if}
{#if segments.length > 0}
	{#each breaks as station, i (i)}
		<Handle
			{...common}
			label={`Break ${i + 1} of the green`}
			text={`${say(station)} from the ball, ${segments[i]!.slopeAlong} percent before it, ${segments[i + 1]!.slopeAlong} behind it`}
			now={station}
			low={0}
			high={160}
			axis="both"
			x={scale.x(station)}
			y={groundY(station)}
			onmove={(along, up) => drag.breakPoint(i, along, up)}
		>
			<rect class="grip" x="-5" y="-5" width="10" height="10" transform="rotate(45)" />
		</Handle>
	{/each}
	{#if slopeAt - lastFrom > 0.5}
		<Handle
			{...common}
			label="Slope of the last piece"
			text={`${segments.at(-1)!.slopeAlong} percent ${segments.at(-1)!.slopeAlong < 0 ? 'down' : 'up'}`}
			now={segments.at(-1)!.slopeAlong}
			{...RANGE.slope}
			nudge={Math.max(0.01, (slopeAt - lastFrom) / 400)}
			axis="y"
			x={scale.x(slopeAt)}
			y={groundY(slopeAt)}
			onmove={(_, up) => drag.lastSlope(up, slopeAt - lastFrom)}
		>
			<path class="slope" d="M0,-11l5,7h-10zM0,11l5,-7h-10z" />
		</Handle>
	{/if}
{/if}
{#each placed ? [] : wire.hazards as hazard, i (i)}
	<Handle
		{...common}
		label={`Start of the ${hazardName(wire.hazards, i)}`}
		text={`${say(hazard.from)} from the ball`}
		now={hazard.from}
		low={0}
		high={hazard.to}
		axis="x"
		x={scale.x(hazard.from)}
		y={groundY(hazard.from) + 8}
		onmove={(along) => drag.hazardStart(i, along)}
	>
		<circle class="grip" r="4" />
	</Handle>
	<Handle
		{...common}
		label={`Far lip of the ${hazardName(wire.hazards, i)}`}
		text={`${say(hazard.to)} from the ball, ${say(hazard.height)} to clear`}
		now={hazard.to}
		low={hazard.from}
		high={80}
		axis="both"
		x={scale.x(crestOf(hazard))}
		y={scale.y(Math.max(hazard.height, groundHeight(situation, crestOf(hazard))))}
		onmove={(along, up) => drag.hazardCrest(i, along, up)}
	>
		<rect class="grip" x="-4" y="-4" width="8" height="8" />
	</Handle>
{/each}
{#if landing !== null && chosen?.candidate.play.flight !== 'putt'}
	<Handle
		{...common}
		label="Landing spot: which club fits here"
		text={`${say(landing)} from the ball`}
		now={landing}
		low={0}
		high={pin}
		nudge={0.3}
		axis="x"
		x={scale.x(landing)}
		y={groundY(landing) - 6}
		onstart={() => {
			landingFrom = landing;
		}}
		onmove={(along) => bench.chooseByLanding(landingFrom + along)}
		onend={() => {}}
	>
		<circle class="landing" r="9" />
		<path class="cross" d="M-4,-4L4,4M4,-4L-4,4" />
	</Handle>
{/if}

<style>
	.ball {
		fill: #fff;
		stroke: #1f2429;
		stroke-width: 2;
	}
	.edge,
	.slope {
		fill: var(--ink);
	}
	.grip {
		fill: var(--paper);
		stroke: var(--ink);
		stroke-width: 2;
	}
	.landing {
		fill: var(--clay);
	}
	.cross {
		stroke: var(--paper);
		stroke-width: 2.5;
	}
</style>
