<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { SWING_MARKS } from '$lib/core/player/swingLength';
	import type { BallColumns, BallField, FileUnit } from '$lib/io/files/ballColumns';
	import { guessColumns, signatureOf } from '$lib/io/files/ballHeadings';
	import { readBallRows, readBallTable } from '$lib/io/files/ballsImport';
	import type { CsvTable } from '$lib/io/files/csvTable';
	import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
	import { textOf } from '$lib/io/files/gzip';
	import { plainGround } from '$lib/io/practice/practiceSetup';
	import { markWords } from '$lib/io/words/swing';
	import { newId } from '$lib/store/base/newId';
	import { addSession } from '$lib/store/shelves/practice';
	import { readBallColumns, writeBallColumns } from '$lib/store/shelves/settings';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import FileButton from '$lib/ui/files/FileButton.svelte';
	import { shortDayWords } from '$lib/ui/format/dates';
	import { formatFigure } from '$lib/ui/format/lengths';
	import { attempt } from '$lib/ui/shell/attempt';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { clubName } from './practiceWords';
	import { tasksFrom } from './importedSession';

	const MOST_BYTES = 16 * 1024 * 1024;
	const MOST_SHOWN = 6;
	const NONE = '';
	/** The fields a person is asked about; the rest is matched only in files this app wrote. */
	const ASKED: readonly { field: BallField; label: string }[] = [
		{ field: 'club', label: 'Club' },
		{ field: 'carry', label: 'Carry' },
		{ field: 'side', label: 'Side of the landing (right +)' },
		{ field: 'stopped', label: 'Total, where it stopped' },
		{ field: 'roll', label: 'Roll' },
		{ field: 'swing', label: 'Length of swing' },
		{ field: 'at', label: 'When' },
		{ field: 'tags', label: 'Strike' }
	];
	const UNITS: readonly { value: FileUnit; label: string }[] = [
		{ value: 'metres', label: 'Metres' },
		{ value: 'yards', label: 'Yards' },
		{ value: 'feet', label: 'Feet' }
	];

	const DATES = [
		{ value: 'day', label: 'the day' },
		{ value: 'month', label: 'the month' }
	] as const;

	let open = $state(false);
	let name = $state('');
	let table = $state.raw<CsvTable | null>(null);
	let matched = $state.raw<BallColumns>({ columns: {}, unit: 'metres' });
	let swing = $state('');
	let problem = $state('');
	const sessionId = $derived(table ? newId() : '');

	const file = $derived(playing.file);
	const marks = $derived(
		SWING_MARKS[file.pupil.vocabulary].map((mark) => ({
			value: mark.name,
			label: markWords(mark.name, file.pupil.vocabulary)
		}))
	);
	const headings = $derived([
		{ value: NONE, label: 'not in the file' },
		...(table?.headings ?? []).map((heading) => ({ value: heading, label: heading }))
	]);
	const read = $derived(
		table &&
			readBallRows(table, matched, {
				file,
				sessionId,
				swing: swing || marks[Math.floor(marks.length / 2)]!.value,
				now: new Date().toISOString(),
				idOf: (row) => `${sessionId}-${row + 1}`
			})
	);

	const take = (text: string, from: string) =>
		attempt(async () => {
			// Whatever was open is of another file.
			open = false;
			table = null;
			swing = '';
			const found = readBallTable(text);
			problem = 'problem' in found ? `${from}: ${found.problem} Nothing was read.` : '';
			if ('problem' in found) return;
			name = from;
			matched =
				(await readBallColumns(signatureOf(found.table.headings))) ??
				guessColumns(found.table.headings);
			table = found.table;
			open = true;
		});

	function match(field: BallField, heading: string) {
		const columns = { ...matched.columns };
		if (heading === NONE) delete columns[field];
		else columns[field] = heading;
		matched = { ...matched, columns };
	}

	const keep = () =>
		attempt(async () => {
			if (!table || !read || read.balls.length === 0) return;
			const { rules } = SHIPPED_DRILLS.find(({ id }) => id === 'swing-matrix')!;
			const at = new Date().toISOString();
			const balls = [...read.balls].sort((a, b) => a.at.localeCompare(b.at));
			const undo = await addSession(
				{
					id: sessionId,
					drillId: 'swing-matrix',
					name: `From ${name}`.slice(0, 60),
					rules: structuredClone(rules),
					startedAt: balls[0]!.at,
					endedAt: at,
					ground: plainGround(),
					mark: Math.max(1, ...balls.map(({ carry }) => carry)),
					turns: [{ pupilId: file.pupil.id, tasks: tasksFrom(balls) }],
					seed: 1,
					homeworkId: null,
					notes: ''
				},
				balls
			);
			await writeBallColumns(signatureOf(table.headings), matched);
			const id = sessionId;
			open = false;
			table = null;
			tell(`${soMany(balls.length, 'ball')} read from ${name}.`, {
				label: 'Undo',
				run: () => void attempt(undo)
			});
			await goto(resolve('/practice/[id]', { id }));
		});
