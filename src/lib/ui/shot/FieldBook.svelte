<script lang="ts">
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import AirFields from './AirFields.svelte';
	import GroundFields from './GroundFields.svelte';
	import HazardFields from './HazardFields.svelte';
	import ReadOffMap from './ReadOffMap.svelte';
	import SlopeFields from './SlopeFields.svelte';
	import LiePicker from './LiePicker.svelte';
	import PlayerFields from './PlayerFields.svelte';

	interface Props {
		bench: ShotBench;
		onbag: () => void;
	}
	const { bench, onbag }: Props = $props();

	const situation = $derived(bench.shot.situation);
	const change = (apply: (s: typeof situation) => void) =>
		bench.change((shot) => apply(shot.situation));
</script>

<section class="grid grid-cols-2 gap-6 p-4 max-md:grid-cols-1" aria-label="Field book">
	<div class="page">
		<GroundFields {bench} />
	</div>
	<div class="page">
		<h2 class="ruled-heading">Today’s green</h2>
		<div class="field-grid">
			<NumberField
				label="Green speed"
				value={situation.stimpFeet}
				symbol="ft"
				low={3}
				high={18}
				step={0.5}
				decimals={1}
				onchange={(v) => change((s) => (s.stimpFeet = v))}
			/>
			<ChoiceField
				label="Turf"
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
					{ value: 'against', label: 'Against it' }
				]}
				onchange={(v) => change((s) => (s.grain = v))}
			/>
		</div>
		{#if !bench.shot.place}<SlopeFields {bench} />{/if}
	</div>
	<div class="page col-[1_/_-1]">
		<h2 class="ruled-heading">Lie</h2>
		<LiePicker value={situation.lie} onchange={(v) => change((s) => (s.lie = v))} />
		<div class="field-grid">
			<label class="flex min-h-11 items-center gap-2 self-end font-semibold">
				<input
					class="checkbox"
					type="checkbox"
					checked={situation.wet}
					onchange={(e) => change((s) => (s.wet = e.currentTarget.checked))}
				/>
				Wet or dewy
			</label>
			<ChoiceField
				label="Ball"
				value={situation.ball ?? 'soft'}
				options={[
					{ value: 'soft', label: 'Soft cover' },
					{ value: 'firm', label: 'Range ball' }
				]}
				onchange={(v) => change((s) => (s.ball = v))}
			/>
		</div>
	</div>
	<div class="page">
		{#if bench.line}<ReadOffMap {bench} line={bench.line} />{:else}<HazardFields {bench} />{/if}
	</div>
	<div class="page">
		<PlayerFields {bench} {onbag} />
	</div>
	<div class="page">
		<AirFields {bench} />
	</div>
</section>
