<script lang="ts">
	import type { QuestionId, QuestionTile } from './questions';

	interface Props {
		tiles: readonly QuestionTile[];
		/** The question that is open. */
		asked: QuestionId | null;
		onask: (id: QuestionId) => void;
	}
	const { tiles, asked, onask }: Props = $props();
</script>

<nav
	class="grid grid-cols-9 border-t-(length:--border) border-t-(--rule) max-lg:grid-cols-3"
	aria-label="What is asked about the shot"
>
	{#each tiles as { id, label, answer } (id)}
		<button
			type="button"
			id={`ask-${id}`}
			class={[
				'relative grid min-h-13 min-w-0 cursor-pointer content-center border-r-(length:--border) border-(--rule) px-2.5 py-1 text-left hover:bg-(--shade) max-lg:not-nth-[-n+3]:border-t-(length:--border) max-lg:nth-[3n]:border-r-0 max-sm:px-1.5',
				asked === id &&
					'bg-base-200 before:absolute before:inset-x-0 before:bottom-0 before:border-b-4 before:border-(--clay)'
			]}
			aria-expanded={asked === id}
			aria-controls="question"
			onclick={() => onask(id)}
		>
			<span class="truncate text-[0.8125rem] leading-tight text-(--faint)">{label}</span>
			<span class="truncate leading-tight font-semibold max-sm:text-sm" title={answer}
				>{answer}</span
			>
		</button>
	{/each}
</nav>
