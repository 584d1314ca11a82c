<script lang="ts">
	import { groundBefore } from '$lib/core/ground/groundBefore';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import LiePicker from './LiePicker.svelte';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	const situation = $derived(bench.shot.situation);
	/** The ground before the edge goes with the lie as long as nothing else was said of it. */
	function lieIn(s: typeof situation, lie: typeof situation.lie) {
		if (!s.grass && s.fringe === groundBefore(s.lie)) s.fringe = groundBefore(lie);
		s.lie = lie;
	}
	const change = (apply: (s: typeof situation) => void) =>
		bench.change((shot) => apply(shot.situation));
</script>

<LiePicker value={situation.lie} onchange={(v) => change((s) => lieIn(s, v))} />
<div class="field-grid">
	{#if situation.lie === 'sand'}
		<ChoiceField
			label="The sand"
			value={situation.sandSurface ?? 'medium'}
			options={[
				{ value: 'soft', label: 'Soft' },
				{ value: 'medium', label: 'Ordinary' },
				{ value: 'firm', label: 'Firm or wet, ball on top' },
				{ value: 'plugged', label: 'Plugged in its own crater' }
			]}
			onchange={(v) => change((s) => (s.sandSurface = v))}
		/>
	{/if}
	<ChoiceField
		label="Ball"
		value={situation.ball ?? 'soft'}
		options={[
			{ value: 'soft', label: 'Soft cover' },
			{ value: 'firm', label: 'Range ball' }
		]}
		onchange={(v) => change((s) => (s.ball = v))}
	/>
	<label class="flex min-h-11 items-center gap-2 self-end font-semibold">
		<input
			class="checkbox"
			type="checkbox"
			checked={situation.wet}
			onchange={(e) => change((s) => (s.wet = e.currentTarget.checked))}
		/>
		Wet or dewy
	</label>
</div>
