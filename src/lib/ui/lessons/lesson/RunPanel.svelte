<script lang="ts">
	import Check from '@lucide/svelte/icons/check';
	import Minus from '@lucide/svelte/icons/minus';
	import Pause from '@lucide/svelte/icons/pause';
	import Play from '@lucide/svelte/icons/play';
	import Plus from '@lucide/svelte/icons/plus';
	import SkipForward from '@lucide/svelte/icons/skip-forward';
	import { resolve } from '$app/paths';
	import {
		beginBlock,
		blockAtHand,
		comingAfter,
		endLesson,
		MOST_MINUTES,
		pauseLesson,
		secondsOf,
		settleBlock,
		withWords,
		type Block
	} from '$lib/io/lessons/lesson';
	import { BLOCK_WORDS, clockWords } from '$lib/io/lessons/words';
	import { wallOf } from '$lib/io/lessons/wallTime';
	import { newId } from '$lib/store/base/newId';
	import { keepSession } from '$lib/store/shelves/practice';
	import FreeText from '$lib/ui/controls/FreeText.svelte';
	import { drillOf } from '$lib/ui/practice/state/practiceState.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { groundFor, sessionOfBlock } from '../state/blockSession';
	import type { LessonBench } from '../state/lessonBench.svelte';
	import type { LessonDesk } from '../state/lessonState.svelte';
	import { ClockNow } from '../state/clockNow.svelte';
	import BlockPractice from './BlockPractice.svelte';

	interface Props {
		bench: LessonBench;
		desk: LessonDesk;
		/** What was noted in this pupil's lessons before. */
		notes: readonly string[];
	}
	const { bench, desk, notes }: Props = $props();

	const SECOND = 1000;
	const MINUTE = 60;
	const clock = new ClockNow(true);
	const now = $derived(clock.now);

	const { lesson } = $derived(bench);
	const block = $derived(blockAtHand(lesson));
	const runs = $derived(block !== null && lesson.running?.blockId === block.id);
	const seconds = $derived(block ? secondsOf(block, lesson, now) : 0);
	const left = $derived(block ? block.minutes * MINUTE - seconds : 0);
	const files = $derived(
		lesson.pupilIds.flatMap((id) => playing.files.find(({ pupil }) => pupil.id === id) ?? [])
	);
	const drill = $derived(block?.drillId ? drillOf(desk.practice.drills, block.drillId) : undefined);
	const coming = $derived(comingAfter(lesson, now));
	const clockAt = (moment: number) => wallOf(moment, lesson.zone).time;
	const endTime = $derived(clockAt(coming.at(-1)?.ends ?? now + Math.max(0, left) * SECOND));

	const settle = (state: 'done' | 'skipped') =>
		block && bench.become((one) => settleBlock(one, block.id, state, Date.now()));
	const begin = (one: Block) => bench.become((is) => beginBlock(is, one.id, Date.now()));
	const change = (apply: (block: Block) => void) => {
		const id = block?.id;
		bench.change((one) => {
			const found = one.blocks.find((other) => other.id === id);
			if (found) apply(found);
		});
	};
	const longer = (minutes: number) =>
		change((one) => {
			one.minutes = Math.min(MOST_MINUTES, Math.max(1, one.minutes + minutes));
		});

	const practise = () =>
		attempt(async () => {
			if (!block || !drill) return;
			const ground = groundFor(lesson, desk.greens, Date.now());
			const session = sessionOfBlock(newId(), block, drill, files, ground, Date.now());
			await keepSession(session);
			change((one) => (one.sessionId = session.id));
			if (!runs) begin(block);
		});
	const tick = (words: string) => change((one) => (one.note = withWords(one.note, words)));
</script>

