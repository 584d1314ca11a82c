<script lang="ts">
	import Undo2 from '@lucide/svelte/icons/undo-2';
	import UserRound from '@lucide/svelte/icons/user-round';
	import { onMount } from 'svelte';
	import { yardstickOf } from '$lib/core/practice/yardstick';
	import { STRIKE_TAGS, type Spot } from '$lib/core/practice/practised';
	import type { GreenWire } from '$lib/io/work/green';
	import { isHit } from '$lib/io/practice/session';
	import {
		driftWords,
		flagWords,
		gapWords,
		groupWords,
		scoreWords,
		TAG_WORDS,
		toGoWords
	} from '$lib/io/words/practice';
	import { formatLength } from '$lib/ui/format/lengths';
	import { shortcuts } from '$lib/ui/shell/shortcuts.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { SessionBench } from '$lib/ui/practice/state/sessionBench.svelte';
	import BallMarks from './BallMarks.svelte';
	import PracticeGreen from '$lib/ui/practice/PracticeGreen.svelte';
	import { farthest, isTooFine, practiceScale, touchErrorOf } from '$lib/ui/practice/practiceScale';
	import { clubName, drawingWords, taskWords } from '$lib/ui/practice/practiceWords';
	import { runnerKeys } from './runnerKeys';
	import TaskTable from './TaskTable.svelte';
	import TrackerPanel from './TrackerPanel.svelte';
	import TypedBall from './TypedBall.svelte';

	interface Props {
		bench: SessionBench;
		green: GreenWire | null;
		onfinish: () => void;
	}
	const { bench, green, onfinish }: Props = $props();

	const STROKES = [1, 2, 3, 4, 5];
	const MORE = 3;
	let width = $state(0);
	/** Null until it is chosen: then where a finger is worth less than half a pace. */
	let chosenTyping = $state<boolean | null>(null);
	let screen = $state(800);

	const session = $derived(bench.session);
	const file = $derived(bench.pupil ?? playing.file);
	const current = $derived(bench.current);
	const say = (metres: number) => formatLength(metres, playing.style);
	const scale = $derived(
		practiceScale(
			Math.max(240, width),
			Math.max(300, Math.min(620, screen * 0.46)),
			farthest(session)
		)
	);
	const tooFine = $derived(isTooFine(scale, file.pupil.pace));
	const typing = $derived(chosenTyping ?? (tooFine && session.rules.measure !== 'strokes'));
	const club = $derived(current ? clubName(file.clubs, current.task.clubId) : '');
	const rolls = $derived(session.rules.measure === 'roll-out');
	const others = $derived(session.turns.length > 1);
	const turnName = (pupilId: string) => playing.of(pupilId).pupil.name;
	const upNext = $derived(session.turns[(bench.turnAt + 1) % session.turns.length]?.pupilId ?? '');
	const asks = $derived(
		bench.asks === 'landing'
			? 'Touch where it landed.'
			: bench.asks === 'finish' || bench.onlyEnd
				? 'Touch where it stopped.'
				: bench.half
					? 'Now touch where it stopped.'
					: 'Touch where it landed.'
	);
	/** Only a landing that is asked for says anything of the swing. */
	const lands = $derived(rolls || session.rules.measure === 'carry');
	const words = $derived.by(() => {
		if (!current?.group) return '';
		const { group, task, meantRoll } = current;
		const landing = yardstickOf(session.rules) === 'line' ? null : task.landing;
		if (lands) return groupWords(group, { club, landing, roll: meantRoll }, playing.say);
		return session.rules.measure === 'finish'
			? flagWords(group, session.mark, club, playing.say)
			: '';
	});
	const toGo = $derived(
		current?.group && lands
			? toGoWords(current.group, rolls ? 'roll' : 'carry', club, file.pupil.pace, playing.say)
			: ''
	);
	const drift = $derived(
		current?.group && lands ? driftWords(current.group, club, playing.say) : ''
	);
	const gaps = $derived(
		rolls ? gapWords(bench.tasks, (id) => clubName(file.clubs, id), playing.say) : ''
	);
	/** Where the next touch most likely is: that is where the keyboard begins. */
	const likely = $derived<Spot | undefined>(
		current && [
			bench.asks === 'finish' || bench.half || bench.onlyEnd
				? current.task.finish
				: current.task.landing,
			0
		]
	);
	const last = $derived(bench.own.at(-1));
	const said = $derived(bench.half || !last ? bench.tags : last.tags);

	onMount(() =>
		shortcuts.use({
			heading: 'Practice',
			shortcuts: runnerKeys(bench)
		})
	);
</script>

