<script lang="ts">
	import { SCHOOLS } from '$lib/core/schools/registry';
	import { SCHOOL_WORDS } from '$lib/io/words/school';
	import type { Golfer } from '$lib/io/shot';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { SKILL_WORDS } from './skillWords';
	import SpreadFields from './SpreadFields.svelte';
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';

	interface Props {
		bench: ShotBench;
		onbag: () => void;
	}
	const { bench, onbag }: Props = $props();

	const golfer = $derived(bench.shot.golfer);
	const change = (apply: (golfer: Golfer) => void) => bench.change((shot) => apply(shot.golfer));
	const schools = [
		{ value: 'free' as const, label: 'Free choice' },
		...SCHOOLS.map(({ id }) => ({ value: id, label: SCHOOL_WORDS[id].name }))
	];
</script>

<div class="field-grid">
	<ChoiceField
		label="Skill"
		value={golfer.skill}
		options={SKILL_WORDS}
		onchange={(v) => change((g) => (g.skill = v))}
	/>
	<ChoiceField
		label="Plays"
		value={golfer.hand}
		options={[
			{ value: 'right', label: 'Right-handed' },
			{ value: 'left', label: 'Left-handed' }
		]}
		onchange={(v) => change((g) => (g.hand = v))}
	/>
	<ChoiceField
		label="School"
		value={golfer.school}
		options={schools}
		onchange={(v) => change((g) => (g.school = v))}
	/>
	<ChoiceField
		label="Swing lengths as"
		value={golfer.vocabulary}
		options={[
			{ value: 'clock', label: 'Clock' },
			{ value: 'body', label: 'Body' },
			{ value: 'shape', label: 'Letters' }
		]}
		onchange={(v) => change((g) => (g.vocabulary = v))}
	/>
	<ChoiceField
		label="Chip"
		value={golfer.technique.chip}
		options={[
			{ value: 'lean', label: 'Hands ahead' },
			{ value: 'sole', label: 'Upright, use the sole' }
		]}
		onchange={(v) => change((g) => (g.technique.chip = v))}
	/>
	<ChoiceField
		label="Stroke"
		value={golfer.technique.stroke}
		options={[
			{ value: 'pendulum', label: 'Pendulum' },
			{ value: 'set-and-drop', label: 'Set and drop' },
			{ value: 'hinge-and-hold', label: 'Hinge and hold' }
		]}
		onchange={(v) => change((g) => (g.technique.stroke = v))}
	/>
	<ChoiceField
		label="Flop"
		value={golfer.technique.flop}
		options={[
			{ value: 'lead', label: 'Lead side' },
			{ value: 'trail', label: 'Trail side' }
		]}
		onchange={(v) => change((g) => (g.technique.flop = v))}
	/>
	<button type="button" class="btn self-end" onclick={onbag}
		>Bag: {bench.shot.bag.length} clubs</button
	>
</div>

<SpreadFields {bench} />
