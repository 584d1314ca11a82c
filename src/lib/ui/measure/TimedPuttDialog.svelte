<script lang="ts">
	import { plusMinus } from '$lib/ui/format/plusMinus';
	import X from '@lucide/svelte/icons/x';
	import { toFeet, toPercent } from '$lib/core/units';
	import type { ReadingWire } from '$lib/io/work/reading';
	import { lagWords, timedProblemWords } from '$lib/io/words/speedProblem';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { formatLength } from '$lib/ui/format/lengths';
	import type { FoundReading } from './keepReading';
	import TurfFields from './TurfFields.svelte';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { TimedReader } from '$lib/ui/measure/state/timedReader.svelte';
	import HoldPicture from './HoldPicture.svelte';
	import PaceDialog from './PaceDialog.svelte';
	import PhoneLevelDialog from './PhoneLevelDialog.svelte';

	interface Props {
		newest: ReadingWire | undefined;
		/** Keeps what was found; false where it could not be. */
		onkeep: (found: FoundReading) => Promise<boolean>;
		onclose: () => void;
	}
	const { newest, onkeep, onclose }: Props = $props();

	const test = new TimedReader();
	/** How far the putt at hand rolled; empty again for the next. */
	let length = $state<number | null>(null);
	let pacing = $state(false);
	let levelling = $state(false);
	// It starts from the newest reading and is one's own from then on.
	// svelte-ignore state_referenced_locally
	let turf = $state<Pick<ReadingWire, 'firmness' | 'wet' | 'grainTowards'>>({
		firmness: newest?.firmness ?? 'medium',
		wet: newest?.wet ?? false,
		grainTowards: newest?.grainTowards ?? null
	});
	const reading = $derived(test.reading);
	const say = (metres: number) => formatLength(metres, playing.style);
	const SLOPES = [
		{ value: 'unknown', label: 'Putt both ways' },
		{ value: 'level', label: 'Level: one way' },
		{ value: 'measured', label: 'By the phone …' }
	] as const;
	const slope = $derived(test.slope === null ? 'unknown' : test.slope === 0 ? 'level' : 'measured');

	function chooseSlope(chosen: (typeof SLOPES)[number]['value']) {
		if (chosen === 'measured') levelling = true;
		else test.slope = chosen === 'level' ? 0 : null;
	}

	/** What is kept is what is shown, to the same figure. */
	const found = $derived(
		'code' in reading
			? null
			: {
					stimpFeet: Number(toFeet(reading.speed).toFixed(1)),
					errorFeet: Number(toFeet(reading.error).toFixed(2))
				}
	);

	async function keep() {
		if (!found) return;
		const kept = await onkeep({
			...found,
			method: 'timed',
			rolls: test.rolls,
			...turf
		});
		if (kept) onclose();
	}
</script>

<SheetDialog
	bind:open={() => true, (open) => !open && onclose()}
	title="Time a few putts"
	description="No ramp: putt three paces and eight paces, one touch at the strike, one when the ball rests, and measure how far it rolled."
>
	<div class="grid content-start gap-3">
		<HoldPicture kind="thumb" label="One touch at the strike, one when the ball is at rest." />
		<p class="hint">Look up before each putt: others use this green too.</p>
		<div class="field-grid">
			<ChoiceField
				label="Which way"
				value={test.way}
				options={[
					{ value: 'up', label: 'One way (uphill)' },
					{ value: 'down', label: 'Back the other way' }
				]}
				onchange={(way) => (test.way = way)}
			/>
			<ChoiceField
				label="Slope of the line"
				value={slope}
				options={SLOPES}
				onchange={chooseSlope}
			/>
		</div>
		{#if slope === 'measured'}
			<p class="hint">
				{toPercent(Math.abs(test.slope!)).toFixed(1)} % {test.slope! > 0 ? 'uphill' : 'downhill'} one
				way, by the phone: one way is enough.
			</p>
		{/if}
		<button
			type="button"
			class={['btn min-h-24 text-xl', test.struck === null ? 'btn-neutral' : 'btn-accent']}
			onclick={(event) => test.touch(event.timeStamp)}
		>
			{test.struck === null ? 'Struck' : 'At rest'}
		</button>
		<p class="figure min-h-8 text-lg font-bold" role="status">
			{#if test.struck !== null}
				Rolling … <button type="button" class="btn btn-ghost" onclick={() => test.forget()}
					>Forget it</button
				>
			{:else if test.time !== null}
				{test.time.toFixed(2)} s
			{/if}
		</p>
		<div class="grid grid-cols-[1fr_auto_auto] items-end gap-2">
			<LengthField
				label="It rolled"
				metres={length}
				low={1}
				high={25}
				onchange={(metres) => (length = metres)}
			/>
			<button type="button" class="btn" onclick={() => (pacing = true)}>Pace it</button>
			<button
				type="button"
				class="btn btn-neutral"
				disabled={test.time === null || length === null}
				onclick={() => {
					test.note(length!);
					length = null;
				}}>Note it</button
			>
		</div>
		<ol {@attach rowFocus}>
			{#each test.putts as putt, i (i)}
				<li
					class="grid min-h-11 grid-cols-[1fr_auto_auto_2.75rem] items-center gap-3 border-b border-b-(--shade)"
				>
					<span>{putt.way === 'up' ? 'One way' : 'Back'}</span>
					<span class="figure font-bold">{say(putt.length)}</span>
					<span class="figure">{putt.time.toFixed(2)} s</span>
					<button
						type="button"
						class="btn btn-ghost btn-square"
						aria-label={`Take out putt ${i + 1}`}
						onclick={() => test.remove(i)}
					>
						<X size={18} aria-hidden="true" />
					</button>
				</li>
			{:else}
				<li class="flex min-h-11 items-center border-b border-b-(--shade)">
					No putts yet: two each way are the least, three are better.
				</li>
			{/each}
		</ol>
		<div aria-live="polite">
			{#if 'code' in reading}
				{#if test.putts.length > 0}<p class="hint">{timedProblemWords(reading)}</p>{/if}
			{:else}
				<p class="figure text-3xl font-extrabold" data-testid="timed-speed">
					{found ? plusMinus(found.stimpFeet, found.errorFeet, 1) : ''} ft
				</p>
				<p class="hint">{lagWords(reading.lag)}</p>
				<TurfFields {turf} onchange={(changed) => (turf = changed)} />
			{/if}
		</div>
		<button
			type="button"
			class="btn btn-neutral my-3 min-h-14 w-full"
			disabled={'code' in reading}
			onclick={() => void keep()}>Keep it</button
		>
	</div>
</SheetDialog>
{#if pacing}
	<PaceDialog
		legs={['How far it rolled']}
		onfound={([found]) => (length = Math.max(1, found!.distance))}
		onclose={() => (pacing = false)}
	/>
{/if}
{#if levelling}
	<PhoneLevelDialog
		pointing="along the first putt"
		simulated={{ along: 0.012, across: 0.004 }}
		onfound={({ along }) => (test.slope = Number(along.toFixed(4)))}
		onclose={() => (levelling = false)}
	/>
{/if}
