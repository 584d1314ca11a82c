<script lang="ts">
	import { formatDistanceToNow } from 'date-fns';
	import { whenWords } from '$lib/ui/format/dates';
	import { onMount } from 'svelte';
	import { MOST_ARCHIVE_BYTES } from '$lib/io/archive/archive';
	import { followBackup, type BackupState } from '$lib/store/files/backup';
	import FileButton from '$lib/ui/files/FileButton.svelte';
	import { persist, storageUse, type StorageUse } from '$lib/ui/shell/device/persistence';

	interface Props {
		/** Reads a file back and compares it with what is here. */
		oncompare: (file: File) => Promise<void>;
		onproblem: (message: string) => void;
	}
	const { oncompare, onproblem }: Props = $props();

	const MEGABYTE = 1e6;
	const GIGABYTE = 1e9;
	let refused = $state(false);
	let backup = $state.raw<BackupState | null>(null);
	let use = $state.raw<StorageUse | null>(null);

	onMount(() => {
		void storageUse().then((found) => (use = found));
		return followBackup(
			(state) => (backup = state),
			() => (backup = null)
		);
	});

	function sizeWords(bytes: number): string {
		if (bytes >= GIGABYTE) return `${(bytes / GIGABYTE).toFixed(1)} GB`;
		return bytes < MEGABYTE / 10 ? 'under 0.1 MB' : `${(bytes / MEGABYTE).toFixed(1)} MB`;
	}

	async function ask() {
		refused = !(await persist());
		use = await storageUse();
	}
	const changed = $derived(
		backup === null
			? ''
			: backup.changed === 0
				? 'Nothing has changed since.'
				: `${backup.changed} ${backup.changed === 1 ? 'record has' : 'records have'} changed since.`
	);
</script>

<section class="grid gap-2" aria-labelledby="kept-safe">
	<h2 id="kept-safe" class="ruled-heading">Kept safe</h2>
	<dl class="grid gap-x-4 gap-y-1 sm:grid-cols-[10rem_minmax(0,1fr)]">
		<dt class="text-(--faint)">Last archive</dt>
		<dd data-testid="last-archive">
			{#if backup?.savedAt}
				{whenWords(backup.savedAt)}
				<span class="text-(--faint)">({formatDistanceToNow(new Date(backup.savedAt))} ago)</span>.
				{changed}
			{:else if backup}
				None yet, for {backup.changed}
				{backup.changed === 1 ? 'record' : 'records'}. A lost phone or a cleared browser takes them
				along.
			{/if}
		</dd>
		{#if use}
			<dt class="text-(--faint)">In this browser</dt>
			<dd>
				{#if use.bytes !== null}{sizeWords(use.bytes)}{use.most === null
						? ''
						: ` of ${sizeWords(use.most)}`}.{/if}
				{use.persistent
					? 'The browser keeps it until you remove it.'
					: 'The browser may clear it when the disk gets full.'}
				{#if !use.persistent}
					<button
						type="button"
						class="cursor-pointer p-1 font-semibold underline"
						onclick={() => void ask()}>Ask it to keep it</button
					>
				{/if}
				{#if refused}
					<span role="status">It did not agree: most do for an app on the home screen.</span>
				{/if}
			</dd>
		{/if}
	</dl>
	<div class="flex flex-wrap items-center gap-2">
		<FileButton
			label="Try a file out"
			accept=".json,.gz,application/json,application/gzip"
			mostBytes={MOST_ARCHIVE_BYTES}
			onfile={oncompare}
			{onproblem}
		/>
		<p class="hint min-w-0 flex-1">
			Reads an archive back and compares it with what is here, record by record. Nothing is written.
		</p>
	</div>
</section>
