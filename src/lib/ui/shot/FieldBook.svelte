<script lang="ts">
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import LengthField from '$lib/ui/controls/LengthField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import AirFields from './AirFields.svelte';
	import HazardFields from './HazardFields.svelte';
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

<section class="book" aria-label="Field book">
	<div class="page">
		<h2 class="ruled-heading">Distances</h2>
		<div class="grid">
			<LengthField
				label="Ball to edge"
				metres={situation.toEdge}
				low={0}
				high={80}
				onchange={(v) => change((s) => (s.toEdge = v))}
			/>
			<LengthField
				label="Edge to pin"
				metres={situation.edgeToPin}
				low={0.5}
				high={80}
				onchange={(v) => change((s) => (s.edgeToPin = v))}
			/>
			<LengthField
				label="Green behind pin"
				metres={situation.beyondPin}
				low={0}
				high={60}
				onchange={(v) => change((s) => (s.beyondPin = v))}
			/>
			<LengthField
				label="Green above ball"
				metres={situation.rise}
				low={-10}
				high={10}
				onchange={(v) => change((s) => (s.rise = v))}
			/>
		</div>
	</div>
	<div class="page">
		<h2 class="ruled-heading">Today’s green</h2>
		<div class="grid">
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
			<NumberField
				label="Slope to pin (+ up)"
				value={situation.slopeAlong}
				symbol="%"
				low={-30}
				high={30}
				step={0.5}
				decimals={1}
				onchange={(v) => change((s) => (s.slopeAlong = v))}
			/>
			<NumberField
				label="Falls to right (+)"
				value={situation.slopeAcross}
				symbol="%"
				low={-30}
				high={30}
				step={0.5}
				decimals={1}
				onchange={(v) => change((s) => (s.slopeAcross = v))}
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
			<ChoiceField
				label="Between ball and edge"
				value={situation.fringe}
				options={[
					{ value: 'smooth', label: 'Smooth fringe' },
					{ value: 'grainy', label: 'Grainy fringe' },
					{ value: 'rough', label: 'Rough' }
				]}
				onchange={(v) => change((s) => (s.fringe = v))}
			/>
		</div>
	</div>
	<div class="page wide">
		<h2 class="ruled-heading">Lie</h2>
		<LiePicker value={situation.lie} onchange={(v) => change((s) => (s.lie = v))} />
		<div class="grid">
			<label class="tick">
				<input
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
		<HazardFields {bench} />
	</div>
	<div class="page">
		<PlayerFields {bench} {onbag} />
	</div>
	<div class="page">
		<AirFields {bench} />
	</div>
</section>

<style>
	.book {
		display: grid;
		grid-template-columns: repeat(2, minmax(0, 1fr));
		gap: 24px;
		padding: 16px;
	}
	.wide {
		grid-column: 1 / -1;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
		gap: 8px 16px;
		padding-top: 8px;
	}
	.tick {
		display: flex;
		align-items: center;
		gap: 8px;
		min-height: 44px;
		font-weight: 600;
		align-self: end;
	}
	.tick input {
		width: 22px;
		height: 22px;
		accent-color: var(--ink);
	}
	@media (max-width: 720px) {
		.book {
			grid-template-columns: minmax(0, 1fr);
		}
		.grid {
			grid-template-columns: repeat(2, minmax(0, 1fr));
		}
	}
</style>
