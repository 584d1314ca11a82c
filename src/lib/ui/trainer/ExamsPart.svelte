<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { LETTERS } from '$lib/io/fields/ranges';
	import Download from '@lucide/svelte/icons/download';
	import Trash2 from '@lucide/svelte/icons/trash-2';
	import {
		EXAM_LEVELS,
		leftOf,
		madeItems,
		ownItems,
		resultsOf,
		type Exam
	} from '$lib/io/trainer/exam';
	import { MOST_ARCHIVE_BYTES } from '$lib/io/archive/archive';
	import { textOf } from '$lib/io/files/gzip';
	import type { Read } from '$lib/io/trainer/read';
	import { classWords } from '$lib/io/trainer/words';
	import type { SavedShot } from '$lib/io/work/shot';
	import { newId } from '$lib/store/base/newId';
	import { examFile, takeExam } from '$lib/store/files/exam';
	import { keepExam, removeExam } from '$lib/store/shelves/reads';
	import ChoiceField from '$lib/ui/controls/ChoiceField.svelte';
	import FreeText from '$lib/ui/controls/FreeText.svelte';
	import { download, fileNameOf } from '$lib/ui/files/download';
	import FileButton from '$lib/ui/files/FileButton.svelte';
	import { attempt, removeWithUndo } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { newSeed } from './newSeed';

	interface Props {
		exams: readonly Exam[];
		/** What everybody read. */
		reads: readonly Read[];
		saved: readonly SavedShot[];
		ontake: (exam: Exam) => void;
	}
	const { exams, reads, saved, ontake }: Props = $props();

	const COUNTS = [5, 10, 15, 20].map((count) => ({
		value: String(count),
		label: `${count} shots`
	}));
	const MINUTES = [5, 10, 15, 30].map((of) => ({ value: String(of), label: `${of} minutes` }));
	const OWN = 'own';
	const LEVELS = [
		...Object.entries(EXAM_LEVELS).map(([value, { name }]) => ({ value, label: name })),
		{ value: OWN, label: 'Your saved shots' }
	];
	let name = $state('');
	let count = $state('10');
	let minutes = $state('15');
	let level = $state('mixed');
	let chosen = $state<string[]>([]);
	let problems = $state<string[]>([]);
	const nameOf = (id: string) =>
		playing.files.find(({ pupil }) => pupil.id === id)?.pupil.name ?? 'somebody who is gone';

	const set = () =>
		attempt(async () => {
			const asked = Number(count);
			const items =
				level === OWN
					? ownItems(saved, asked)
					: madeItems(asked, EXAM_LEVELS[level]?.levels ?? [3], newSeed());
			problems = [
				...(chosen.length === 0 ? ['Choose for whom it is.'] : []),
				...(items.length === 0 ? ['No shot is saved yet: take made-up ones.'] : [])
			];
			if (problems.length > 0) return;
			const exam: Exam = {
				id: newId(),
				name: name.trim() || soMany(items.length, 'shot'),
				pupilIds: [...chosen],
				setAt: new Date(Date.now()).toISOString(),
				minutes: Number(minutes),
				items
			};
			const undo = await keepExam(exam);
			tell(`“${exam.name}” is set.`, { label: 'Undo', run: () => void attempt(undo) });
			name = '';
		});
	const open = (text: string, file: string) =>
		attempt(async () => {
			const taken = await takeExam(text);
			problems =
				'problems' in taken
					? [`${file} was not taken in, and nothing was changed.`, ...taken.problems]
					: [];
			if ('problems' in taken) return;
			tell(
				taken.answers > 0
					? `“${taken.exam.name}” came back with ${taken.answers} answers.`
					: `“${taken.exam.name}” is here: take it below.`
			);
		});
	const save = (exam: Exam) =>
		attempt(async () =>
			download(`exam-${fileNameOf(exam.name)}.json`, await examFile(exam), 'application/json')
		);
	const left = (exam: Exam) => leftOf(exam, reads, playing.file.pupil.id).length;
</script>

<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-label="Exams">
	{#each problems as problem (problem)}<p class="problem" role="alert">{problem}</p>{/each}
	{#if exams.length === 0}
		<p>No exam is set. Set one below, or open the file of one.</p>
	{/if}
	{#each exams as exam (exam.id)}
		<article class="grid gap-1 border-b border-(--rule) pb-3" aria-label={exam.name}>
			<h2 class="text-xl font-bold wrap-anywhere">{exam.name}</h2>
			<p>{soMany(exam.items.length, 'shot')}, {soMany(exam.minutes, 'minute')}.</p>
			<ul>
				{#each resultsOf(exam, reads) as { pupilId, answered, loss, records } (pupilId)}
					<li class="wrap-anywhere">
						<b>{nameOf(pupilId)}</b>:
						{#if answered === 0}not begun{:else}{answered} of {exam.items.length}, {loss.toFixed(2)} strokes
							lost a shot; {classWords(records, answered)}{/if}
					</li>
				{/each}
			</ul>
			<div class="flex flex-wrap gap-2">
				<button
					type="button"
					class="btn btn-neutral"
					disabled={left(exam) === 0}
					onclick={() => ontake(exam)}
					>{left(exam) === 0
						? `${playing.file.pupil.name} has answered all`
						: `Take it as ${playing.file.pupil.name}`}</button
				>
				<button type="button" class="btn" onclick={() => void save(exam)}
					><Download size={18} aria-hidden="true" /> File</button
				>
				<button
					type="button"
					class="btn btn-ghost btn-square"
					aria-label={`Remove ${exam.name}`}
					onclick={() =>
						void removeWithUndo(`Removed the exam “${exam.name}”. Answers are kept.`, () =>
							removeExam(exam.id)
						)}><Trash2 size={20} aria-hidden="true" /></button
				>
			</div>
		</article>
	{/each}
	<div>
		<FileButton
			label="Open the file of an exam"
			accept=".json,application/json,.gz"
			mostBytes={MOST_ARCHIVE_BYTES}
			onfile={async (file) => open(await textOf(file, MOST_ARCHIVE_BYTES), file.name)}
			onproblem={(message) => (problems = [message])}
		/>
	</div>
	<fieldset class="grid gap-2">
		<legend class="ruled-heading mb-2 w-full">Set an exam</legend>
		<div class="grid gap-2 md:grid-cols-4">
			<FreeText
				label="Its name"
				value={name}
				most={LETTERS.name}
				onchange={(text) => (name = text)}
			/>
			<ChoiceField
				label="How many"
				value={count}
				options={COUNTS}
				onchange={(of) => (count = of)}
			/>
			<ChoiceField
				label="How hard"
				value={level}
				options={LEVELS}
				onchange={(of) => (level = of)}
			/>
			<ChoiceField
				label="Time"
				value={minutes}
				options={MINUTES}
				onchange={(of) => (minutes = of)}
			/>
		</div>
		<div class="flex flex-wrap gap-x-4 gap-y-1" role="group" aria-label="For whom">
			{#each playing.files as { pupil } (pupil.id)}
				<label class="flex min-h-11 items-center gap-2">
					<input class="checkbox" type="checkbox" value={pupil.id} bind:group={chosen} />
					{pupil.name}
				</label>
			{/each}
		</div>
		<div>
			<button type="button" class="btn btn-neutral" onclick={() => void set()}>Set it</button>
		</div>
		<p class="hint">
			Everybody gets the same shots, with their own clubs and misses. The file goes to the pupil and
			comes back with the answers, as homework does.
		</p>
	</fieldset>
</section>
