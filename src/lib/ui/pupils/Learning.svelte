<script lang="ts">
	import { onDestroy } from 'svelte';
	import { format } from 'date-fns';
	import { resolve } from '$app/paths';
	import { habitsOf, missesBy, missOf } from '$lib/core/practice/habits';
	import type { SpreadPart } from '$lib/core/practice/ownSpread';
	import { CENTIMETRE, degrees, toPercent } from '$lib/core/units';
	import { SHIPPED_DRILLS } from '$lib/io/drill';
	import { missedBalls, rollQuestion, spreadFrom, spreadWire } from '$lib/io/practiceStudy';
	import { MISS_WORDS } from '$lib/io/words/practice';
	import { mixedWords, rollWords } from '$lib/io/words/rolls';
	import { markWords } from '$lib/io/words/swing';
	import type { Session } from '$lib/io/session';
	import type { PupilBench } from '$lib/ui/state/pupilBench.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { RollReader } from '$lib/ui/state/rollReader.svelte';
	import WorkBar from '$lib/ui/greens/WorkBar.svelte';
	import type { LieId } from '$lib/core/lie/lies';
	import { LIE_NAMES } from '$lib/io/words/lie';
	import { clubName } from '$lib/ui/practice/practiceWords';
	import { deliveredFrom } from './deliveredFrom';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';

	interface Props {
		bench: PupilBench;
		sessions: readonly Session[];
	}
	const { bench, sessions }: Props = $props();

	const MOST_ROWS = 4;
	const FEWEST = 8;
	const BY = ['club', 'swing', 'lie', 'day'] as const;
	let by = $state<(typeof BY)[number]>('club');
	const pool = new PlannerPool(startPlanner, 1);
	const reader = new RollReader(pool);
	onDestroy(() => {
		reader.clear();
		pool.close();
	});

	const file = $derived(bench.file);
	const practised = $derived(file.balls.filter(({ sessionId }) => sessionId !== undefined));
	const own = $derived(
		sessions.filter(({ id }) => practised.some(({ sessionId }) => sessionId === id))
	);
	const balls = $derived(missedBalls(file, own, (at) => format(new Date(at), 'yyyy-MM-dd')));
	const habits = $derived(habitsOf(balls));
	const spread = $derived(spreadFrom(file));
	const heaps = $derived(
		missesBy(balls, (ball) =>
			by === 'club'
				? clubName(file.clubs, ball.club)
				: by === 'swing'
					? markWords(ball.swing, file.pupil.vocabulary)
					: by === 'lie'
						? LIE_NAMES[ball.lie as LieId]
						: format(new Date(`${ball.day}T12:00`), 'd MMM yyyy')
		)
	);
	const missed = $derived(balls.filter((ball) => missOf(ball) !== null).length);
	/** Sessions in which balls were followed to rest, the latest first. */
	const rolled = $derived(
		own
			.map((session) => ({
				session,
				question: rollQuestion(
					session,
					file,
					practised.filter(({ sessionId }) => sessionId === session.id)
				)
			}))
			.filter(
				({ question }) =>
					question.rolled.reduce((sum, group) => sum + group.balls.length, 0) >= FEWEST
			)
	);
	const chosen = $derived(reader.found && deliveredFrom(reader.found.map(({ fit }) => fit)));
	const drillName = (id: string) => SHIPPED_DRILLS.find((drill) => drill.id === id)?.name ?? id;
	const percent = (value: number) => `${Math.round(value * 100)} %`;

	const row = <T extends number>(
		what: string,
		part: SpreadPart<T>,
		shown: (value: number) => string
	) => ({
		what,
		prior: shown(part.prior),
		data: part.data === null ? '–' : shown(part.data),
		n: part.n,
		used: shown(part.used)
	});
	const rows = $derived([
		row('Head speed, %', spread.speed, (value) => toPercent(value).toFixed(1)),
		row('Direction, °', spread.direction, (value) => degrees(value).toFixed(1)),
		row('Loft, °', spread.loft, (value) => degrees(value).toFixed(1)),
		row('Low point, cm', spread.lowPoint, (value) => (value / CENTIMETRE).toFixed(1))
	]);
</script>

