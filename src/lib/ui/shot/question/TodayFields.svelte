<script lang="ts">
	import { RANGE } from '$lib/io/fields/ranges';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { agoWords } from '$lib/ui/format/dates';
	import { keepReading, type FoundReading } from '$lib/ui/measure/keepReading';
	import { speedWords } from '$lib/ui/measure/readingWords';
	import SpeedTests from '$lib/ui/measure/SpeedTests.svelte';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const situation = $derived(bench.shot.situation);
	const change = (apply: (s: typeof situation) => void) =>
		bench.change((shot) => apply(shot.situation));
	/** The newest reading of the green the shot lies on. */
	const newest = $derived(bench.book?.readings[0]);
	const isTaken = $derived(
		!newest ||
			(newest.stimpFeet === situation.stimpFeet &&
				newest.firmness === situation.firmness &&
				newest.wet === situation.wet)
	);

	/** A measurement made here counts for this shot at once, and is kept with the green where there is one. */
	async function keep(found: FoundReading): Promise<boolean> {
		const { book } = bench;
		if (book && !(await keepReading(book.green.id, found))) return false;
		change((s) => {
			s.stimpFeet = found.stimpFeet;
			s.firmness = found.firmness ?? s.firmness;
			s.wet = found.wet ?? s.wet;
		});
		if (!book) tell(`This shot is on a green of ${found.stimpFeet.toFixed(1)} ft now.`);
		return true;
	}
</script>

{#if newest}
	<p>
		{bench.book?.green.name} was read {speedWords(newest)}, {agoWords(newest.takenAt)}.
		{#if !isTaken}
			<button type="button" class="btn" onclick={() => bench.readToday(newest)}>Take that</button>
		{/if}
	</p>
{/if}

<div class="field-grid">
	<NumberField
		label="Green speed"
		value={situation.stimpFeet}
		symbol="ft"
		{...RANGE.stimpFeet}
		step={0.5}
		decimals={1}
		onchange={(v) => change((s) => (s.stimpFeet = v))}
	/>
	<ChoiceField
		label="Firmness"
		value={situation.firmness}
		options={[
			{ value: 'soft', label: 'Soft' },
			{ value: 'medium', label: 'Medium' },
			{ value: 'firm', label: 'Firm' }
		]}
		onchange={(v) => change((s) => (s.firmness = v))}
	/>
	<ChoiceField
		label="Grain"
		value={situation.grain}
		options={[
			{ value: 'none', label: 'None' },
			{ value: 'with', label: 'With the shot' },
			{ value: 'against', label: 'Against it' },
			{ value: 'left', label: 'Toward the left' },
			{ value: 'right', label: 'Toward the right' }
		]}
		onchange={(v) => change((s) => (s.grain = v))}
	/>
</div>
<h3 class="ruled-heading">Measure it now</h3>
<SpeedTests {newest} bag={bench.bag} pool={bench.pool} onkeep={keep} />