</script>

<FileButton
	label="Read balls from a file (CSV)"
	accept=".csv,.txt,text/csv"
	mostBytes={MOST_BYTES}
	onfile={async (file) => take(await textOf(file, MOST_BYTES), file.name)}
	onproblem={(message) => (problem = message)}
/>
{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
{#if table && read}
	<SheetDialog
		bind:open
		title={name}
		description={`${soMany(table.rows.length, 'row')}. Say which column holds what; nothing is written before you say so.`}
	>
		<div class="field-grid">
			{#each ASKED as { field, label } (field)}
				<ChoiceField
					{label}
					value={matched.columns[field] ?? NONE}
					options={headings}
					onchange={(heading) => match(field, heading)}
				/>
			{/each}
			<ChoiceField
				label="Lengths are in, where no heading says"
				value={matched.unit}
				options={UNITS}
				onchange={(unit) => (matched = { ...matched, unit })}
			/>
			{#if read.dates}
				<ChoiceField
					label={`Dates, as ${read.dates.example.slice(0, 16)}, begin with`}
					value={read.dates.order}
					options={DATES}
					onchange={(dates) => (matched = { ...matched, dates })}
				/>
			{/if}
			{#if !matched.columns.swing}
				<ChoiceField
					label="All with the swing"
					value={swing || marks[Math.floor(marks.length / 2)]!.value}
					options={marks}
					onchange={(value) => (swing = value)}
				/>
			{/if}
		</div>
		<h3 class="ruled-heading mt-4" role="status">
			As it will be read: {soMany(read.balls.length, 'ball')}
		</h3>
		{#if read.balls.length > 0}
			<table class="table-sm table w-full">
				<thead>
					<tr>
						<th scope="col">When</th>
						<th scope="col">Club</th>
						<th scope="col">Swing</th>
						<th scope="col">Carry, {playing.style.symbol}</th>
						<th scope="col">Total</th>
					</tr>
				</thead>
				<tbody>
					{#each read.balls.slice(0, MOST_SHOWN) as ball (ball.id)}
						<tr>
							<td>{shortDayWords(ball.at)}</td>
							<th scope="row">{clubName(file.clubs, ball.clubId)}</th>
							<td>{markWords(ball.swing, file.pupil.vocabulary)}</td>
							<td class="figure">{formatFigure(ball.carry, playing.style)}</td>
							<td class="figure"
								>{ball.finished ? formatFigure(ball.finished[0], playing.style) : '–'}</td
							>
						</tr>
					{/each}
				</tbody>
			</table>
			{#if read.balls.length > MOST_SHOWN}
				<p class="hint">and {read.balls.length - MOST_SHOWN} more</p>
			{/if}
		{/if}
		{#if read.bad.length > 0}
			<div class="mt-2">
				<p class="problem">
					{read.bad.length}
					{read.bad.length === 1 ? 'row is' : 'rows are'} left out:
				</p>
				<ul class="hint pl-4 [list-style:square]">
					{#each read.bad.slice(0, MOST_SHOWN) as row (row.line)}
						<li>line {row.line}: {row.reason}</li>
					{/each}
					{#if read.bad.length > MOST_SHOWN}<li>and {read.bad.length - MOST_SHOWN} more</li>{/if}
				</ul>
			</div>
		{/if}
		<div class="mt-4">
			<button
				type="button"
				class="btn btn-neutral"
				disabled={read.balls.length === 0}
				onclick={() => void keep()}>Take {soMany(read.balls.length, 'ball')} in</button
			>
		</div>
	</SheetDialog>
{/if}
