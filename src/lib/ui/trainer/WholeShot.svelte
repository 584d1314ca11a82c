<script lang="ts">
	import { onDestroy, untrack } from 'svelte';
	import { toFeet, toPercent } from '$lib/core/units';
	import type { Situation } from '$lib/core/plan/question/situation';
	import { speedFelt, STEP_WORDS } from '$lib/io/trainer/words';
	import { LIE_NAMES } from '$lib/io/words/lie';
	import type { PupilFile } from '$lib/io/work/pupil';
	import LiePicture from '$lib/ui/drawing/LiePicture.svelte';
	import { formatLength } from '$lib/ui/format/lengths';
	import BehindBall from '$lib/ui/perspective/BehindBall.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { BallReplay } from '$lib/ui/shot/state/ballReplay.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import ReadingResult from './ReadingResult.svelte';
	import StepAsked from './StepAsked.svelte';
	import type { Asked } from './stock';
	import type { TrainerBench } from './trainerBench.svelte';

	interface Props {
		bench: TrainerBench;
		/** The shot that is asked; another one begins anew. */
		asked: Asked;
		file: PupilFile;
		/** Goes on to another; none where this was the last. */
		onnext: (() => void) | null;
	}
	const { bench, asked, file, onnext }: Props = $props();

	const HAZARD = { sand: 'sand', water: 'water', rough: 'rough', mound: 'a mound' } as const;
	/** Steeper than this under the feet is said: percent. */
	const STEEP = 1;
	const replay = new BallReplay();
	onDestroy(() => replay.stop());

	const { reading, committed, step } = $derived(bench);
	const situation = $derived<Situation>(asked.request.situation);
	const pin = $derived(situation.toEdge + situation.edgeToPin);
	let walked = $state(false);
	let showsBest = $state(false);
	const shown = $derived(reading && (showsBest ? reading.best : reading.theirs));
	const pickedLanding = $derived(
		bench.settled.includes('landing') || step === 'landing' || bench.only !== null
	);
	const laid = $derived({
		path: shown?.path ?? [],
		balls: shown?.balls ?? [],
		mark: shown
			? ([shown.landing, 0] as const)
			: pickedLanding
				? ([committed.landing, 0] as const)
				: null
	});
	$effect(() => {
		const path = shown?.path;
		untrack(() => {
			replay.load(path ?? []);
			if (path && !window.matchMedia('(prefers-reduced-motion: reduce)').matches) replay.play();
		});
	});
	$effect(() => {
		// What failed is tried again by hand only.
		const rests = bench.status !== 'working' && bench.status !== 'failed';
		if (step === null && !reading && rests) untrack(() => void attempt(() => bench.judge()));
	});

	const say = (metres: number) => formatLength(metres, playing.style);
	const ground = $derived(
		[
			`the green is ${speedFelt(toFeet(situation.greenSpeed))}`,
			situation.wet ? 'wet' : '',
			...situation.hazards.map(({ kind }) => `${HAZARD[kind]} in the way`),
			Math.abs(toPercent(situation.stance?.along ?? 0)) > STEEP ? 'on a slope' : ''
		].filter(Boolean)
	);
	const pickGround = (x: number) => {
		if (step === 'landing') bench.commit({ landing: Math.max(0.5, Number(x.toFixed(2))) }, false);
	};
</script>

<div class="grid grid-cols-[minmax(0,1fr)_25rem] gap-4 max-lg:grid-cols-[minmax(0,1fr)]">
	<div class="grid content-start gap-2 self-start border border-(--rule) lg:sticky lg:top-16">
		<BehindBall
			{situation}
			{laid}
			ball={replay.place}
			told={reading !== null}
			height={400}
			onpick={pickGround}
		/>
	</div>
	<div class="grid content-start gap-4">
		<div class="flex items-center gap-3 border-b border-(--rule) pb-2">
			<LiePicture lie={situation.lie} />
			<p class="min-w-0 flex-1">
				<b>{asked.name || `${LIE_NAMES[situation.lie]} lie`}</b>
				<span class="block"
					>{asked.name ? `${LIE_NAMES[situation.lie]}, ` : ''}{ground.join(', ')}</span
				>
				{#if walked || reading}
					<span class="block font-bold" data-testid="walked"
						>{say(situation.toEdge)} to the green, {say(pin)} to the hole</span
					>
				{:else}
					<button type="button" class="btn btn-sm mt-1" onclick={() => (walked = true)}
						>Walk to the hole and count</button
					>
				{/if}
			</p>
		</div>
		{#if reading}
			<ReadingResult {reading} toEdge={situation.toEdge} {committed} steps={bench.steps} {file} />
			<div class="flex flex-wrap gap-2">
				{#if onnext}
					<button type="button" class="btn btn-neutral btn-lg" onclick={onnext}>Next shot</button>
				{/if}
				<button
					type="button"
					class="btn btn-lg"
					aria-pressed={showsBest}
					onclick={() => (showsBest = !showsBest)}
					>{showsBest ? 'Show mine' : 'Show the best'}</button
				>
			</div>
		{:else if step && bench.status !== 'working'}
			<StepAsked {bench} {step} {file} {pin} />
			{#if bench.settled.length > 0}
				<p class="flex flex-wrap gap-1">
					{#each bench.settled as one (one)}
						<button type="button" class="btn btn-sm" onclick={() => bench.reopen(one)}
							>Back to {STEP_WORDS[one].toLowerCase()}</button
						>
					{/each}
				</p>
			{/if}
		{:else if bench.status === 'failed'}
			<p class="problem" role="alert">
				It could not be played: {bench.failure}
				<button type="button" class="btn" onclick={() => void bench.judge()}>Try again</button>
			</p>
		{:else}
			<p class="hint" role="status">A hundred balls are played…</p>
		{/if}
	</div>
</div>
