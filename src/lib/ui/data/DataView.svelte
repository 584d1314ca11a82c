<script lang="ts">
	import Download from '@lucide/svelte/icons/download';
	import { toast } from 'svelte-sonner';
	import { formatArchive, MOST_ARCHIVE_BYTES, parseArchive } from '$lib/io/archive/archive';
	import { importArchive, readAll } from '$lib/store/archive';
	import { download, downloadBlob } from '$lib/ui/files/download';
	import { packed } from '$lib/ui/files/gzip';
	import FileButton from '$lib/ui/files/FileButton.svelte';
	import {
		archiveProblemWords,
		exportedWords,
		importedWords,
		undoneWords
	} from '$lib/ui/files/importWords';
	import { attempt } from '$lib/ui/shell/attempt';
	import BrokenRows from './BrokenRows.svelte';

	/** Longer archives are packed: a surveyed grid shrinks to a fifth. */
	const PACKED_FROM = 2_000_000;
	let problem = $state('');

	const save = () =>
		attempt(async () => {
			const content = await readAll();
			const text = formatArchive(content);
			const name = `crisp-landing-${content.exportedAt.slice(0, 10)}.json`;
			if (text.length > PACKED_FROM) downloadBlob(`${name}.gz`, await packed(text));
			else download(name, text, 'application/json');
			toast.success(exportedWords(content));
		});

	async function take(text: string, name: string) {
		problem = '';
		const parsed = parseArchive(text);
		if ('problems' in parsed) {
			problem = archiveProblemWords(name, parsed.problems);
			return;
		}
		try {
			const result = await importArchive(parsed.archive);
			const undo = () => attempt(async () => toast(undoneWords(await result.undo())));
			toast.success(importedWords(result), {
				duration: 15_000,
				action: { label: 'Undo', onClick: () => void undo() }
			});
		} catch (error) {
			problem = `${name} was not imported; nothing was changed. ${error instanceof Error ? error.message : ''}`;
		}
	}
</script>

<section class="mx-auto grid max-w-2xl gap-4 p-4">
	<h1 class="text-3xl font-extrabold">Data</h1>
	<p>
		Everything lives in this browser and nowhere else. An archive holds all of it: saved shots,
		greens with their surveys and pins, every reading, units and look, and what cannot be read.
	</p>
	<div class="flex flex-wrap gap-2">
		<button type="button" class="btn btn-neutral" onclick={() => void save()}>
			<Download size={18} aria-hidden="true" /> Save an archive
		</button>
		<FileButton
			label="Read an archive"
			accept=".json,.gz,application/json,application/gzip"
			mostBytes={MOST_ARCHIVE_BYTES}
			onfile={(text, name) => void take(text, name)}
			onproblem={(message) => (problem = message)}
		/>
	</div>
	{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
	<p class="hint">
		Reading an archive adds what is new and replaces what has the same origin, all of it or nothing,
		and can be undone. Archives of earlier releases are read too. Files of one green (heights, grid,
		map) are under its Survey.
	</p>
	<BrokenRows />
</section>
