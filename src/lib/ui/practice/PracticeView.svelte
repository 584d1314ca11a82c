<script lang="ts">
	import Shown from '$lib/ui/shell/Shown.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import { dayWords, monthWords } from '$lib/ui/format/dates';
	import { bySession, hitsOf, type Session } from '$lib/io/practice/session';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import { resolve } from '$app/paths';
	import { SHIPPED_DRILLS, type DrillDraft } from '$lib/io/practice/drill';
	import { FORMAT_WORDS, MEASURE_WORDS } from '$lib/io/words/drill';
	import type { PracticeBook } from '$lib/store/shelves/practice';
	import { removeSession } from '$lib/store/shelves/practice';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { removeWithUndo } from '$lib/ui/shell/attempt';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { formatBalls } from '$lib/io/files/ballsCsv';
	import { whose } from '$lib/io/words/whose';
	import { download, fileNameOf } from '$lib/ui/files/download';
	import Download from '@lucide/svelte/icons/download';
	import BallsImport from './BallsImport.svelte';
	import DrillPicture from '$lib/ui/practice/drill/DrillPicture.svelte';
	import HomeworkPanel from '$lib/ui/practice/homework/HomeworkPanel.svelte';

	interface Props {
		book: PracticeBook;
	}
	const { book }: Props = $props();

	const TABS = [
		{ id: 'drills', label: 'Drills' },
		{ id: 'sessions', label: 'Sessions' },
		{ id: 'homework', label: 'Homework' }
	] as const;
	let tab = $state<(typeof TABS)[number]['id']>('drills');
	let everybody = $state(false);

	const drills = $derived<readonly DrillDraft[]>([...book.drills, ...SHIPPED_DRILLS]);
	const pupil = $derived(playing.file.pupil);
	const own = $derived(
		book.sessions.filter(
			({ turns }) => everybody || turns.some(({ pupilId }) => pupilId === pupil.id)
		)
	);
	const monthOf = ({ startedAt }: Session) => monthWords(startedAt);
	const months = $derived([...new Set(own.map(monthOf))]);
	const drillNames = $derived([...new Set(own.map(({ name }) => name))].sort());
	let month = $state('');
	let drillName = $state('');
	const sessions = $derived(
		own.filter(
			(session) =>
				(month === '' || monthOf(session) === month) &&
				(drillName === '' || session.name === drillName)
		)
	);
	const choices = (all: string, names: readonly string[]) => [
		{ value: '', label: all },
		...names.map((name) => ({ value: name, label: name }))
	];
	const byMonth = $derived(
		[...new Set(sessions.map(monthOf))].map((name) => ({
			name,
			sessions: sessions.filter((session) => monthOf(session) === name)
		}))
	);
	/** Balls by the session they are of. */
	const balls = $derived(bySession(playing.files.flatMap((file) => file.balls)));
	const open = $derived(
		book.sessions.find(
			({ endedAt, turns }) => endedAt === null && turns.some(({ pupilId }) => pupilId === pupil.id)
		)
	);
	const isAwaited = ({ turns }: Session) => turns.some(({ pupilId }) => playing.isAwaited(pupilId));
	const ballsOf = (id: string) => balls.get(id) ?? [];
	const countingOf = (id: string) => ballsOf(id).some(({ counts }) => counts);
	const scoreOf = (session: Session) => {
		if (isAwaited(session)) return '…';
		const own = ballsOf(session.id).filter(({ pupilId }) => everybody || pupilId === pupil.id);
		const { hits, of } = hitsOf(session, own);
		return of > 0 ? `${hits} of ${of}` : '–';
	};
	const practised = $derived(
		playing.files
			.filter((file) => everybody || file.pupil.id === pupil.id)
			.flatMap(({ balls }) => balls)
	);
	const names = (turns: readonly { pupilId: string }[]) =>
		turns.map(({ pupilId }) => playing.of(pupilId).pupil.name).join(', ');
</script>

