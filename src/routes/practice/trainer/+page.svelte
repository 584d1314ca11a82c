<script lang="ts">
	import { onMount } from 'svelte';
	import { readGreens } from '$lib/store/shelves/greens';
	import { readLog } from '$lib/store/shelves/log';
	import { examShelf, glanceShelf, readShelf } from '$lib/store/shelves/reads';
	import { shotShelf } from '$lib/store/shelves/savedShots';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import TrainerView from '$lib/ui/trainer/TrainerView.svelte';

	const EMPTY = { reads: [], glances: [], exams: [], stock: { saved: [], plays: [], greens: [] } };
	const book = new Followed(async () => {
		const [reads, glances, exams, saved, log, greens] = await Promise.all([
			readShelf.read(),
			glanceShelf.read(),
			examShelf.read(),
			shotShelf.read(),
			readLog(),
			readGreens()
		]);
		return {
			reads: reads.rows,
			glances: glances.rows,
			exams: exams.rows,
			stock: { saved: saved.rows, plays: log.plays, greens: greens.books }
		};
	});
	onMount(() => book.start());
	const found = $derived(book.valueOr(EMPTY));
	const { file } = $derived(playing);
</script>

<StoreTrouble followed={book} can="Shots can be read; how you read before cannot be shown." />
{#if found && playing.ready}
	{#key file.pupil.id}
		<TrainerView
			{file}
			stock={found.stock}
			kept={found.reads.filter(({ pupilId }) => pupilId === file.pupil.id)}
			everybody={found.reads}
			exams={found.exams}
			glances={found.glances.filter(({ pupilId }) => pupilId === file.pupil.id)}
		/>
	{/key}
{/if}
