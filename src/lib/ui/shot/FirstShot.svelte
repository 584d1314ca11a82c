<script lang="ts">
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { freshShot } from '$lib/ui/state/shotBench.svelte';
	import type { WorkingShot } from '$lib/io/savedShot';

	interface Props {
		onstart: (shot: WorkingShot) => void;
	}
	const { onstart }: Props = $props();

	const shot = $state(freshShot());
	const situation = $derived(shot.situation);
</script>

<section class="first">
	<h1>Where does the ball lie?</h1>
	<p>
		Pace it or guess it: three numbers are enough for the first call. Afterwards you drag the ball,
		the edge and the pin on the drawing.
	</p>
	<div class="fields">
		<LengthField
			label="Ball to the edge of the green"
			metres={situation.toEdge}
			low={0}
			high={80}
			onchange={(v) => (shot.situation.toEdge = v)}
		/>
		<LengthField
			label="Edge to the pin"
			metres={situation.edgeToPin}
			low={0.5}
			high={80}
			onchange={(v) => (shot.situation.edgeToPin = v)}
		/>
		<NumberField
			label="Green speed"
			value={situation.stimpFeet}
			symbol="ft"
			low={3}
			high={18}
			step={0.5}
			decimals={1}
			hint="8 slow, 10 medium, 12 quick"
			onchange={(v) => (shot.situation.stimpFeet = v)}
		/>
	</div>
	<button type="button" class="plain-button strong" onclick={() => onstart($state.snapshot(shot))}
		>Work out the shot</button
	>
	<p class="caution">
		For practice, lessons and planning. During a round the Rules of Golf (4.3, 10.2) and local rules
		come first.
	</p>
</section>

<style>
	.first {
		max-width: 44rem;
		margin: 8vh auto 0;
		padding: 16px;
		display: grid;
		gap: 16px;
		justify-items: start;
	}
	h1 {
		font-size: 2rem;
		font-weight: 800;
	}
	.fields {
		display: grid;
		grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
		gap: 16px;
		width: 100%;
	}
	.caution {
		color: var(--faint);
		font-size: 0.875rem;
	}
</style>