<section class="mx-auto grid max-w-6xl gap-4 p-4">
	<div class="flex flex-wrap items-end justify-between gap-3">
		<ViewHeading text={whose(pupil.name, 'practice')} />
		<div class="flex flex-wrap gap-2">
			{#if open}
				<a class="btn btn-neutral" href={resolve('/practice/[id]', { id: open.id })}
					>Go on: {open.name}</a
				>
			{/if}
			<a class="btn" href={resolve('/practice/trainer')}>Read a shot, without a ball</a>
		</div>
	</div>
	<div class="max-w-md">
		<TabBar
			label="Practice"
			tabs={TABS}
			active={tab}
			panel="practice"
			onselect={(id) => (tab = id)}
		/>
	</div>
	<div id="practice" role="tabpanel" aria-labelledby={`practice-tab-${tab}`}>
		{#if tab === 'drills'}
			<ul class="grid gap-x-8 md:grid-cols-2" {@attach rowFocus}>
				{#each drills as drill (drill.id)}
					<Shown what={drill.name}>
						<li class="border-b border-(--rule)">
							<a
								class="grid grid-cols-[112px_minmax(0,1fr)] items-center gap-5 py-3"
								href={resolve('/practice/drill/[id]', { id: drill.id })}
							>
								<DrillPicture rules={drill.rules} width={112} />
								<span class="min-w-0">
									<span
										class="block text-lg font-extrabold wrap-anywhere underline decoration-(--rule)"
										>{drill.name}</span
									>
									<span class="block">{drill.purpose}</span>
									<span class="hint block"
										>{FORMAT_WORDS[drill.rules.format].name} · {MEASURE_WORDS[
											drill.rules.measure
										]}</span
									>
								</span>
							</a>
						</li>
					</Shown>
				{/each}
			</ul>
		{:else if tab === 'sessions'}
			<div class="mb-3 flex flex-wrap items-center gap-4">
				<BallsImport />
				<button
					type="button"
					class="btn"
					disabled={practised.length === 0 || (everybody && !playing.whole)}
					onclick={() =>
						download(
							`balls-${fileNameOf(pupil.name)}.csv`,
							formatBalls(practised, playing.files),
							'text/csv'
						)}><Download size={18} aria-hidden="true" /> All balls (CSV)</button
				>
				<label class="flex min-h-11 items-center gap-2">
					<input class="checkbox" type="checkbox" bind:checked={everybody} /> Of everybody
				</label>
			</div>
			{#if own.length > 1}
				<div class="mb-3 grid max-w-xl grid-cols-2 gap-4">
					<ChoiceField
						label="Month"
						value={months.includes(month) ? month : ''}
						options={choices('Every month', months)}
						onchange={(value) => (month = value)}
					/>
					<ChoiceField
						label="Drill"
						value={drillNames.includes(drillName) ? drillName : ''}
						options={choices('Every drill', drillNames)}
						onchange={(value) => (drillName = value)}
					/>
				</div>
			{/if}
			{#if own.length > 0 && sessions.length === 0}
				<p>No session is like that.</p>
			{:else if sessions.length === 0}
				<p>
					No session yet. Pick a drill, lay out the box, and touch the drawing where each ball lands
					and stops.
				</p>
			{:else}
				<table class="table border-t-2 border-(--ink)">
					<thead>
						<tr>
							<th scope="col">When</th>
							<th scope="col">What</th>
							<th scope="col" class="max-md:hidden">Where</th>
							<th scope="col" class="text-right">As meant</th>
							<th scope="col" class="max-md:hidden">In the bag</th>
							<th><span class="sr-only">Remove</span></th>
						</tr>
					</thead>
					<tbody {@attach rowFocus}>
						{#each byMonth as group (group.name)}
							<tr class="bg-(--shade)">
								<th scope="colgroup" colspan="6" class="py-1 text-left font-bold">{group.name}</th>
							</tr>
							{#each group.sessions as session (session.id)}
								<Shown what={session.name} columns={6}>
									<tr>
										<td class="whitespace-nowrap">{dayWords(session.startedAt)}</td>
										<th scope="row">
											<a
												class="text-lg font-bold wrap-anywhere underline decoration-(--rule)"
												href={resolve('/practice/[id]', { id: session.id })}>{session.name}</a
											>
											{#if everybody || session.turns.length > 1 || session.endedAt === null}
												<p class="hint">
													{names(session.turns)}{session.endedAt === null ? ' · goes on' : ''}
												</p>
											{/if}
										</th>
										<td class="max-md:hidden">{session.ground.name || 'A plain line'}</td>
										<td class="figure text-right whitespace-nowrap">{scoreOf(session)}</td>
										<td class="max-md:hidden"
											>{isAwaited(session)
												? '…'
												: countingOf(session.id)
													? 'counts'
													: 'not yet'}</td
										>
										<td class="text-right">
											<button
												type="button"
												class="btn btn-ghost btn-square"
												aria-label={`Remove ${session.name} of ${dayWords(session.startedAt)}`}
												onclick={() =>
													void removeWithUndo(`Removed “${session.name}” with its balls.`, () =>
														removeSession(session.id)
													)}
											>
												<Trash2 size={20} aria-hidden="true" />
											</button>
										</td>
									</tr>
								</Shown>
							{/each}
						{/each}
					</tbody>
				</table>
			{/if}
		{:else}
			<HomeworkPanel {book} />
		{/if}
		{#if book.broken.length > 0}
			<p class="problem">
				{book.broken.length}
				{book.broken.length === 1 ? 'row' : 'rows'} of practice cannot be read. They are kept:
				<a class="underline" href={resolve('/data')}>see Data</a>.
			</p>
		{/if}
	</div>
</section>
