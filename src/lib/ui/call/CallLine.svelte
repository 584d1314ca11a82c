<script lang="ts">
	import type { CallWords } from './callWords';

	interface Props {
		words: CallWords;
	}
	const { words }: Props = $props();
</script>

<!-- A line breaks between two parts, never within one. -->
{#each [words.club, words.landing, words.swing, words.aim] as part, i (i)}
	<span class="mr-[0.25em] inline-block"
		>{part}{#if i < 3}<span class="text-(--faint)">&nbsp;·</span>{/if}</span
	>
{/each}
