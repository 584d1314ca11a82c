<script lang="ts">
	import { onMount, type Snippet } from 'svelte';
	import { nextTask } from '$lib/ui/state/slices';

	interface Props {
		/** What may come a moment after the rest of a view. */
		children: Snippet;
	}
	const { children }: Props = $props();

	let due = $state(false);
	onMount(() => {
		let left = false;
		void nextTask().then(() => (due = !left));
		return () => (left = true);
	});
</script>

<!-- A long view is set up in several tasks, so that the page answers in between. -->
{#if due}{@render children()}{/if}
