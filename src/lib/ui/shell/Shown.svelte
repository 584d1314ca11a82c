<script lang="ts">
	import type { Snippet } from 'svelte';

	interface Props {
		/** What is shown, such as a name: said where it cannot be. */
		what: string;
		/** Columns of the table it is a row of; none in a list. */
		columns?: number;
		children: Snippet;
	}
	const { what, columns, children }: Props = $props();
</script>

<!-- One thing of a list: what cannot be shown of it takes nothing else down. -->
<svelte:boundary>
	{@render children()}
	{#snippet failed()}
		{#if columns}
			<tr><td colspan={columns}>{@render sorry()}</td></tr>
		{:else}
			<li class="border-b border-(--rule) py-3">{@render sorry()}</li>
		{/if}
	{/snippet}
</svelte:boundary>

{#snippet sorry()}
	<p class="problem wrap-anywhere">
		<b>{what}</b> cannot be shown. It is kept as it is, and goes into an archive.
	</p>
{/snippet}
