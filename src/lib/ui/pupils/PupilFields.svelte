<script lang="ts">
	import { HANDICAPS, nearestSkill } from '$lib/core/player/player';
	import { SCHOOLS } from '$lib/core/schools/registry';
	import { STATURES, type Pupil } from '$lib/io/work/pupil';
	import { SCHOOL_WORDS } from '$lib/io/words/school';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import NumberField from '$lib/ui/controls/NumberField.svelte';
	import { handicapFigure, handicapOf, VOCABULARY_WORDS } from '$lib/io/words/skill';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import SpreadFields from './SpreadFields.svelte';

	interface Props {
		bench: PupilBench;
	}
	const { bench }: Props = $props();

	const CENTIMETRES = 100;
	const pupil = $derived(bench.file.pupil);
	const change = (apply: (pupil: Pupil) => void) => bench.change((file) => apply(file.pupil));
	const schools = [
		{ value: 'free' as const, label: 'Free choice' },
		...SCHOOLS.map(({ id }) => ({ value: id, label: SCHOOL_WORDS[id].name }))
	];
	const RATIOS = [
		{ value: 'ratio', label: 'Ratio, 1 : 2' },
		{ value: 'share', label: 'Share, a third in the air' },
		{ value: 'units', label: 'Units, 3 paces and 2 of it' }
	] as const;
	const PUTTS = [
		{ value: 'may', label: 'May putt' },
		{ value: 'never', label: 'Never the putter' }
	] as const;
	const vocabularies = (['clock', 'body', 'shape'] as const).map((value) => ({
		value,
		label: VOCABULARY_WORDS[value].name
	}));
</script>

<div class="field-grid">
	<NumberField
		label="Handicap"
		value={handicapOf(pupil)}
		symbol=""
		low={HANDICAPS.least}
		high={HANDICAPS.most}
		step={1}
		decimals={Number.isInteger(handicapOf(pupil)) ? 0 : 1}
		hint={handicapOf(pupil) < 0
			? `Better than scratch: plus ${handicapFigure(handicapOf(pupil)).slice(1)}`
			: '−5 tour, 0 scratch, 28 beginner'}
		onchange={(v) =>
			change((p) => {
				p.handicap = v;
				p.skill = nearestSkill(v);
			})}
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
		label="Air and ground as"
		value={pupil.ratios ?? 'ratio'}
		options={RATIOS}
		onchange={(v) => change((p) => (p.ratios = v))}
	/>
	<ChoiceField
		label="From off the green"
		value={pupil.noPutt ? 'never' : 'may'}
		options={PUTTS}
		onchange={(v) => change((p) => (p.noPutt = v === 'never'))}
	/>
	<NumberField
		label="Height"
		value={Math.round((pupil.stature ?? STATURES.usual) * CENTIMETRES)}
		symbol="cm"
		low={STATURES.least * CENTIMETRES}
		high={STATURES.most * CENTIMETRES}
		step={1}
		decimals={0}
		hint="Where the eyes are, from behind the ball"
		onchange={(v) => change((p) => (p.stature = v / CENTIMETRES))}
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
