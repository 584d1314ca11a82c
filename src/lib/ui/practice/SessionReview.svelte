<script lang="ts">
	import Download from '@lucide/svelte/icons/download';
	import Share2 from '@lucide/svelte/icons/share-2';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import type { CarryCell } from '$lib/core/player/carryTable';
	import { formatBalls } from '$lib/io/ballsCsv';
	import type { GreenWire } from '$lib/io/green';
	import { isHit } from '$lib/io/session';
	import { cellKeyOfBall, changesOf, keyOfChange } from '$lib/io/cellChanges';
	import { SWING_MARKS } from '$lib/core/player/swingLength';
	import { inTable, type PupilFile } from '$lib/io/pupil';
	import { markWords } from '$lib/io/words/swing';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { gapWords, scoreWords } from '$lib/io/words/practice';
	import { YOU } from '$lib/io/words/whose';
	import { sessionFile } from '$lib/store/fileOf';
	import { settleSession } from '$lib/store/practice';
	import Later from '$lib/ui/controls/Later.svelte';
	import { download, fileNameOf } from '$lib/ui/files/download';
	import { canShareFiles, handOver } from '$lib/ui/files/share';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import { attempt } from '$lib/ui/shell/attempt';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { SessionBench } from '$lib/ui/state/sessionBench.svelte';
	import CallChangesList from './CallChangesList.svelte';
	import ClubNames from './ClubNames.svelte';
	import BallMarks from './BallMarks.svelte';
	import PracticeGreen from './PracticeGreen.svelte';
	import { farthest, practiceScale } from './practiceScale';
	import { clubName, drawingWords, taskWords } from './practiceWords';
	import { savePicture } from './sessionPicture';
	import TaskTable from './TaskTable.svelte';

	interface Props {
		bench: SessionBench;
		green: GreenWire | null;
	}
	const { bench, green }: Props = $props();

	let width = $state(0);
	let drawing = $state<HTMLElement>();
	/** The pupil before and after what was last taken in; null where nothing was. */
	let settled = $state.raw<{ before: PupilFile; after: PupilFile } | null>(null);
	/** Cells that were unticked; all others are taken. */
	let left = $state.raw<readonly string[]>([]);

	const session = $derived(bench.session);
	const style = $derived(playing.style);
	const say = (metres: number) => formatLength(metres, style);
	const file = $derived(bench.pupil ?? playing.file);
	const scale = $derived(practiceScale(Math.max(240, width), 460, farthest(session)));
	const changes = $derived(changesOf(withBalls(file), bench.own));
	const rolls = $derived(session.rules.measure === 'roll-out');
	const gaps = $derived(
		rolls ? gapWords(bench.tasks, (id) => clubName(file.clubs, id), playing.say) : ''
	);
	/** Where each club's balls end, or land where the drill is about that. */
	const names = $derived(
		bench.tasks.flatMap(({ task, group, landing }) => {
			const ellipse =
				(rolls ? group?.finish : null) ?? (session.rules.mark === 'flag' ? null : landing);
			const name = clubName(file.clubs, task.clubId);
			return ellipse ? [{ name, middle: [ellipse.x, ellipse.y] as const }] : [];
		})
	);
	const spots = $derived(
		bench.tasks.flatMap(({ balls }) =>
			balls.flatMap(({ landed, finished }) =>
				[landed, finished].filter((spot) => spot !== undefined)
			)
		)
	);
	/** Tasks whose balls landed somewhere with a swing that nobody has said. */
	const assumed = $derived(
		bench.tasks.flatMap(({ balls }, at) =>
			balls.some(
				(ball) =>
					ball.swingFrom === 'assumed' && inTable({ ...ball, counts: true, swingFrom: 'noted' })
			)
				? [at]
				: []
		)
	);
	const swings = $derived([
		{ value: '', label: 'not one swing' },
		...SWING_MARKS[file.pupil.vocabulary].map(({ name }) => ({
			value: name,
			label: markWords(name, file.pupil.vocabulary)
		}))
	]);
	const counting = $derived(bench.own.some(({ counts }) => counts));
	const fileName = $derived(fileNameOf(session.name));

	/** The pupil's file with this session's balls as they are here: the store may not have told yet. */
	function withBalls(one: PupilFile): PupilFile {
		const others = one.balls.filter(({ sessionId }) => sessionId !== session.id);
		return { ...one, balls: [...others, ...bench.own] };
	}

	const cellWords = (cell: CarryCell | null) =>
		cell
			? `${formatFigure(cell.mean, style)} ± ${formatFigure((cell.high - cell.low) / 2, style)}`
			: '–';

	/** Whether a cell is taken, in words of its key. */
	const taken = (key: string) => !left.includes(key);

	const settle = (counts: (key: string) => boolean, words: string) =>
		attempt(async () => {
			await bench.flush();
			const own = bench.turn?.pupilId;
			const before = withBalls(file);
			const undo = await settleSession(session, (ball) =>
				ball.pupilId === own ? counts(cellKeyOfBall(ball)) : ball.counts
			);
			const after = {
				...before,
				balls: before.balls.map((ball) =>
					ball.sessionId === session.id ? { ...ball, counts: counts(cellKeyOfBall(ball)) } : ball
				)
			};
			settled = { before, after };
			tell(words, {
				label: 'Undo',
				run: () => {
					settled = null;
					void attempt(undo);
				}
			});
		});
</script>

