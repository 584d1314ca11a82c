<script lang="ts">
	import type { ReadingWire } from '$lib/io/work/reading';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { COMPASS, compassOf } from './compass';

	type Turf = Pick<ReadingWire, 'firmness' | 'wet' | 'grainTowards'>;
	interface Props {
		turf: Turf;
		onchange: (turf: Turf) => void;
	}
	const { turf, onchange }: Props = $props();

	const NONE = 'none';
	const grain = $derived(
		turf.grainTowards === null ? NONE : String(compassOf(turf.grainTowards).bearing)
	);
</script>

<div class="field-grid">
	<ChoiceField
		label="A ball dropped from the hip"
		value={turf.firmness}
		options={[
			{ value: 'soft', label: 'Dies: soft' },
			{ value: 'medium', label: 'Hops: medium' },
			{ value: 'firm', label: 'Bounces on: firm' }
		]}
		onchange={(firmness) => onchange({ ...turf, firmness })}
	/>
	<ChoiceField
		label="Moisture"
		value={turf.wet ? 'wet' : 'dry'}
		options={[
			{ value: 'dry', label: 'Dry' },
			{ value: 'wet', label: 'Wet or dewy' }
		]}
		onchange={(moisture) => onchange({ ...turf, wet: moisture === 'wet' })}
	/>
	<ChoiceField
		label="Grass leans toward"
		value={grain}
		options={[
			{ value: NONE, label: 'No grain' },
			...COMPASS.map(({ bearing, name }) => ({
				value: String(bearing),
				label: `${name} of the map`
			}))
		]}
		onchange={(value) => onchange({ ...turf, grainTowards: value === NONE ? null : Number(value) })}
	/>
</div>
