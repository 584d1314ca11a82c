<script lang="ts">
	import type { ForecastBall } from '$lib/core/log/forecast';
	import type { Spot } from '$lib/core/practice/practised';
	import { degrees } from '$lib/core/units';
	import type { GreenWire } from '$lib/io/work/green';
	import type { WorkingShot } from '$lib/io/work/shot';
	import { formatLength } from '$lib/ui/format/lengths';
	import PracticeGreen from '$lib/ui/practice/PracticeGreen.svelte';
	import { practiceScale } from '$lib/ui/practice/practiceScale';
	import { playing } from '$lib/ui/state/playing.svelte';

	interface Props {
		shot: WorkingShot;
		/** The surveyed green it is on; null for a plain line. */
		green: GreenWire | null;
		/** Balls that were forecast. */
		balls: readonly ForecastBall[];
		landed: Spot | undefined;
		finished: Spot | undefined;
		holed: boolean;
		/** What the next touch tells. */
		asks: 'landing' | 'finish';
		ontouch: (spot: Spot) => void;
	}
	const { shot, green, balls, landed, finished, holed, asks, ontouch }: Props = $props();

	const LEAST_BEYOND = 2;
	const SIZE = { least: 260, most: 420 };
	let width = $state(320);
	let screen = $state(800);

	const headingOf = ({ ball, pin }: NonNullable<WorkingShot['place']>) =>
		degrees(Math.atan2(pin[1] - ball[1], pin[0] - ball[0]));
	const situation = $derived(shot.situation);
	const pin = $derived(situation.toEdge + situation.edgeToPin);
	const ends = $derived(balls.map(({ finished: [along] }) => along).sort((a, b) => a - b));
	const far = $derived(
		Math.max(pin + LEAST_BEYOND, ends[Math.floor(0.95 * ends.length)] ?? 0, finished?.[0] ?? 0) + 1
	);
	const scale = $derived(
		practiceScale(
			Math.max(240, width),
			Math.max(SIZE.least, Math.min(SIZE.most, screen * 0.42)),
			far
		)
	);
	const session = $derived({
		ground: {
			toEdge: situation.toEdge,
			room: situation.edgeToPin + situation.beyondPin,
			...(shot.place &&
				green && { place: { ball: shot.place.ball, heading: headingOf(shot.place) } })
		},
		mark: pin,
		rules: { mark: 'flag' as const, tolerance: 0 }
	});
	const words = $derived(asks === 'landing' ? 'Touch where it landed' : 'Touch where it stopped');
	const say = (metres: number) => formatLength(metres, playing.style);
	const known = $derived(
		[
			landed ? `landed ${say(landed[0])} out` : '',
			holed ? 'holed' : finished ? `stopped ${say(finished[0])} out` : ''
		].filter(Boolean)
	);
	const begin = $derived<Spot>(asks === 'landing' ? [situation.toEdge + 1, 0] : [pin, 0]);
</script>

<svelte:window bind:innerHeight={screen} />
<div bind:clientWidth={width}>
	<PracticeGreen
		{session}
		{green}
		{scale}
		description={`The line from the ball to the hole, ${say(pin)}; ${known.length > 0 ? known.join(', ') : 'nothing noted yet'}`}
		asks={words}
		{begin}
		{ontouch}
	>
		{#each balls as ball, i (i)}
			{@const [x, y] = scale.at(...ball.finished)}
			<circle class="forecast" cx={x} cy={y} r="2.5" />
		{/each}
		{#if landed && finished}
			{@const [x1, y1] = scale.at(...landed)}
			{@const [x2, y2] = scale.at(...finished)}
			<line class="run" {x1} {y1} {x2} {y2} />
		{/if}
		{#if landed}
			{@const [x, y] = scale.at(...landed)}
			<path class="landed" d={`M${x - 6},${y - 6}l12,12m0,-12l-12,12`} />
		{/if}
		{#if finished && !holed}
			{@const [x, y] = scale.at(...finished)}
			<circle class="finished" cx={x} cy={y} r="6" />
		{/if}
	</PracticeGreen>
</div>

<style>
	.forecast {
		fill: var(--ink);
		opacity: 0.3;
	}
	.run {
		stroke: var(--clay);
		stroke-width: 2;
		stroke-dasharray: 3 3;
	}
	.landed {
		fill: none;
		stroke: var(--clay);
		stroke-width: 3;
	}
	.finished {
		fill: #fff;
		stroke: var(--clay);
		stroke-width: 3;
	}
</style>
