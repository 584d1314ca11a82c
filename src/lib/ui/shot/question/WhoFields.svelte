<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import { resolve } from '$app/paths';
	import { clubsInBag, type PupilFile } from '$lib/io/work/pupil';
	import PupilFields from '$lib/ui/pupils/PupilFields.svelte';
	import UndoButtons from '$lib/ui/shell/UndoButtons.svelte';
	import RowNotes from '$lib/ui/shell/RowNotes.svelte';
	import { benchOf } from '$lib/ui/state/benchOf.svelte';

	interface Props {
		/** Whose shot it is, as kept now. */
		file: PupilFile;
	}
	const { file }: Props = $props();

	const opened = benchOf(() => file);
	const bench = $derived(opened.bench);
</script>

{#if bench}
	{@const pupil = bench.file.pupil}
	<div class="flex flex-wrap items-center gap-2">
		<p class="basis-full text-lg font-bold wrap-anywhere">{pupil.name}</p>
		<UndoButtons {bench} of="the pupil" />
		<a class="btn" href={resolve('/bag')}
			>Bag: {soMany(clubsInBag(bench.file.clubs).length, 'club')}</a
		>
		<a class="btn" href={resolve('/pupils/[id]', { id: pupil.id })}>Their page</a>
	</div>
	{#if pupil.minding}
		<p class="border-l-4 border-l-(--clay) pl-2 wrap-anywhere">Mind: {pupil.minding}</p>
	{/if}
	<PupilFields {bench} />
	<RowNotes {bench} what={pupil.name} />
{/if}
