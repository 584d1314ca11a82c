<script lang="ts">
	import { nameSwing, SWING_MARKS } from '$lib/core/player/swingLength';
	import { HEIGHTS, LIE_ANSWERS, type ReadStep } from '$lib/core/trainer/steps';
	import {
		HEIGHT_WORDS,
		LIE_ANSWER_WORDS,
		RATIO_CHOICES,
		STEP_QUESTIONS,
		STEP_WORDS
	} from '$lib/io/trainer/words';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { TrainerBench } from './trainerBench.svelte';

	interface Props {
		bench: TrainerBench;
		step: ReadStep;
		file: PupilFile;
		/** Where the hole is, along the line. */
		pin: number;
	}
	const { bench, step, file, pin }: Props = $props();

	const NEAREST = 0.5;
	const PAST = 1.15;
	const MOST_ASIDE = 5;
	const { committed } = $derived(bench);
	const say = (metres: number) => formatLength(metres, playing.style);
	const clubs = $derived(bench.asked?.request.bag ?? []);
	/** The marks of the pupil's words and what lies between two of them. */
	const swings = $derived.by(() => {
		const marks = SWING_MARKS[file.pupil.vocabulary].map(({ angle }) => angle);
		const all = marks.flatMap((angle, i) => {
			const next = marks[i + 1];
			return next === undefined ? [angle] : [angle, (angle + next) / 2];
		});
		const named = all.map((angle) => ({
			angle,
			name: nameSwing(angle, file.pupil.vocabulary).name
		}));
		return named.filter(({ name }, i) => named.findIndex((one) => one.name === name) === i);
	});
	const asideWords = $derived(
		Math.abs(committed.aside) < 0.05
			? 'straight at the hole'
			: `${say(Math.abs(committed.aside))} ${committed.aside > 0 ? 'right' : 'left'} of the hole`
	);
	type Part = Parameters<TrainerBench['commit']>[0];
	const choose = (part: Part) => bench.commit(part, true);
</script>

<fieldset class="grid gap-3" data-step={step}>
	<legend class="mb-2">
		<span class="block text-(--faint)">{STEP_WORDS[step]}</span>
		<span class="text-xl font-bold">{STEP_QUESTIONS[step]}</span>
	</legend>
	{#if step === 'lie'}
		<div class="grid gap-2">
			{#each LIE_ANSWERS as answer (answer)}
				<button
					type="button"
					class="btn btn-lg justify-start"
					onclick={() => choose({ lie: answer })}>{LIE_ANSWER_WORDS[answer]}</button
				>
			{/each}
		</div>
	{:else if step === 'height'}
		<div class="grid grid-cols-3 gap-2">
			{#each HEIGHTS as height (height)}
				<button type="button" class="btn btn-lg" onclick={() => choose({ height })}
					>{HEIGHT_WORDS[height]}</button
				>
			{/each}
		</div>
	{:else if step === 'landing' || step === 'aim'}
		{@const landing = step === 'landing'}
		<label class="grid gap-1">
			<span class="font-semibold"
				>{landing ? `${say(committed.landing)} from the ball` : asideWords}</span
			>
			<input
				class="range range-secondary w-full"
				type="range"
				min={landing ? NEAREST : -MOST_ASIDE}
				max={landing ? pin * PAST : MOST_ASIDE}
				step={landing ? 0.25 : 0.1}
				value={landing ? committed.landing : committed.aside}
				aria-label={landing ? 'Landing spot' : 'Aim at the hole'}
				aria-valuetext={landing ? `${say(committed.landing)} from the ball` : asideWords}
				oninput={(event) => {
					const value = Number(event.currentTarget.value);
					bench.commit(landing ? { landing: value } : { aside: value }, false);
				}}
			/>
		</label>
		<button type="button" class="btn btn-neutral btn-lg" onclick={() => choose({})}
			>{landing ? 'There' : 'That is the line'}</button
		>
	{:else if step === 'ratio'}
		<div class="grid grid-cols-3 gap-2">
			{#each RATIO_CHOICES as { ratio, words } (ratio)}
				<button type="button" class="btn btn-lg figure" onclick={() => choose({ ratio })}
					>{words}</button
				>
			{/each}
		</div>
		<p class="hint">Air first, then ground.</p>
	{:else if step === 'club'}
		<div class="grid grid-cols-4 gap-2 max-md:grid-cols-3">
			{#each clubs as { id, name } (id)}
				<button type="button" class="btn btn-lg px-1" onclick={() => choose({ club: id })}
					>{name}</button
				>
			{/each}
		</div>
	{:else}
		<div class="grid grid-cols-4 gap-2 max-md:grid-cols-3">
			{#each swings as { angle, name } (name)}
				<button type="button" class="btn btn-lg px-1" onclick={() => choose({ swing: angle })}
					>{name}</button
				>
			{/each}
		</div>
		<p class="hint">In {file.pupil.name}’s own words for how far back it goes.</p>
	{/if}
</fieldset>