<section class="grid gap-4" aria-labelledby="learned">
	<h2 id="learned" class="ruled-heading">Learned from {practised.length} practised balls</h2>
	{#if practised.length === 0}
		<p>
			Nothing yet. A <a class="underline" href={resolve('/practice')}>session</a> tells how this player
			spreads, what goes wrong and how the ball really runs.
		</p>
	{:else}
		<div class="grid gap-x-10 gap-y-5 lg:grid-cols-3">
			<div class="grid content-start gap-1">
				<h3 class="font-bold">Spread</h3>
				<table class="table-sm table w-full">
					<thead>
						<tr>
							<th scope="col">What</th>
							<th scope="col">Presumed</th>
							<th scope="col">By the balls</th>
							<th scope="col">Together</th>
						</tr>
					</thead>
					<tbody>
						{#each rows as { what, prior, data, used } (what)}
							<tr>
								<th scope="row">{what}</th>
								<td class="figure">{prior}</td>
								<td class="figure">{data}</td>
								<td class="figure">{used}</td>
							</tr>
						{/each}
					</tbody>
				</table>
				<p class="hint">One standard deviation at a swing of medium length.</p>
				<div class="flex flex-wrap items-center gap-2">
					<button
						type="button"
						class="btn"
						onclick={() => bench.change((f) => (f.pupil.spread = spreadWire(spread)))}
						>Plan with this spread</button
					>
					{#if file.pupil.spread}
						<button
							type="button"
							class="btn"
							onclick={() => bench.change((f) => delete f.pupil.spread)}
							>Plan with the skill’s</button
						>
					{/if}
				</div>
			</div>
			<div class="grid content-start gap-1">
				<h3 class="font-bold">How the ball runs</h3>
				{#if file.pupil.delivered}
					<p>
						Planned with what was learned: {Object.entries(file.pupil.delivered.loft)
							.map(([, loft]) => `${loft > 0 ? '+' : '−'}${Math.abs(loft).toFixed(1)}° loft`)
							.join(', ') || 'loft as the club says'}, spin × {file.pupil.delivered.grip.toFixed(
							2
						)}.
					</p>
					<div>
						<button
							type="button"
							class="btn"
							onclick={() => bench.change((f) => delete f.pupil.delivered)}
							>Plan as the model says</button
						>
					</div>
				{/if}
				{#if rolled.length === 0}
					<p class="hint">
						Eight balls of one session that were seen to land and to stop tell how much loft and
						spin this player really delivers.
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
								{session ? `${session.name}, ${format(new Date(session.startedAt), 'd MMM')}` : ''}: {study
									.fit.n} balls
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
								onclick={() => bench.change((f) => (f.pupil.delivered = chosen))}
								>Plan with this strike</button
							>
						</div>
					{/if}
				{/if}
			</div>
			<div class="grid content-start gap-1">
				<h3 class="font-bold">Habits</h3>
				{#if habits.length === 0}
					<p>Every ball did what it was meant to do.</p>
				{:else}
					<p>{missed} of {balls.length} balls went wrong in some way.</p>
					<ul class="grid gap-2">
						{#each habits.slice(0, MOST_ROWS) as habit (habit.miss)}
							<li>
								<b>{MISS_WORDS[habit.miss].name}</b>: {habit.share.hits} of {habit.share.of}, so {percent(
									habit.share.low
								)} to {percent(habit.share.high)} of all;
								<span class="text-(--faint)"
									>{MISS_WORDS[habit.miss].causes}; worth a try:
									<a
										class="underline"
										href={resolve('/practice/drill/[id]', { id: habit.treatedBy })}
										>{drillName(habit.treatedBy)}</a
									>.</span
								>
							</li>
						{/each}
					</ul>
					<div class="flex flex-wrap gap-1" role="group" aria-label="Misses by">
						{#each BY as one (one)}
							<button type="button" class="btn" aria-pressed={by === one} onclick={() => (by = one)}
								>By {one}</button
							>
						{/each}
					</div>
					<table class="table-sm table w-full">
						<thead>
							<tr>
								<th scope="col" class="capitalize">{by}</th>
								<th scope="col">Went wrong</th>
								<th scope="col">Mostly</th>
							</tr>
						</thead>
						<tbody>
							{#each heaps as heap (heap.name)}
								<tr>
									<th scope="row">{heap.name}</th>
									<td class="figure">{heap.share.hits}/{heap.share.of}</td>
									<td>{heap.most ? MISS_WORDS[heap.most].name.toLowerCase() : '–'}</td>
								</tr>
							{/each}
						</tbody>
					</table>
				{/if}
			</div>
		</div>
	{/if}
</section>
