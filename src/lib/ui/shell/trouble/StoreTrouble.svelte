<script lang="ts">
	import type { Followed } from '$lib/ui/state/followed.svelte';

	interface Props {
		/** What of the store cannot be read. */
		followed: Pick<Followed<unknown>, 'failure' | 'start'>;
		/** What can be done in this view without it, in a sentence or two. */
		can: string;
	}
	const { followed, can }: Props = $props();
</script>

<!-- Why, and how to save what is stored, stands above every view. -->
{#if followed.failure}
	<div class="mx-auto flex max-w-7xl flex-wrap items-center gap-x-4 gap-y-1 p-4" role="alert">
		<p class="max-w-[70ch]">{can}</p>
		<button type="button" class="btn" onclick={() => followed.start()}>Read it again</button>
	</div>
{/if}
