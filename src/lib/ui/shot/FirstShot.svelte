<script lang="ts">
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { freshShot } from '$lib/ui/state/shotBench.svelte';
	import { firstNumbersSchema, type WorkingShot } from '$lib/io/shot';

	interface Props {
		onstart: (shot: WorkingShot) => void;
	}
	const { onstart }: Props = $props();

	const fresh = freshShot(playing.file.pupil.id);
	const { toEdge, edgeToPin, stimpFeet } = fresh.situation;
	// Three fields that each judge themselves; whole they are judged once more when they are handed over.
	let numbers = $state({ toEdge, edgeToPin, stimpFeet });
	const whole = $derived(firstNumbersSchema.safeParse(numbers).success);

	function start(event: SubmitEvent) {
		event.preventDefault();
		if (whole) onstart({ ...fresh, situation: { ...fresh.situation, ...numbers } });
	}
</script>

<section class="mx-auto mt-[8vh] mb-0 grid max-w-[44rem] justify-items-start gap-4 p-4">
	<h1 class="text-[2rem] font-extrabold">Where does the ball lie?</h1>
	<p>
		Pace it or guess it: three numbers are enough for the first call. Afterwards you drag the ball,
		the edge and the pin on the drawing.
	</p>
	<form class="grid w-full justify-items-start gap-4" onsubmit={start}>
		<div class="grid w-full grid-cols-[repeat(auto-fit,minmax(180px,1fr))] gap-4">
			<LengthField
				label="Ball to the edge of the green"
				metres={numbers.toEdge}
				low={0}
				high={80}
				onchange={(metres) => (numbers.toEdge = metres)}
			/>
			<LengthField
				label="Edge to the pin"
				metres={numbers.edgeToPin}
				low={0.5}
				high={80}
				onchange={(metres) => (numbers.edgeToPin = metres)}
			/>
			<NumberField
				label="Green speed"
				value={numbers.stimpFeet}
				symbol="ft"
				low={3}
				high={18}
				step={0.5}
				decimals={1}
				hint="8 slow, 10 medium, 12 quick"
				onchange={(feet) => (numbers.stimpFeet = feet)}
			/>
		</div>
		<button type="submit" class="btn btn-neutral" disabled={!whole}>Work out the shot</button>
	</form>
	<p class="text-sm text-(--faint)">
		For practice, lessons and planning. During a round the Rules of Golf (4.3, 10.2) and local rules
		come first.
	</p>
</section>
