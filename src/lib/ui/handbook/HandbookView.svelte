<script lang="ts">
	import { marked } from 'marked';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import text from '../../../../docs/handbook.md?raw';
	import HandbookPart from './HandbookPart.svelte';

	// Ours, and shipped with the app: read into parts that components draw, so that no text becomes markup.
	const parts = marked.lexer(text);
	const title = parts.find((part) => part.type === 'heading');
	const rest = parts.filter((part) => part !== title && part.type !== 'space');
</script>

<article class="mx-auto grid max-w-3xl gap-4 p-4">
	<ViewHeading text={title?.type === 'heading' ? title.text : 'Handbook'} />
	{#each rest as part, i (i)}<HandbookPart {part} />{/each}
</article>
