<script lang="ts">
	import Download from '@lucide/svelte/icons/download';
	import { toast } from 'svelte-sonner';
	import { formatArchive, MOST_ARCHIVE_BYTES, parseArchive } from '$lib/io/archive';
	import { importArchive, readAll } from '$lib/store/archive';
	import { download } from '$lib/ui/files/download';
	import FileButton from '$lib/ui/files/FileButton.svelte';
	import { archiveProblemWords } from '$lib/ui/files/importWords';

	let problem = $state('');

	async function save() {
		const content = await readAll();
		download(
			`crisp-landing-${content.exportedAt.slice(0, 10)}.json`,
			formatArchive(content),
			'application/json'
		);
	}

	async function take(text: string, name: string) {
		problem = '';
		const parsed = parseArchive(text);
		if ('problems' in parsed) {
			problem = archiveProblemWords(name, parsed.problems);
			return;
		}
		try {
			const { added, replaced, undo } = await importArchive(parsed.archive);
			toast.success(`Imported: ${added} new, ${replaced} replaced.`, {
				duration: 15_000,
				action: { label: 'Undo', onClick: () => void undo() }
			});
		} catch (error) {
			problem = `${name} was not imported; nothing was changed. ${error instanceof Error ? error.message : ''}`;
		}
	}
</script>

<section>
	<h1>Data</h1>
	<p>
		Everything lives in this browser and nowhere else. An archive holds all of it: saved shots,
		greens with their surveys and pins, and every reading.
	</p>
	<div class="button-row">
		<button type="button" class="plain-button strong" onclick={() => void save()}>
			<Download size={18} aria-hidden="true" /> Save an archive
		</button>
		<FileButton
			label="Read an archive"
			accept=".json,application/json"
			mostBytes={MOST_ARCHIVE_BYTES}
			onfile={(text, name) => void take(text, name)}
			onproblem={(message) => (problem = message)}
		/>
	</div>
	{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
	<p class="hint">
		Reading an archive adds what is new and replaces what has the same origin, all of it or nothing,
		and can be undone. Files of one green (heights, grid, map) are under its Survey.
	</p>
</section>

<style>
	section {
		max-width: 44rem;
		margin-inline: auto;
		padding: 16px;
		display: grid;
		gap: 16px;
	}
	h1 {
		font-size: 1.75rem;
		font-weight: 800;
	}
</style>
