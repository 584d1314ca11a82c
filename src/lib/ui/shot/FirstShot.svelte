<script lang="ts">
	import { createForm } from '@tanstack/svelte-form';
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
	const form = createForm(() => ({
		defaultValues: { toEdge, edgeToPin, stimpFeet },
		validators: { onChange: firstNumbersSchema },
		onSubmit: ({ value }) => onstart({ ...fresh, situation: { ...fresh.situation, ...value } })
	}));
</script>

<section class="mx-auto mt-[8vh] mb-0 grid max-w-[44rem] justify-items-start gap-4 p-4">
	<h1 class="text-[2rem] font-extrabold">Where does the ball lie?</h1>
	<p>
		Pace it or guess it: three numbers are enough for the first call. Afterwards you drag the ball,
		the edge and the pin on the drawing.
	</p>
	<form
		class="grid w-full justify-items-start gap-4"
		onsubmit={(event) => {
			event.preventDefault();
			void form.handleSubmit();
		}}
	>
		<div class="grid w-full grid-cols-[repeat(auto-fit,minmax(180px,1fr))] gap-4">
			<form.Field name="toEdge">
				{#snippet children(field)}
					<LengthField
						label="Ball to the edge of the green"
						metres={field.state.value}
						low={0}
						high={80}
						onchange={(metres) => field.handleChange(metres)}
					/>
				{/snippet}
			</form.Field>
			<form.Field name="edgeToPin">
				{#snippet children(field)}
					<LengthField
						label="Edge to the pin"
						metres={field.state.value}
						low={0.5}
						high={80}
						onchange={(metres) => field.handleChange(metres)}
					/>
				{/snippet}
			</form.Field>
			<form.Field name="stimpFeet">
				{#snippet children(field)}
					<NumberField
						label="Green speed"
						value={field.state.value}
						symbol="ft"
						low={3}
						high={18}
						step={0.5}
						decimals={1}
						hint="8 slow, 10 medium, 12 quick"
						onchange={(feet) => field.handleChange(feet)}
					/>
				{/snippet}
			</form.Field>
		</div>
		<button type="submit" class="btn btn-neutral">Work out the shot</button>
	</form>
	<p class="text-sm text-(--faint)">
		For practice, lessons and planning. During a round the Rules of Golf (4.3, 10.2) and local rules
		come first.
	</p>
</section>
