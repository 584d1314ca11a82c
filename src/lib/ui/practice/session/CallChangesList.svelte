<script lang="ts">
	import { onDestroy, untrack } from 'svelte';
	import { resolve } from '$app/paths';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { swingWords } from '$lib/io/words/swing';
	import { whom } from '$lib/io/words/whose';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { callWords, linePlace } from '$lib/ui/call/callWords';
	import type { Choice } from '$lib/ui/call/choices';
	import { PlannerPool, startPlanner } from '$lib/workers/plannerPool';
	import { CallChanges, type ChangedCall } from './callChanges.svelte';

	interface Props {
		/** The pupil before and after the balls were taken in. */
		before: PupilFile;
		after: PupilFile;
	}
	const { before, after }: Props = $props();

	const pool = new PlannerPool(startPlanner);
	const work = new CallChanges(pool);
	onDestroy(() => {
		work.clear();
		pool.close();
	});
	const compare = () => void work.compare(before, after);
	$effect(() => {
		void [before, after];
		untrack(compare);
	});

	const words = (choice: Choice, { saved }: ChangedCall) => {
		const place = linePlace(saved.shot.situation);
		const { club, landing } = callWords(
			choice,
			place,
			(metres) => playing.say.length(metres),
			after.pupil
		);
		const { name, vocabulary } = choice.swing;
		return choice.candidate.play.flight === 'putt'
			? club
			: `${club}, ${landing}, ${swingWords(name, vocabulary)}`;
	};
</script>

<section class="grid gap-1">
	<h3 class="font-bold">Saved shots that are called otherwise now</h3>
	<p class="sr-only" role="status">
		{work.changed ? `${work.changed.length} of ${work.of} saved shots are called otherwise.` : ''}
	</p>
	{#if work.status === 'working'}
		<p class="hint">
			Working them out, {Math.round(100 * work.progress)} %
			<button type="button" class="btn btn-ghost" onclick={() => work.cancel()}>Stop</button>
		</p>
	{:else if work.changed}
		{#if work.of === 0}
			<p>No shot is saved for {whom(after.pupil.name)}.</p>
		{:else if work.changed.length === 0}
			<p>None of the {work.of}: every call stays as it was.</p>
		{:else}
			<ul class="grid gap-1">
				{#each work.changed as change (change.saved.id)}
					<li class="border-b border-(--rule) py-1">
						<a
							class="font-bold underline"
							href={resolve(`/?shot=${encodeURIComponent(change.saved.id)}`)}>{change.saved.name}</a
						>: now {words(change.after, change)}; before {words(change.before, change)}.
					</li>
				{/each}
			</ul>
		{/if}
	{:else}
		{#if work.status === 'failed'}<p class="problem" role="alert">{work.failure}</p>{/if}
		<p><button type="button" class="btn" onclick={compare}>Compare the calls</button></p>
	{/if}
</section>
