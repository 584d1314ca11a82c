<script lang="ts">
	import Upload from '@lucide/svelte/icons/upload';

	interface Props {
		label: string;
		/** Endings, as the file dialog wants them. */
		accept: string;
		/** Larger files are refused before they are read. */
		mostBytes: number;
		/** What it throws is told as a reason why the file could not be read. */
		onfile: (file: File) => unknown;
		onproblem: (message: string) => void;
	}
	const { label, accept, mostBytes, onfile, onproblem }: Props = $props();

	const MEGABYTE = 1024 * 1024;
	let input = $state<HTMLInputElement>();

	async function read() {
		const file = input?.files?.[0];
		if (!file || !input) return;
		// The same file can be chosen again.
		input.value = '';
		if (file.size > mostBytes)
			onproblem(
				`${file.name} is larger than ${Math.round(mostBytes / MEGABYTE)} MB; nothing was read.`
			);
		else {
			try {
				await onfile(file);
			} catch (error) {
				const reason = error instanceof Error && error.message ? `: ${error.message}` : '';
				onproblem(`${file.name} could not be read${reason}. Nothing was changed.`);
			}
		}
	}
</script>

<button type="button" class="btn" onclick={() => input?.click()}>
	<Upload size={18} aria-hidden="true" />
	{label}
</button>
<input
	bind:this={input}
	class="sr-only"
	type="file"
	tabindex="-1"
	aria-label={label}
	{accept}
	onchange={() => void read()}
/>
