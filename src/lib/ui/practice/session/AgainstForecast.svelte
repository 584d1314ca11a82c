<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { calibrationOf } from '$lib/core/log/calibration';
	import { canBeHeld, practicePlays } from '$lib/io/log/practicePlays';
	import { scoredPlay } from '$lib/io/log/scored';
	import { calibrationWords, notedWords } from '$lib/io/log/words';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { keepPracticed, readPracticed } from '$lib/store/shelves/log';
	import { attempt } from '$lib/ui/shell/attempt';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import type { SessionBench } from '$lib/ui/practice/state/sessionBench.svelte';

	interface Props {
		bench: SessionBench;
		/** Whose turn is looked at. */
		file: PupilFile;
	}
	const { bench, file }: Props = $props();

	const known = $derived(bench.own.filter(canBeHeld));
	/** What the log has of this session. */
	const log = new Followed(() => readPracticed(bench.balls));
	onMount(() => log.start());
	const noted = $derived((log.value ?? []).filter(({ pupilId }) => pupilId === file.pupil.id));
	const words = $derived(
		calibrationWords(calibrationOf(noted.flatMap((play) => scoredPlay(play)?.rank ?? [])))
	);
	const open = $derived(known.filter(({ id }) => !noted.some((play) => play.id === id)));

	const note = () =>
		attempt(async () => {
			await bench.flush();
			const plays = practicePlays(bench.session, open, file, new Date());
			const undo = await keepPracticed(plays);
			tell(notedWords(plays.length), { label: 'Undo', run: () => void attempt(undo) });
		});
</script>

<section class="grid gap-2" aria-labelledby="against-forecast">
	<h2 id="against-forecast" class="ruled-heading">Against the forecast</h2>
	{#if known.length === 0}
		<p>
			Nobody saw where these balls stopped: they cannot be held against what was to be expected.
		</p>
	{:else}
		{#if noted.length > 0}
			<p>{words}</p>
		{/if}
		{#if open.length > 0 && log.value}
			<p>
				{open.length === 1 ? 'One ball' : `${open.length} balls`} can stand in the log beside what was
				to be expected before the first of them. Whatever they say, the bag is changed above only.
			</p>
		{/if}
		<div class="flex flex-wrap gap-2">
			{#if open.length > 0 && log.value}
				<button type="button" class="btn btn-neutral" onclick={() => void note()}
					>Note {open.length === 1 ? 'it' : 'them'} in the log</button
				>
			{/if}
			{#if noted.length > 0}<a class="btn" href={resolve('/log')}>Log</a>{/if}
		</div>
	{/if}
</section>