<div class="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_30rem]">
	<div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-2">
		<div class="min-w-0 overflow-hidden" bind:clientWidth={width} bind:this={drawing}>
			<Later>
				<PracticeGreen
					{session}
					{green}
					{scale}
					description={bench.tasks.map((task) => drawingWords(task, say)).join(' ')}
				>
					{#each bench.tasks as state, i (i)}
						<BallMarks
							balls={state.balls}
							wild={state.wild}
							landing={session.rules.mark === 'flag' ? null : state.landing}
							finish={rolls ? (state.group?.finish ?? null) : null}
							{scale}
						/>
					{/each}
					<ClubNames {names} balls={spots} {scale} />
				</PracticeGreen>
			</Later>
		</div>
		<p class="hint">
			Red: landed, with the ellipse that holds eight of ten. White: ended. A cross is a wild ball,
			kept and left out.
		</p>
		<div class="flex flex-wrap gap-2">
			<button
				type="button"
				class="btn"
				onclick={() => drawing && savePicture(drawing, `${fileName}.svg`, 'svg')}
				><Download size={18} aria-hidden="true" /> SVG</button
			>
			<button
				type="button"
				class="btn"
				onclick={() =>
					void attempt(async () => {
						if (drawing) await savePicture(drawing, `${fileName}.png`, 'png');
					})}><Download size={18} aria-hidden="true" /> PNG</button
			>
			<button
				type="button"
				class="btn"
				onclick={() =>
					download(`${fileName}.csv`, formatBalls(bench.balls, playing.files), 'text/csv')}
				><Download size={18} aria-hidden="true" /> Balls (CSV)</button
			>
			<button
				type="button"
				class="btn"
				onclick={() =>
					void attempt(async () => {
						await bench.flush();
						await handOver(`${fileName}.json`, await sessionFile(session.id));
					})}
				><Share2 size={18} aria-hidden="true" />
				{canShareFiles() ? 'Share the session' : 'The session (JSON)'}</button
			>
		</div>
	</div>
	<div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-5">
		{#if session.turns.length > 1}
			<div class="flex flex-wrap gap-1" role="group" aria-label="Whose balls">
				{#each session.turns as turn, i (turn.pupilId)}
					<button
						type="button"
						class="btn"
						aria-pressed={bench.turnAt === i}
						onclick={() => (bench.turnAt = i)}>{playing.of(turn.pupilId).pupil.name}</button
					>
				{/each}
			</div>
		{/if}
		<div class="grid gap-1">
			<p class="text-lg font-bold">{scoreWords(bench.score, session.rules, playing.say)}</p>
			{#if gaps}<p>{gaps}</p>{/if}
		</div>
		<div class="max-w-full overflow-x-auto">
			<TaskTable
				tasks={bench.tasks}
				{file}
				at={null}
				measure={session.rules.measure}
				hit={(ball) => isHit(session, ball)}
				asked={(task) => bench.asked(task)}
			/>
		</div>
		<section class="grid gap-2" aria-labelledby="changes">
			<h2 id="changes" class="ruled-heading">
				What it changes in {file.pupil.name === YOU ? 'your bag' : `the bag of ${file.pupil.name}`}
			</h2>
			{#if assumed.length > 0}
				<p>
					These balls were aimed at a mark with whatever swing it took: by themselves they say
					nothing of what a swing carries. If all of a club were made with one swing, say which:
				</p>
				<div class="field-grid">
					{#each assumed as at (at)}
						{@const { task } = bench.tasks[at]!}
						<ChoiceField
							label={`Swing of the ${clubName(file.clubs, task.clubId)}`}
							value=""
							options={swings}
							onchange={(swing) => swing && bench.saySwing(at, swing)}
						/>
					{/each}
				</div>
			{/if}
			{#if changes.length === 0}
				{#if assumed.length === 0}
					<p>
						No ball of this session says what a swing carries: they were not seen to land, were
						wild, or flew another path.
					</p>
				{/if}
			{:else}
				<table class="table-sm table w-full">
					<thead>
						<tr>
							<th scope="col">Swing, {style.symbol}</th>
							<th scope="col">Before</th>
							<th scope="col">After</th>
						</tr>
					</thead>
					<tbody>
						{#each changes as change (keyOfChange(change))}
							{@const key = keyOfChange(change)}
							<tr>
								<th scope="row">
									<label class="flex min-h-11 items-center gap-3">
										<input
											class="checkbox"
											type="checkbox"
											checked={taken(key)}
											onchange={() =>
												(left = taken(key) ? [...left, key] : left.filter((one) => one !== key))}
										/>
										<span
											><b>{clubName(file.clubs, change.club)}</b>
											{taskWords(
												{ ...change, shape: 'straight' },
												file.pupil.vocabulary
											)}{change.counts ? ' · counts' : ''}</span
										>
									</label>
								</th>
								<td class="figure">{cellWords(change.before)}</td>
								<td class="figure">{cellWords(change.after)}</td>
							</tr>
						{/each}
					</tbody>
				</table>
				<div class="flex flex-wrap gap-2">
					<button
						type="button"
						class="btn btn-neutral"
						onclick={() => void settle(taken, 'The ticked swings count in the bag now.')}
						>{counting ? 'Count the ticked ones' : 'Take them into the bag'}</button
					>
					<button
						type="button"
						class="btn"
						onclick={() => void settle(() => false, 'The bag is as it was; the balls are kept.')}
						>Leave the bag as it is</button
					>
				</div>
				<p class="hint">
					± holds the carry nine times in ten. The balls stay either way; this can be changed at any
					time.
				</p>
				{#if settled}<CallChangesList {...settled} />{/if}
			{/if}
		</section>
		<button
			type="button"
			class="btn justify-self-start"
			onclick={() => bench.change((one) => (one.endedAt = null))}>Go on with it</button
		>
	</div>
</div>