{#if block}
	<section class="grid gap-3" aria-label="At hand">
		<div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-1 border-b-2 border-(--ink)">
			<div class="min-w-0">
				<p class="text-(--faint)">{BLOCK_WORDS[block.kind]}</p>
				<h2 class="text-3xl font-extrabold wrap-anywhere max-md:text-2xl">{block.title}</h2>
			</div>
			<p class="flex items-center gap-1">
				<button
					type="button"
					class="btn btn-ghost btn-square"
					aria-label="Two minutes less"
					onclick={() => longer(-2)}><Minus size={20} aria-hidden="true" /></button
				>
				<span class="figure text-4xl font-bold whitespace-nowrap" data-testid="clock">
					{clockWords(seconds)}
					<span class={['text-lg', left < 0 ? 'text-(--clay)' : 'text-(--faint)']}
						>of {block.minutes} min{left < 0 ? ', over' : ''}</span
					>
				</span>
				<button
					type="button"
					class="btn btn-ghost btn-square"
					aria-label="Two minutes more"
					onclick={() => longer(2)}><Plus size={20} aria-hidden="true" /></button
				>
			</p>
		</div>
		{#if block.cue}<p class="text-2xl font-bold wrap-anywhere max-md:text-xl">{block.cue}</p>{/if}
		<div class="grid grid-cols-2 gap-2 md:flex md:flex-wrap">
			<button
				type="button"
				class="btn btn-neutral btn-lg max-md:col-span-2"
				onclick={() => settle('done')}
				><Check size={20} aria-hidden="true" /> Done{coming[0]
					? `, next: ${coming[0].block.title}`
					: ''}</button
			>
			<button
				type="button"
				class="btn btn-lg"
				onclick={() => (runs ? bench.become((one) => pauseLesson(one, Date.now())) : begin(block))}
				>{#if runs}<Pause size={20} aria-hidden="true" /> Hold{:else}<Play
						size={20}
						aria-hidden="true"
					/> Go on{/if}</button
			>
			<button type="button" class="btn btn-lg" onclick={() => settle('skipped')}
				><SkipForward size={20} aria-hidden="true" /> Leave out</button
			>
		</div>
		{#if drill}
			{#if block.sessionId}
				{#key block.sessionId}<BlockPractice id={block.sessionId} />{/key}
			{:else}
				<ol class="list-decimal pl-6">
					{#each drill.steps as step, i (i)}<li>{step}</li>{/each}
				</ol>
				<div>
					<button type="button" class="btn btn-neutral" onclick={() => void practise()}
						>Note the balls</button
					>
				</div>
			{/if}
		{:else if block.shotId}
			<a class="btn justify-self-start" href={resolve(`/?shot=${encodeURIComponent(block.shotId)}`)}
				>Open the shot; the clock goes on</a
			>
		{/if}
		<FreeText
			long
			label="What came of it"
			value={block.note}
			most={1000}
			onchange={(note) => change((one) => (one.note = note))}
		/>
		{#if notes.length > 0}
			<div class="flex flex-wrap gap-1" role="group" aria-label="Said before">
				{#each notes as words (words)}
					<button
						type="button"
						class="btn h-auto min-h-11 px-2.5 text-left font-normal"
						aria-pressed={block.note.includes(words)}
						onclick={() => tick(words)}>{words}</button
					>
				{/each}
			</div>
		{/if}
	</section>
{:else}
	<p class="text-xl font-bold">All blocks are through.</p>
{/if}
<section class="grid gap-1 pt-4" aria-label="Still to come">
	<h2 class="ruled-heading">
		Still to come, until about <span class="figure">{endTime}</span>
	</h2>
	<ul>
		{#each coming as { block: one, begins } (one.id)}
			<li class="flex items-center justify-between gap-3 border-b border-(--rule) py-1">
				<span class="min-w-0 wrap-anywhere"
					><span class="figure text-(--faint)">{clockAt(begins)}</span> <b>{one.title}</b>
					<span class="text-(--faint)">{one.minutes} min</span></span
				>
				<button
					type="button"
					class="btn"
					aria-label={`Now: ${one.title}`}
					onclick={() => begin(one)}>Now</button
				>
			</li>
		{/each}
	</ul>
	{#each lesson.blocks.filter(({ state }) => state !== 'open') as one (one.id)}
		<p class="flex items-center justify-between gap-3">
			<span class="min-w-0 wrap-anywhere text-(--faint)"
				>{one.state === 'done' ? 'Done' : 'Left out'}: {one.title}{one.seconds > 0
					? `, ${clockWords(one.seconds)}`
					: ''}</span
			>
			<button
				type="button"
				class="btn btn-ghost"
				aria-label={`Again: ${one.title}`}
				onclick={() => begin(one)}>Again</button
			>
		</p>
	{/each}
	<div class="pt-3">
		<button
			type="button"
			class={['btn', block === null && 'btn-neutral']}
			onclick={() => bench.become((one) => endLesson(one, Date.now()))}>End the lesson</button
		>
	</div>
</section>
