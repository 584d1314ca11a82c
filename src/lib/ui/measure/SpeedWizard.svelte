<script lang="ts">
	import { plusMinus } from '$lib/ui/format/plusMinus';
	import { onDestroy } from 'svelte';
	import { simulatedDevice } from '$lib/devices/simulation/simulatedDevice';
	import { speedProblemWords } from '$lib/io/words/speedProblem';
	import type { ReadingWire } from '$lib/io/work/reading';
	import { toFeet, toPercent } from '$lib/core/units';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { RampReader } from '$lib/ui/measure/state/rampReader.svelte';
	import type { FoundReading } from './keepReading';
	import RollList from './RollList.svelte';
	import TurfFields from './TurfFields.svelte';

	interface Props {
		newest: ReadingWire | undefined;
		/** Keeps what was found; false where it could not be. */
		onkeep: (found: FoundReading) => Promise<boolean>;
		onclose: () => void;
	}
	const { newest, onkeep, onclose }: Props = $props();

	const ORDINAL = ['first', 'second', 'third'];
	const test = new RampReader();
	onDestroy(() => test.stop());

	let turf = $state<Pick<ReadingWire, 'firmness' | 'wet' | 'grainTowards'>>({
		firmness: 'medium',
		wet: false,
		grainTowards: null
	});
	$effect.pre(() => {
		if (newest)
			turf = { firmness: newest.firmness, wet: newest.wet, grainTowards: newest.grainTowards };
	});
	const step = $derived(test.step);
	const reading = $derived(test.reading);

	/** The stand-in rolls on a green like the last reading, on a gentle slope that differs from place to place. */
	const ramp = (place: number, rolls: number) =>
		simulatedDevice('ramp', {
			stimpFeet: newest?.stimpFeet ?? 10,
			slope: 0.8 + place,
			count: 6,
			interval: 500,
			seed: 1 + place + 10 * rolls
		});

	async function keep() {
		if ('code' in reading) return;
		const kept = await onkeep({
			stimpFeet: Number(toFeet(reading.speed).toFixed(1)),
			errorFeet: Number(toFeet(reading.error).toFixed(2)),
			method: 'ramp',
			rolls: test.rolls,
			...turf
		});
		if (kept) onclose();
	}
</script>

<SheetDialog
	bind:open={() => true, (open) => !open && onclose()}
	title="Roll a ramp"
	description={`Step ${test.at + 1} of ${test.steps.length}. One person, one ramp, three balls.`}
>
	<div class="grid min-h-[calc(100dvh_-_210px)] content-start gap-3">
		{#if step.kind === 'place'}
			<h3 class="text-xl font-extrabold">Find the {ORDINAL[step.place]} place</h3>
			{#if step.place === 0}
				<p>
					Look for four paces of flat-looking green. Lay the ramp down, and a tee at its foot: every
					roll starts there.
				</p>
			{:else}
				<p>
					Take another place, a sloping one if you like: rolling both ways takes the slope out, and
					two places that agree make the number good.
				</p>
			{/if}
			<p class="hint">Look up before each roll: others use this green too. Repair what you mark.</p>
		{:else if step.kind === 'rolls'}
			<h3 class="text-xl font-extrabold">
				{step.way === 'up' ? 'Roll three balls one way' : 'Turn round: three balls the other way'}
			</h3>
			<p>
				{step.way === 'up'
					? 'Uphill, if you can tell. Raise the ramp until the ball lets go, and measure from its foot to the ball.'
					: 'From where the balls stopped back along the same line.'}
			</p>
			<RollList {test} place={step.place} way={step.way} />
			<button
				type="button"
				class="btn"
				onclick={() =>
					test.measuring
						? test.stop()
						: void test.measure(
								ramp(step.place, test.places[step.place]![step.way].length),
								step.place,
								step.way
							)}
			>
				{test.measuring ? 'Stop the ramp' : 'Take three from the simulated ramp'}
			</button>
			{#if test.failure}<p class="problem" role="alert">{test.failure}</p>{/if}
		{:else if 'code' in reading}
			<h3 class="text-xl font-extrabold">No speed yet</h3>
			<p class="problem" role="alert">{speedProblemWords(reading)}</p>
			<p>Nothing is lost: go back to the rolls and put it right.</p>
		{:else}
			<p class="figure text-[2.25rem] font-extrabold">
				{plusMinus(toFeet(reading.speed), toFeet(reading.error), 1)} ft
			</p>
			<ul>
				{#each reading.places as place, i (i)}
					<li class="border-b border-b-(--shade) py-1">
						Place {i + 1}: {toFeet(place.up).toFixed(1)} ft one way, {toFeet(place.down).toFixed(1)} ft
						the other: a slope of {toPercent(place.slope).toFixed(1)} %, and on the level
						<b>{toFeet(place.speed).toFixed(1)} ft</b>
					</li>
				{/each}
			</ul>
			<TurfFields {turf} onchange={(changed) => (turf = changed)} />
		{/if}
	</div>
	<div class="sticky bottom-4 flex gap-2 border-t-2 border-t-(--ink) bg-(--paper) px-4 py-3">
		<button
			type="button"
			class="btn min-h-14 flex-1"
			disabled={test.at === 0}
			onclick={() => test.back()}>Back</button
		>
		{#if step.kind === 'result'}
			{#if test.canAddPlace}
				<button type="button" class="btn min-h-14 flex-1" onclick={() => test.addPlace()}
					>Another place</button
				>
			{/if}
			<button
				type="button"
				class="btn btn-neutral min-h-14 flex-1"
				disabled={'code' in reading}
				onclick={() => void keep()}>Keep it</button
			>
		{:else}
			<button
				type="button"
				class="btn btn-neutral min-h-14 flex-1"
				disabled={!test.canGoOn}
				onclick={() => test.next()}>Next</button
			>
		{/if}
	</div>
</SheetDialog>
