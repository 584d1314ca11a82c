<script lang="ts">
	import { wantsAnotherDay, type CarryCell } from '$lib/core/player/carryTable';
	import { SWING_MARKS } from '$lib/core/player/swingLength';
	import { cellKeyOfBall, changesOf, keyOfChange } from '$lib/io/practice/cellChanges';
	import { inTable, type PupilFile } from '$lib/io/work/pupil';
	import { markWords } from '$lib/io/words/swing';
	import { YOU } from '$lib/io/words/whose';
	import { settleSession } from '$lib/store/shelves/practice';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { formatFigure } from '$lib/ui/format/lengths';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { SessionBench } from '$lib/ui/practice/state/sessionBench.svelte';
	import CallChangesList from './CallChangesList.svelte';
	import { clubName, taskWords } from '$lib/ui/practice/practiceWords';

	interface Props {
		bench: SessionBench;
		/** Whose turn is looked at. */
		file: PupilFile;
	}
	const { bench, file }: Props = $props();

	/** The pupil before and after what was last taken in; null where nothing was. */
	let settled = $state.raw<{ before: PupilFile; after: PupilFile } | null>(null);
	/** Cells that were unticked; all others are taken. */
	let left = $state.raw<readonly string[]>([]);

	const session = $derived(bench.session);
	const style = $derived(playing.style);
	const changes = $derived(changesOf(withBalls(file), bench.own));
	/** Tasks that asked for no swing and whose balls would tell of one if it were said: it can be said, said otherwise, and taken back. */
	const open = $derived(
		bench.tasks.flatMap(({ task, balls }, at) => {
			const free = balls.filter(
				(ball) =>
					ball.swingFrom !== 'prescribed' && inTable({ ...ball, counts: true, swingFrom: 'noted' })
			);
			const said = free.every(({ swingFrom }) => swingFrom === 'noted');
			return free.length > 0 ? [{ at, club: task.clubId, swing: said ? task.swing : '' }] : [];
		})
	);
	const swings = $derived([
		{ value: '', label: 'not one swing' },
		...SWING_MARKS[file.pupil.vocabulary].map(({ name }) => ({
			value: name,
			label: markWords(name, file.pupil.vocabulary)
		}))
	]);
	const counting = $derived(bench.own.some(({ counts }) => counts));

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

<section class="grid gap-2" aria-labelledby="changes">
	<h2 id="changes" class="ruled-heading">
		What it changes in {file.pupil.name === YOU ? 'your bag' : `the bag of ${file.pupil.name}`}
	</h2>
	{#if open.length > 0}
		<p>
			These balls were aimed at a mark with whatever swing it took: by themselves they say nothing
			of what a swing carries. If all of a club were made with one swing, say which:
		</p>
		<div class="field-grid">
			{#each open as { at, club, swing } (at)}
				<ChoiceField
					label={`Swing of the ${clubName(file.clubs, club)}`}
					value={swing}
					options={swings}
					onchange={(said) => bench.saySwing(at, said || null)}
				/>
			{/each}
		</div>
	{/if}
	{#if changes.length === 0}
		{#if open.length === 0}
			<p>
				No ball of this session says what a swing carries: they were not seen to land, were wild, or
				flew another path.
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
									{taskWords({ ...change, shape: 'straight' }, file.pupil.vocabulary)}{change.counts
										? ' · counts'
										: ''}</span
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
			± holds the carry nine times in ten, on other days too{changes.some(
				({ after }) => after && wantsAnotherDay(after)
			)
				? ': another day narrows it more than more balls today'
				: ''}. The balls stay either way; this can be changed at any time.
		</p>
		{#if settled}<CallChangesList {...settled} />{/if}
	{/if}
</section>
