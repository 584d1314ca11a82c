<script lang="ts">
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import Download from '@lucide/svelte/icons/download';
	import { onDestroy, onMount } from 'svelte';
	import { tell } from '$lib/ui/shell/messages.svelte';
	import { MOST_ARCHIVE_BYTES } from '$lib/io/archive/archive';
	import { noteBackup } from '$lib/store/files/backup';
	import type { FileHelper } from '$lib/workers/fileHelper';
	import type { ArchiveOffer } from '$lib/workers/fileProtocol';
	import { downloadBlob } from '$lib/ui/files/download';
	import FileButton from '$lib/ui/files/FileButton.svelte';
	import FileWorkBar from '$lib/ui/files/FileWorkBar.svelte';
	import { whenOpenedWith } from '$lib/ui/files/openedWith';
	import { archiveProblemWords, exportedWords, undoneWords } from '$lib/ui/files/importWords';
	import { attempt } from '$lib/ui/shell/attempt';
	import { FileWork } from '$lib/ui/files/fileWork.svelte';
	import BrokenRows from './BrokenRows.svelte';
	import KeptSafe from './KeptSafe.svelte';
	import MergePreview from './MergePreview.svelte';
	import Unwritten from './Unwritten.svelte';

	/** An archive that was read and is not taken in yet; the helper holds it. */
	interface Offered {
		name: string;
		offer: ArchiveOffer;
		helper: FileHelper;
	}
	const work = new FileWork();
	let doing = $state('');
	let problem = $state('');
	let offered = $state.raw<Offered | null>(null);

	function leave() {
		offered?.helper.close();
		offered = null;
	}
	onDestroy(() => {
		work.clear();
		leave();
	});

	function begin(words: string) {
		doing = words;
		problem = '';
	}

	function save() {
		begin('Writing the archive');
		void work.begin(async (helper, progress) => {
			const { file, name, counts } = await helper.saveArchive(progress);
			downloadBlob(name, file);
			await noteBackup();
			tell(exportedWords(counts));
		});
	}

	function read(file: File) {
		leave();
		begin('Reading the archive');
		return work.begin(async (helper, progress) => {
			const found = await helper.openArchive(file, progress);
			if ('problems' in found) {
				problem = archiveProblemWords(file.name, found.problems);
				return;
			}
			offered = { name: file.name, offer: found.offer, helper };
			return 'keep';
		});
	}

	onMount(() => whenOpenedWith((file) => void read(file)));

	function takeIn({ helper }: Offered, bringBack: boolean) {
		offered = null;
		begin('Taking it in');
		void work.begin(async () => {
			const words = await helper.takeIn(bringBack);
			const undo = () =>
				attempt(async () => {
					tell(undoneWords(await helper.undo()));
					helper.close();
				});
			tell(words, {
				label: 'Undo',
				run: () => void undo(),
				passed: () => helper.close()
			});
			return 'keep';
		}, helper);
	}

	function compare(file: File) {
		begin('Reading the file back');
		return work.begin(async (helper, progress) => {
			const differences = await helper.compareArchive(file, progress);
			if (differences.length === 0)
				tell(`${file.name} holds everything that is here: it would all come back.`);
			else
				problem = `${file.name}: ${differences.join('; ')}. Save an archive anew to have it all.`;
		});
	}
</script>

<section class="mx-auto grid max-w-2xl gap-4 p-4">
	<ViewHeading text="Data" />
	<p>
		Everything lives in this browser and nowhere else. An archive holds all of it: pupils with bags
		and balls, sessions, drills, saved and played shots, greens with their surveys and pins, every
		reading, the look, and what cannot be read.
	</p>
	<div class="flex flex-wrap gap-2">
		<button type="button" class="btn btn-neutral" onclick={save}>
			<Download size={18} aria-hidden="true" /> Save an archive
		</button>
		<FileButton
			label="Read an archive"
			accept=".json,.gz,application/json,application/gzip"
			mostBytes={MOST_ARCHIVE_BYTES}
			onfile={read}
			onproblem={(message) => (problem = message)}
		/>
	</div>
	<FileWorkBar {work} label={doing} />
	{#if problem}<p class="problem" role="alert">{problem}</p>{/if}
	{#if offered}
		{@const file = offered}
		<MergePreview
			name={file.name}
			offer={file.offer}
			ontake={(bringBack) => takeIn(file, bringBack)}
			onleave={leave}
		/>
	{/if}
	<p class="hint">
		Reading an archive first says what it will do. Of every record the newer one counts, here or in
		the file, so that two devices stay in step by exchanging archives; all of it is taken in or
		nothing, and it can be undone. Archives of earlier releases are read too. Files of one green
		(heights, grid, map) are under its Survey.
	</p>
	<KeptSafe oncompare={compare} onproblem={(message) => (problem = message)} />
	<Unwritten />
	<BrokenRows />
</section>
