<script lang="ts">
	interface Props {
		/** Sentences about what is drawn. */
		words: string[];
		/** Offers the whole green, where there is a map. */
		mapped: boolean;
		whole: boolean;
	}
	let { words, mapped, whole = $bindable() }: Props = $props();
</script>

<div class="legend">
	<p>{words.join(' · ')}</p>
	{#if mapped}
		<button type="button" class="turn" aria-pressed={whole} onclick={() => (whole = !whole)}>
			{whole ? 'Along the line' : 'Whole green'}
		</button>
	{/if}
</div>

<style>
	.legend {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 12px;
		padding: 0 8px;
		min-height: 28px;
		font-size: 0.8125rem;
		background: var(--paper);
	}
	p {
		flex: 1;
		min-width: 12rem;
		padding-block: 4px;
	}
	.turn {
		min-height: 44px;
		padding-inline: 8px;
		font-weight: 700;
		text-decoration: underline;
		cursor: pointer;
	}
</style>
