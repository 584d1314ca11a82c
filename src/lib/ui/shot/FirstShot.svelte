<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { onMount, untrack } from 'svelte';
	import type { SituationWire } from '$lib/io/fields/situation';
	import { freshShot } from '$lib/io/work/freshShot';
	import { firstNumbersSchema } from '$lib/io/work/shot';
	import { setupLine } from '$lib/io/words/setup';
	import type { LieId } from '$lib/core/lie/lies';
	import { LIE_NAMES } from '$lib/io/words/lie';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { arrival } from '$lib/ui/state/arrival';
	import { FirstCall, type StartedShot } from '$lib/ui/shot/state/firstCall.svelte';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import CallLine from '$lib/ui/call/CallLine.svelte';
	import { callWords, linePlace, spokenCall } from '$lib/ui/call/callWords';
	import { settled } from '$lib/ui/shell/settled.svelte';

	interface Props {
		onstart: (started: StartedShot) => void;
	}
	const { onstart }: Props = $props();

	const fresh = freshShot(playing.file.pupil.id);
	const { toEdge, edgeToPin, stimpFeet } = fresh.situation;
	const LIES = Object.entries(LIE_NAMES).map(([value, label]) => ({
		value: value as LieId,
		label
	}));
	// Three fields that each judge themselves; whole they are judged once more when they are handed over.
	// Out of the first cut nobody putts: who comes for a chip is called one.
	let numbers = $state<Pick<SituationWire, 'lie' | 'toEdge' | 'edgeToPin' | 'stimpFeet'>>({
		lie: 'first-cut',
		toEdge,
		edgeToPin,
		stimpFeet
	});
	const whole = $derived(firstNumbersSchema.safeParse(numbers).success);
	const shot = $derived({
		...fresh,
		pupilId: playing.file.pupil.id,
		situation: { ...fresh.situation, ...numbers }
	});

	const call = new FirstCall();
	const words = $derived(
		call.choice &&
			callWords(
				call.choice,
				linePlace(numbers),
				(metres) => formatLength(metres, playing.style),
				playing.file.pupil
			)
	);

	const said = settled(() => (whole && words && call.settled ? spokenCall(words) : ''));
	$effect(() => {
		const { playing: who } = playing;
		const asked = shot;
		if (whole) untrack(() => call.ask(asked, who));
	});
	$effect(() => {
		if (call.settled) arrival.release();
	});
	onMount(() => () => call.close());

	function start(event: SubmitEvent) {
		event.preventDefault();
		if (whole) onstart({ shot, pool: call.handOver() });
	}
</script>

<section class="mx-auto mt-[8vh] mb-0 grid max-w-[44rem] justify-items-start gap-4 p-4">
	<ViewHeading text="Where does the ball lie?" />
	<p>
		How it lies and three numbers, paced or guessed, are enough for the first call. Afterwards you
		drag the ball, the edge and the pin on the drawing.
	</p>
	<p class="sr-only" role="status">{said.words}</p>
	<form class="grid w-full justify-items-start gap-4" onsubmit={start}>
		<div class="grid w-full grid-cols-2 gap-4 max-sm:grid-cols-1">
			<ChoiceField
				label="How it lies"
				value={numbers.lie}
				options={LIES}
				onchange={(value) => (numbers.lie = value)}
			/>
			<LengthField
				label="Ball to the edge of the green"
				metres={numbers.toEdge}
				{...RANGE.toEdge}
				onchange={(metres) => (numbers.toEdge = metres)}
			/>
			<LengthField
				label="Edge to the pin"
				metres={numbers.edgeToPin}
				{...RANGE.edgeToPin}
				onchange={(metres) => (numbers.edgeToPin = metres)}
			/>
			<NumberField
				label="Green speed"
				value={numbers.stimpFeet}
				symbol="ft"
				{...RANGE.stimpFeet}
				step={0.5}
				decimals={1}
				hint="8 slow, 10 medium, 12 quick"
				onchange={(feet) => (numbers.stimpFeet = feet)}
			/>
		</div>
		<!-- Above what grows: a button must not slip from under a thumb. -->
		<button type="submit" class="btn btn-neutral" disabled={!whole}>Draw this shot</button>
		<div class="min-h-[6.5rem] w-full border-t-2 border-t-(--ink) pt-3" data-testid="first-call">
			{#if call.failure}
				<p class="problem">{call.failure}</p>
			{:else if whole && words && call.choice}
				<p class="text-[length:clamp(1.25rem,2vw,1.75rem)] leading-[1.2] font-bold">
					<CallLine {words} />
				</p>
				<p class="mt-1">{setupLine(call.choice.setup)}</p>
			{:else if whole && call.settled}
				<p class="text-xl font-bold">No shot works from here</p>
			{:else if whole}
				<p class="text-xl font-bold">Working it out</p>
			{/if}
		</div>
	</form>
	<p class="text-sm text-(--faint)">
		For practice, lessons and planning. During a round the Rules of Golf (4.3, 10.2) and local rules
		come first.
	</p>
</section>
