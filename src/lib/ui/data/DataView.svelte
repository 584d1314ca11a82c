<script lang="ts">
	import Download from '@lucide/svelte/icons/download';
	import { toast } from 'svelte-sonner';
	import {
		formatArchive,
		MOST_ARCHIVE_BYTES,
		parseArchive,
		type Archive
	} from '$lib/io/archive/archive';
	import { importArchive, previewImport, readAll, type ImportPreview } from '$lib/store/archive';
	import { download, downloadBlob } from '$lib/ui/files/download';
	import { packed } from '$lib/ui/files/gzip';
	import FileButton from '$lib/ui/files/FileButton.svelte';
	import { archiveProblemWords, exportedWords, undoneWords } from '$lib/ui/files/importWords';
	import { attempt } from '$lib/ui/shell/attempt';
	import BrokenRows from './BrokenRows.svelte';
	import MergePreview from './MergePreview.svelte';
	import { importedWords } from './previewWords';

	/** Longer archives are packed: a surveyed grid shrinks to a fifth. */
	const PACKED_FROM = 2_000_000;
	interface Offered {
		name: string;
		archive: Archive;
		preview: ImportPreview;
	}
	let problem = $state('');
	/** A file that was read and is not taken in yet. */
	let offered = $state.raw<Offered | null>(null);

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
		offered = null;
		const parsed = parseArchive(text);
		if ('problems' in parsed) {
			problem = archiveProblemWords(name, parsed.problems);
			return;
		}
		try {
			offered = { name, archive: parsed.archive, preview: await previewImport(parsed.archive) };
		} catch (error) {
			problem = `${name} was not imported; nothing was changed. ${error instanceof Error ? error.message : ''}`;
		}
	}

	async function takeIn({ name, archive }: Offered, bringBack: boolean) {
		offered = null;
		try {
			const result = await importArchive(archive, { bringBack });
			const undo = () => attempt(async () => toast(undoneWords(await result.undo())));
			toast.success(importedWords(result.preview, bringBack), {
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
		Everything lives in this browser and nowhere else. An archive holds all of it: pupils with bags
		and carries, saved shots, greens with their surveys and pins, every reading, the look, and what
		cannot be read.
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
	{#if offered}
		{@const file = offered}
		<MergePreview
			name={file.name}
			preview={file.preview}
			ontake={(bringBack) => void takeIn(file, bringBack)}
			onleave={() => (offered = null)}
		/>
	{/if}
	<p class="hint">
		Reading an archive first says what it will do. Of every record the newer one counts, here or in
		the file, so that two devices stay in step by exchanging archives; all of it is taken in or
		nothing, and it can be undone. Archives of earlier releases are read too. Files of one green
		(heights, grid, map) are under its Survey.
	</p>
	<BrokenRows />
</section>
