<script lang="ts">
	import type { Correction } from '$lib/core/log/corrections';
	import { correctedFile, ofPlayer, uncorrectedFile } from '$lib/io/log/corrected';
	import {
		calibrationWords,
		correctionWords,
		findingWords,
		restsOnWords,
		scoreWords,
		type LogSay
	} from '$lib/io/log/words';
	import { carriesOf, type PupilFile } from '$lib/io/work/pupil';
	import { whom, whose } from '$lib/io/words/whose';
	import type { GreenBook } from '$lib/store/shelves/greens';
	import { keepPupilFile } from '$lib/store/shelves/pupils';
	import CallChangesList from '$lib/ui/practice/session/CallChangesList.svelte';
	import { dayWords } from '$lib/ui/format/dates';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import Later from '$lib/ui/controls/Later.svelte';
	import GreenCorrection from './GreenCorrection.svelte';
	import RingChart from './RingChart.svelte';
	import type { LogStudy } from './state/logStudy.svelte';

	interface Props {
		study: LogStudy;
		/** Of everything that the pupil played. */
		whole: LogStudy;
		/** Whether results or strikes are picked, which judges nothing. */
		picks: boolean;
		/** The pupil whose shots these are; null where they are of several. */
		file: PupilFile | null;
		say: LogSay;
		books: readonly GreenBook[];
		/** Shots that are held against no forecast. */
		unscored: number;
	}
	const { study, whole, picks, file, say, books, unscored }: Props = $props();

	const MOST_LISTED = 12;
	const holds = $derived(study.findings.filter((finding) => finding.holds));
	const others = $derived(study.findings.filter((finding) => !finding.holds));
	const found = $derived(file ? whole.corrections(file) : null);
	const own = $derived(found ? ofPlayer(found.corrections) : []);
	type OfGreen = Extract<Correction, { what: 'speed' }>;
	const greens = $derived(
		(found?.corrections ?? []).filter((one): one is OfGreen => one.what === 'speed')
	);
	let compared = $state.raw<{ before: PupilFile; after: PupilFile } | null>(null);
	const corrected = $derived(file?.pupil.corrected);
	/** Shown before it is done: how saved shots would be called. */
	const compare = () => {
		if (file && found)
			compared = {
				before: file,
				after: correctedFile(file, own, found.scored, new Date())
			};
	};

	async function change(after: PupilFile, words: string) {
		const before = file;
		if (!before) return;
		const kept = await attempt(() => keepPupilFile(before, after));
		if (!kept) return;
		compared = null;
		tell(words, {
			label: 'Undo',
			run: () => void attempt(() => keepPupilFile(after, before))
		});
	}
	const correct = () => {
		if (file && found)
			void change(
				correctedFile(file, own, found.scored, new Date()),
				`Corrected: plans for ${whom(file.pupil.name)} go by it from now on.`
			);
	};
	const takeBack = () => {
		if (file) void change(uncorrectedFile(file, new Date()), 'Taken back: planned as before.');
	};
</script>

<div class="grid gap-6">
	<section class="grid gap-2 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] lg:gap-8">
		<div class="grid content-start gap-2">
			<h2 class="text-lg font-bold">Was the forecast honest?</h2>
			{#if picks}
				<p class="hint">
					Result and strike are left aside here: whoever picks results picks the verdict.
				</p>
			{/if}
			<p>{calibrationWords(study.calibration)}</p>
			<p>{scoreWords(study.skill, say)}</p>
			{#if holds.length > 0}
				<h3 class="mt-2 font-bold">What is off</h3>
				<ul class="list-disc pl-5">
					{#each holds as finding (finding.grouping + finding.group + finding.direction)}
						<li>{findingWords(finding, say)}</li>
					{/each}
				</ul>
			{:else if study.findings.length > 0}
				<p>
					Nothing is off by more than luck does: {study.findings.length} directions and groups were looked
					at.
				</p>
			{/if}
			<p class="hint">
				± holds nine times in ten. Who looks {study.findings.length || 'many'} times finds something by
				luck: only what holds after Holm’s correction (1979) is told.
				{#if unscored > 0}
					{unscored}
					{unscored === 1 ? 'shot is' : 'shots are'} held against no forecast: played otherwise than planned,
					from another lie, or nobody saw where it stopped.
				{/if}
			</p>
			{#if others.length > 0}
				<details>
					<summary class="cursor-pointer py-2 font-semibold">What luck may explain</summary>
					<ul class="list-disc pl-5 text-(--faint)">
						{#each others.slice(0, MOST_LISTED) as finding (finding.grouping + finding.group + finding.direction)}
							<li>{findingWords(finding, say)}</li>
						{/each}
					</ul>
				</details>
			{/if}
		</div>
		{#if study.calibration.n > 0}<RingChart calibration={study.calibration} />{/if}
	</section>
	<Later>
		<section class="grid gap-2" aria-labelledby="correct">
			<h2 id="correct" class="text-lg font-bold">Corrections</h2>
			{#if !file}
				<p class="hint">
					Choose one pupil above: what is presumed of a player is corrected one by one.
				</p>
			{:else}
				<p>{restsOnWords(file, carriesOf(file).length)}</p>
				{#if corrected?.before}
					<p>
						{whose(file.pupil.name, 'plans')} are corrected since {dayWords(corrected.at)}. Only
						forecasts made since are looked at here.
						<button type="button" class="btn" onclick={takeBack}>Take it back</button>
					</p>
				{/if}
				{#if own.length > 0}
					<ul class="list-disc pl-5">
						{#each own as correction (correction.what + ('lie' in correction ? correction.lie : ''))}
							<li>{correctionWords(correction, say)}</li>
						{/each}
					</ul>
					<div class="flex flex-wrap gap-2">
						<button type="button" class="btn btn-neutral" onclick={correct}
							>Correct the plans</button
						>
						<button type="button" class="btn" onclick={compare}>What would change</button>
					</div>
					{#if compared}<CallChangesList {...compared} />{/if}
				{/if}
				{#each greens as correction (correction.green + correction.day)}
					<GreenCorrection
						{correction}
						words={correctionWords(correction, say)}
						book={books.find(({ green }) => green.id === correction.green)}
						plays={found?.scored.map(({ play }) => play) ?? []}
					/>
				{/each}
				{#if own.length + greens.length === 0}
					<p>
						{whole.done ? 'Nothing speaks for a correction.' : 'Looking …'}
					</p>
				{/if}
			{/if}
		</section>
	</Later>
</div>
