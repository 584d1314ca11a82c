<script lang="ts">
	import { SCHOOLS } from '$lib/core/schools/registry';
	import type { Pupil } from '$lib/io/pupil';
	import { SCHOOL_WORDS } from '$lib/io/words/school';
	import { VOCABULARY_WORDS } from '$lib/io/words/swing';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { SKILL_WORDS } from '$lib/ui/shot/skillWords';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import SpreadFields from './SpreadFields.svelte';

	interface Props {
		bench: PupilBench;
	}
	const { bench }: Props = $props();

	const pupil = $derived(bench.file.pupil);
	const change = (apply: (pupil: Pupil) => void) => bench.change((file) => apply(file.pupil));
	const schools = [
		{ value: 'free' as const, label: 'Free choice' },
		...SCHOOLS.map(({ id }) => ({ value: id, label: SCHOOL_WORDS[id].name }))
	];
	const vocabularies = (['clock', 'body', 'shape'] as const).map((value) => ({
		value,
		label: VOCABULARY_WORDS[value].name
	}));
</script>

<div class="field-grid">
	<ChoiceField
		label="Skill"
		value={pupil.skill}
		options={SKILL_WORDS}
		onchange={(v) => change((p) => (p.skill = v))}
	/>
	<ChoiceField
		label="Hand"
		value={pupil.hand}
		options={[
			{ value: 'right', label: 'Right-handed' },
			{ value: 'left', label: 'Left-handed' }
		]}
		onchange={(v) => change((p) => (p.hand = v))}
	/>
	<ChoiceField
		label="School"
		value={pupil.school}
		options={schools}
		onchange={(v) => change((p) => (p.school = v))}
	/>
	<ChoiceField
		label="Swing lengths as"
		value={pupil.vocabulary}
		options={vocabularies}
		onchange={(v) => change((p) => (p.vocabulary = v))}
	/>
	<ChoiceField
		label="Chip"
		value={pupil.technique.chip}
		options={[
			{ value: 'lean', label: 'Hands ahead' },
			{ value: 'sole', label: 'Upright, use the sole' }
		]}
		onchange={(v) => change((p) => (p.technique.chip = v))}
	/>
	<ChoiceField
		label="Stroke"
		value={pupil.technique.stroke}
		options={[
			{ value: 'pendulum', label: 'Pendulum' },
			{ value: 'set-and-drop', label: 'Set and drop' },
			{ value: 'hinge-and-hold', label: 'Hinge and hold' }
		]}
		onchange={(v) => change((p) => (p.technique.stroke = v))}
	/>
	<ChoiceField
		label="Flop"
		value={pupil.technique.flop}
		options={[
			{ value: 'lead', label: 'Lead side' },
			{ value: 'trail', label: 'Trail side' }
		]}
		onchange={(v) => change((p) => (p.technique.flop = v))}
	/>
</div>
<p class="hint">
	{VOCABULARY_WORDS[pupil.vocabulary].name}: {VOCABULARY_WORDS[pupil.vocabulary].means}.
</p>
<SpreadFields {bench} />
