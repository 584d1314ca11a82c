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
				'grid min-h-12 min-w-0 cursor-pointer content-center border-r-(length:--border) border-b-4 border-r-(--rule) px-2.5 py-1 text-left hover:bg-(--shade) max-sm:px-1.5',
				asked === id ? 'bg-base-200 border-b-(--clay)' : 'border-b-transparent'
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
