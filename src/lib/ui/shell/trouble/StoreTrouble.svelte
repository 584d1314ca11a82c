<script lang="ts">
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import type { Followed } from '$lib/ui/state/followed.svelte';
	import RescueButton from './RescueButton.svelte';

	interface Props {
		/** What of the store cannot be read. */
		followed: Pick<Followed<unknown>, 'failure' | 'start'>;
		/** What can be done in this view without it, in a sentence or two. */
		can: string;
	}
	const { followed, can }: Props = $props();
	/** Where nothing at all can be read or kept, why stands above every view, with a way to save what is stored. */
	const saidAbove = $derived(preferences.storeFailure !== '');
</script>

{#if followed.failure}
	<div class="mx-auto flex max-w-5xl flex-wrap items-center gap-x-4 gap-y-1 px-4 pt-4" role="alert">
		<p class="max-w-[70ch]">
			{#if !saidAbove}This cannot be read: {followed.failure} Nothing was changed.{/if}
			{can}
		</p>
		<button type="button" class="btn" onclick={() => followed.start()}>Read it again</button>
		{#if !saidAbove}<RescueButton />{/if}
	</div>
{/if}
