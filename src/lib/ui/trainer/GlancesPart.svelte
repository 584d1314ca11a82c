<script lang="ts">
	import { onDestroy, onMount, untrack } from 'svelte';
	import type { Path } from '$lib/core/solve/path';
	import { biasOf, brierOf } from '$lib/core/trainer/bias';
	import { isNear, type Glance } from '$lib/core/trainer/glances';
	import { GLANCE_KINDS, type GlanceKind } from '$lib/core/trainer/steps';
	import type { PlanRequest } from '$lib/core/plan/question/request';
	import type { Glanced } from '$lib/io/trainer/read';
	import {
		biasWords,
		GLANCE_ASKED,
		ruleQuestion,
		saidGuess,
		SURE_CHOICES,
		surenessWords
	} from '$lib/io/trainer/glanceWords';
	import { SCHOOL_WORDS } from '$lib/io/words/school';
	import { freshShot } from '$lib/io/work/freshShot';
	import { playingOf } from '$lib/io/work/playing';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { shotRequest } from '$lib/io/work/shotRequest';
	import { newId } from '$lib/store/base/newId';
	import { keepGlance } from '$lib/store/shelves/reads';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { formatLength } from '$lib/ui/format/lengths';
	import BehindBall from '$lib/ui/perspective/BehindBall.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { BallReplay } from '$lib/ui/shot/state/ballReplay.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { PlannerPool } from '$lib/workers/plannerPool';
	import { newSeed } from './newSeed';

	interface Props {
		file: PupilFile;
		pool: PlannerPool;
		/** What this pupil judged before, the first one first. */
		kept: readonly Glanced[];
	}
	const { file, pool, kept }: Props = $props();

	const FEW = 60;
	const SEED = 31;
	const KINDS = GLANCE_KINDS.map((value) => ({ value, label: GLANCE_ASKED[value].name }));
	const NO_PATH: Path = [];

	let kind = $state<GlanceKind>('slope');
	let glance = $state.raw<Glance | null>(null);
	let guess = $state(0);
	/** A choice has to be made before it can be said how sure it is. */
	let guessed = $state(false);
	let done = $state.raw<Glanced | null>(null);
	let second = $state(false);
	let all = $state.raw<readonly Glanced[]>(untrack(() => kept));
	const replay = new BallReplay();
	onDestroy(() => replay.stop());

	const asked = $derived(GLANCE_ASKED[kind]);
	const own = $derived(all.filter((one) => one.kind === kind));
	const school = $derived(file.pupil.school === 'free' ? 'rule-of-twelve' : file.pupil.school);
	const clubs = $derived(
		(glance?.clubs ?? []).map((id) => file.clubs.find((club) => club.id === id)?.name ?? id)
	);
	const length = (metres: number) => formatLength(metres, playing.style);
	const said = (value: number) => saidGuess(kind, value, length, (index) => clubs[index] ?? '');
	const situation = $derived(glance && (second && glance.other ? glance.other : glance.situation));
	/** Past what is shown the ball stands still until it is guessed. */
	const shownPath = $derived(
		glance && !done ? glance.path.filter(([t]) => t <= glance!.until) : (glance?.path ?? NO_PATH)
	);
	const question = $derived(
		kind === 'club' && glance?.told
			? ruleQuestion(SCHOOL_WORDS[school].name, length(glance.told.carry), length(glance.told.roll))
			: asked.question
	);

	function request(): PlanRequest {
		const made = shotRequest(freshShot(file.pupil.id), playingOf(file), FEW, SEED);
		const { wanted: _wanted, ...rest } = made;
		return { ...rest, bag: made.bag.filter(({ putter }) => !putter) };
	}
	const next = () =>
		attempt(async () => {
			done = null;
			guessed = false;
			second = false;
			const of = kind;
			const found = await pool.ask((remote) => remote.glance(of, request(), newSeed()));
			if (of !== kind) return;
			glance = found;
			guess = of === 'speed' ? 10 : of === 'distance' ? 12 : of === 'stop' ? 4 : 0;
		});
	onMount(() => void next());
	$effect(() => {
		const path = shownPath;
		untrack(() => {
			replay.load(path);
			if (path.length > 1) replay.play();
		});
	});
	function take(chosen: GlanceKind) {
		kind = chosen;
		glance = null;
		void next();
	}
	function choose(index: number) {
		guess = index;
		guessed = true;
	}
	const commit = (sure: number) =>
		attempt(async () => {
			if (!glance || done) return;
			const glanced: Glanced = {
				id: newId(),
				pupilId: file.pupil.id,
				at: new Date().toISOString(),
				kind,
				truth: glance.truth,
				guess,
				sure,
				right: isNear(kind, guess, glance.truth)
			};
			done = glanced;
			all = [...all, glanced];
			await keepGlance(glanced);
		});
	const lastOf = (path: Path): [number, number, number] => {
		const [, x, y, z] = path.at(-1)!;
		return [x, y, z];
	};
	const isChoice = $derived(kind === 'club' || kind === 'easier');
