<script lang="ts">
	import type { CallWords } from './callWords';

	interface Props {
		words: CallWords;
	}
	const { words }: Props = $props();
	const parts = $derived(
		[words.club, words.landing, words.ratio, words.swing, words.aim].filter(Boolean)
	);
</script>

<!-- A line breaks between two parts, never within one. -->
{#each parts as part, i (i)}
	<span class="mr-[0.25em] inline-block"
		>{part}{#if i < parts.length - 1}<span class="text-(--faint)">&nbsp;·</span>{/if}</span
	>
{/each}
