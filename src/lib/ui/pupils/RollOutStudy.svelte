<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { LIE_WORDS } from '$lib/io/words/lie';
	import { onDestroy } from 'svelte';
	import { shortDayWords } from '$lib/ui/format/dates';
	import { rollQuestion } from '$lib/io/practice/practiceStudy';
	import type { Session } from '$lib/io/practice/session';
	import { mixedWords, rollWords } from '$lib/io/words/rolls';
	import WorkBar from '$lib/ui/controls/WorkBar.svelte';
	import { clubName } from '$lib/ui/practice/practiceWords';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import { RollReader } from './rollReader.svelte';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import { deliveredFrom } from './deliveredFrom';

	interface Props {
		bench: PupilBench;
		/** Those the pupil took part in, the latest first. */
		sessions: readonly Session[];
	}
	const { bench, sessions }: Props = $props();

	const FEWEST = 8;
	const pool = new PlannerPool(startPlanner, 1);
	const reader = new RollReader(pool);
	onDestroy(() => {
		reader.clear();
		pool.close();
	});

	const file = $derived(bench.file);
	/** Sessions in which enough balls were followed to rest. */
	const rolled = $derived(
		sessions
			.map((session) => {
				const balls = file.balls.filter(({ sessionId }) => sessionId === session.id);
				return { session, question: rollQuestion(session, file, balls) };
			})
			.filter(
				({ question }) =>
					question.rolled.reduce((sum, group) => sum + group.balls.length, 0) >= FEWEST
			)
	);
	const chosen = $derived(reader.found && deliveredFrom(reader.found.map(({ fit }) => fit)));
	const lofts = $derived(
		Object.values(file.pupil.delivered?.loft ?? {})
			.map((loft) => `${loft > 0 ? '+' : '−'}${Math.abs(loft).toFixed(1)}° loft`)
			.join(', ') || 'loft as the club says'
	);
	const speeds = $derived(
		Object.entries(file.pupil.delivered?.speed ?? {})
			.map(([lie, speed]) => {
				const name = LIE_WORDS.find(({ id }) => id === lie)?.name.toLowerCase() ?? lie;
				return `, ball from ${name} × ${speed.toFixed(2)} as fast`;
			})
			.join('')
	);
</script>

<div class="grid content-start gap-1">
	<h3 class="font-bold">How the ball runs</h3>
	{#if file.pupil.delivered}
		<p>
			Planned with what was learned: {lofts}, spin × {file.pupil.delivered.grip.toFixed(2)}{speeds}.
		</p>
		<div>
			<button
				type="button"
				class="btn"
				onclick={() => bench.change((f) => delete f.pupil.delivered)}>Plan as the model says</button
			>
		</div>
	{/if}
	{#if rolled.length === 0}
		<p class="hint">
			Eight balls of one session that were seen to land and to stop tell how much loft and spin this
			player really delivers.
		</p>
	{:else}
		<WorkBar
			status={reader.status}
			progress={reader.progress}
			failure={reader.failure}
			label="Read the roll-outs"
			onstart={() => void reader.start(rolled.map(({ question }) => question))}
			onstop={() => reader.cancel()}
		/>
		{#each reader.found ?? [] as study, i (i)}
			{@const session = rolled[i]?.session}
			{@const mixed = mixedWords(study, (id) => clubName(file.clubs, id), playing.say)}
			<div class="border-b border-(--rule) pb-1">
				<p class="hint">
					{session ? `${session.name}, ${shortDayWords(session.startedAt)}` : ''}: {soMany(
						study.fit.n,
						'ball'
					)}
				</p>
				{#each rollWords(study.fit) as sentence (sentence)}<p>{sentence}</p>{/each}
				{#if mixed}<p class="text-(--faint)">{mixed}</p>{/if}
			</div>
		{/each}
		{#if chosen}
			<div>
				<button
					type="button"
					class="btn btn-neutral"
					onclick={() =>
						bench.change(({ pupil }) => (pupil.delivered = { ...pupil.delivered, ...chosen }))}
					>Plan with this strike</button
				>
			</div>
		{/if}
	{/if}
</div>