</script>

<div class="grid grid-cols-[minmax(0,1fr)_25rem] gap-4 max-lg:grid-cols-[minmax(0,1fr)]">
	<div class="self-start border border-(--rule)">
		{#if situation}
			{#key situation}
				<BehindBall
					{situation}
					laid={{ path: NO_PATH, balls: [], mark: null }}
					ball={replay.place ?? (done || !shownPath.length ? null : lastOf(shownPath))}
					told={done !== null && kind !== 'club'}
					height={400}
				/>
			{/key}
		{:else}
			<p class="p-4" role="status">Looking for something to judge…</p>
		{/if}
	</div>
	<div class="grid content-start gap-3">
		<div class="w-56">
			<ChoiceField label="What is judged" value={kind} options={KINDS} onchange={take} />
		</div>
		{#if glance}
			<p class="text-xl font-bold">{question}</p>
			{#if done}
				<p class="text-2xl font-extrabold" role="status">
					{done.right ? 'Right' : 'No'}: {said(glance.truth)}.
				</p>
				<p>You said {said(done.guess)}.</p>
				<button type="button" class="btn btn-neutral btn-lg" onclick={() => void next()}
					>Next one</button
				>
			{:else}
				{#if kind === 'easier'}
					<div class="grid grid-cols-2 gap-2">
						{#each ['First', 'Second'] as name, i (name)}
							<button
								type="button"
								class="btn"
								aria-pressed={second === (i === 1)}
								onclick={() => (second = i === 1)}>Look at the {name.toLowerCase()}</button
							>
						{/each}
					</div>
				{/if}
				{#if isChoice}
					<div class="grid grid-cols-4 gap-2 max-md:grid-cols-3">
						{#each kind === 'easier' ? ['First', 'Second'] : clubs as name, i (name + i)}
							<button
								type="button"
								class={['btn btn-lg px-1', guessed && guess === i && 'btn-neutral']}
								aria-pressed={guessed && guess === i}
								onclick={() => choose(i)}>{name}</button
							>
						{/each}
					</div>
				{:else}
					<label class="grid gap-1">
						<span class="text-lg font-bold">{said(guess)}</span>
						<input
							class="range range-secondary w-full"
							type="range"
							min={asked.low}
							max={asked.high}
							step={asked.step}
							bind:value={guess}
							aria-label={asked.name}
							aria-valuetext={said(guess)}
						/>
					</label>
				{/if}
				{#if shownPath.length > 1}
					<button type="button" class="btn" onclick={() => replay.play()}>Show it again</button>
				{/if}
				<fieldset disabled={isChoice && !guessed}>
					<legend class="mb-1 font-semibold">How sure are you?</legend>
					<div class="grid grid-cols-3 gap-2">
						{#each SURE_CHOICES as { sure, words } (sure)}
							<button
								type="button"
								class="btn btn-lg px-1"
								disabled={isChoice && !guessed}
								onclick={() => void commit(sure)}>{words}</button
							>
						{/each}
					</div>
				</fieldset>
			{/if}
		{/if}
		{#if own.length > 0}
			<section class="grid gap-1 border-t border-(--rule) pt-2" aria-label="Your eye">
				<p>
					<b>{own.filter(({ right }) => right).length} of {own.length}</b> right.
					{biasWords(kind, isChoice ? null : biasOf(own))}
				</p>
				<p>{surenessWords(own)}</p>
				{#if own.length >= 6}
					<p class="hint">
						Being sure scores {brierOf(own).toFixed(2)}: 0 is perfect, 0.25 is what always saying “a
						guess” gives. It is best to say what you believe.
					</p>
				{/if}
			</section>
		{/if}
	</div>
</div>