<svelte:window bind:innerHeight={screen} />
<div class="grid gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1fr)_27rem]">
	<div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-2">
		<div class="flex items-baseline justify-between gap-3" data-testid="now">
			{#if current}
				<p class="min-w-0 text-2xl font-extrabold wrap-anywhere max-md:text-xl">
					{#if others}<span class="block text-base font-bold"
							>{turnName(bench.turn?.pupilId ?? '')}</span
						>{/if}
					{club}
					<span class="text-lg font-semibold max-md:text-base"
						>{taskWords(current.task, file.pupil.vocabulary)}</span
					>
				</p>
				<p class="figure text-xl font-bold whitespace-nowrap">
					{Math.min(current.balls.length + 1, bench.asked(current.task))} of {bench.asked(
						current.task
					)}
				</p>
			{:else}
				<p class="text-xl font-extrabold">All balls are hit.</p>
			{/if}
		</div>
		{#if session.rules.measure === 'strokes'}
			<div class="flex flex-wrap gap-2" role="group" aria-label="Strokes to hole out">
				{#each STROKES as strokes (strokes)}
					<button
						type="button"
						class="btn btn-lg figure flex-1"
						disabled={!current}
						onclick={() => bench.note({ landed: null, finished: null, source: 'touched', strokes })}
						>{strokes}{strokes === 5 ? '+' : ''}</button
					>
				{/each}
			</div>
			<p class="hint">How many strokes until it was holed, this one counted?</p>
		{:else if session.rules.measure === 'strike'}
			<button
				type="button"
				class="btn btn-lg"
				disabled={!current}
				onclick={() => bench.note({ landed: null, finished: null, source: 'touched' })}
				>A ball is hit</button
			>
		{/if}
		{#if typing && current && tooFine}
			<TypedBall {bench} />
			<p class="hint">
				At this scale a finger is good to {say(touchErrorOf('finger', scale))}: type what was
				measured.
			</p>
		{/if}
		<div class="min-w-0 overflow-hidden" bind:clientWidth={width}>
			<PracticeGreen
				{session}
				{green}
				{scale}
				description={drawingWords(current, say)}
				asks={current ? asks : ''}
				begin={likely}
				atHand
				ontouch={session.endedAt === null && session.rules.measure !== 'strokes'
					? (spot, error) => bench.touch(spot, error)
					: undefined}
			>
				{#each bench.tasks as state, i (i)}
					{#if i !== bench.at}
						<BallMarks
							balls={state.balls}
							wild={state.wild}
							landing={null}
							finish={null}
							quiet
							{scale}
						/>
					{/if}
				{/each}
				{#if current}
					<BallMarks
						balls={current.balls}
						wild={current.wild}
						landing={session.rules.mark === 'flag' ? null : current.landing}
						finish={rolls ? (current.group?.finish ?? null) : null}
						half={bench.half}
						{scale}
					/>
				{/if}
			</PracticeGreen>
		</div>
		{#if current && session.rules.measure !== 'strokes'}
			<p class="flex flex-wrap justify-center gap-x-4">
				<span class="font-semibold" aria-live="polite">{bench.notice || asks}</span>
				{#if toGo}<span class="text-(--faint) lg:hidden">{toGo}</span>{/if}
			</p>
		{/if}
		<p class="hint -mb-1" id="tags-of">
			{bench.half || !last
				? 'How it is struck, of the ball at hand:'
				: `How it was struck, of ball ${bench.own.length}, the last one noted:`}
		</p>
		<div class="grid grid-cols-4 gap-1" role="group" aria-labelledby="tags-of">
			{#each STRIKE_TAGS as tag (tag)}
				<button
					type="button"
					class="btn px-1"
					aria-pressed={said.includes(tag)}
					onclick={() => bench.tag(tag)}>{TAG_WORDS[tag]}</button
				>
			{/each}
		</div>
		<div class="flex flex-wrap gap-2">
			<button
				type="button"
				class="btn btn-neutral flex-1 px-2 whitespace-nowrap"
				disabled={!last && !bench.half}
				onclick={() => bench.undo()}
			>
				<Undo2 size={18} aria-hidden="true" /> Take back
			</button>
			{#if bench.asks === 'both'}
				<button
					type="button"
					class="btn flex-1 px-2 whitespace-nowrap"
					aria-pressed={bench.onlyEnd}
					onclick={() => (bench.onlyEnd = !bench.onlyEnd)}>Only the stop</button
				>
			{/if}
			<button
				type="button"
				class="btn flex-1 px-2 whitespace-nowrap"
				aria-pressed={typing}
				onclick={() => (chosenTyping = !typing)}>Type it</button
			>
			{#if others}
				<button
					type="button"
					class="btn flex-1 px-2 whitespace-nowrap"
					onclick={() => bench.nextPupil()}
				>
					<UserRound size={18} aria-hidden="true" /> Next: {turnName(upNext)}
				</button>
			{/if}
		</div>
		{#if typing && current && !tooFine}<TypedBall {bench} />{/if}
	</div>
	<div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
		{#if bench.failure}
			<p class="problem" role="alert">
				This could not be kept yet; every ball is here as you see it and it is tried again. {bench.failure}
			</p>
		{/if}
		<div class="grid gap-1" aria-live="polite" data-testid="said">
			<p class="text-lg font-bold">
				{words || (bench.own.length === 0 ? 'Nothing to say before the first ball.' : '')}
			</p>
			{#if toGo}<p class="max-lg:hidden">{toGo}</p>{/if}
			{#if drift}<p>{drift}</p>{/if}
			{#if gaps}<p>{gaps}</p>{/if}
			{#if bench.own.length > 0}<p class="text-(--faint)">
					{scoreWords(bench.score, session.rules, playing.say)}
				</p>{/if}
		</div>
		<div class="max-w-full overflow-x-auto">
			<TaskTable
				tasks={bench.tasks}
				{file}
				at={bench.at}
				measure={session.rules.measure}
				hit={(ball) => isHit(session, ball)}
				asked={(task) => bench.asked(task)}
				onchoose={(i) => (bench.chosen = bench.chosen === i ? null : i)}
			/>
		</div>
		<TrackerPanel {bench} />
		<div class="flex flex-wrap gap-2">
			{#if current}
				<button type="button" class="btn" onclick={() => bench.ask(MORE)}
					>Three more with the {club}</button
				>
			{/if}
			<button type="button" class="btn btn-neutral" onclick={onfinish}>End the session</button>
		</div>
	</div>
</div>
