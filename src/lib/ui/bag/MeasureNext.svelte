<script lang="ts">
	import { onDestroy } from 'svelte';
	import type { PupilFile } from '$lib/io/work/pupil';
	import { playingOf } from '$lib/io/work/playing';
	import { shotRequest } from '$lib/io/work/shotRequest';
	import { shotShelf } from '$lib/store/shelves/savedShots';
	import WorkBar from '$lib/ui/controls/WorkBar.svelte';
	import { MeasuringStudy } from './measuringStudy.svelte';
	import type { PlannerPool } from '$lib/workers/plannerPool';
	import type { BagWords } from './bagWords';

	interface Props {
		file: PupilFile;
		pool: PlannerPool;
		words: BagWords;
	}
	const { file, pool, words }: Props = $props();

	const FEW = 60;
	const SEED = 7;
	const MOST_SHOTS = 40;
	const MOST_SHOWN = 3;
	// svelte-ignore state_referenced_locally
	const study = new MeasuringStudy(pool);
	let none = $state(false);
	onDestroy(() => study.clear());
	$effect(() => {
		void [file.clubs, file.balls];
		study.clear();
	});

	/** The pupil's own saved shots; everybody's where there are none. */
	async function start() {
		const { rows } = await shotShelf.read();
		const own = rows.filter(({ shot }) => shot.pupilId === file.pupil.id);
		const asked = (own.length > 0 ? own : rows).slice(0, MOST_SHOTS);
		none = asked.length === 0;
		if (none) return;
		const who = playingOf(file);
		void study.start(asked.map(({ shot }) => shotRequest(shot, who, FEW, SEED)));
	}
</script>

<section class="grid gap-2" aria-labelledby="measure-next">
	<h2 id="measure-next" class="ruled-heading">Worth measuring next</h2>
	{#if study.found}
		{#if study.found.length === 0 || study.found[0]!.strokes < 0.005}
			<p>Nothing that the saved shots call for would gain from measuring.</p>
		{:else}
			<ol class="grid gap-1.5 pl-5 [list-style:decimal]">
				{#each study.found.slice(0, MOST_SHOWN) as worth (worth.club + worth.swing + worth.flight)}
					<li>{words.worth(worth)}</li>
				{/each}
			</ol>
		{/if}
	{:else if none}
		<p>
			No shot is saved yet. Save the shots this pupil meets, and the swing worth most to them is
			found.
		</p>
	{:else}
		<p class="hint">
			Plans the saved shots and finds the swing whose length, once known, saves the most strokes.
		</p>
	{/if}
	<WorkBar
		status={study.status}
		progress={study.progress}
		failure={study.failure}
		label="Find it"
		onstart={() => void start()}
		onstop={() => study.cancel()}
	/>
</section>
