<script lang="ts">
	import { GLOSSARY } from '$lib/io/words/glossary';
	import SheetDialog from '$lib/ui/shell/SheetDialog.svelte';

	interface Props {
		open: boolean;
	}
	let { open = $bindable() }: Props = $props();
	const words = Object.values(GLOSSARY).sort((a, b) => a.word.localeCompare(b.word));
</script>

<SheetDialog bind:open title="Words" description="What the words of this app mean.">
	<dl class="grid gap-3">
		{#each words as { word, means } (word)}
			<div>
				<dt class="font-bold">{word}</dt>
				<dd>{means}</dd>
			</div>
		{/each}
	</dl>
</SheetDialog>
