<script lang="ts">
	import { onMount } from 'svelte';
	import { readGreens } from '$lib/store/shelves/greens';
	import GreensList from '$lib/ui/greens/GreensList.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { seedDemo } from '$lib/ui/state/demo';
	import { Followed } from '$lib/ui/state/followed.svelte';

	const { data } = $props();
	const greens = new Followed(readGreens);
	onMount(() => {
		if (data.demo) void seedDemo();
		return greens.start();
	});
	const found = $derived(greens.valueOr({ books: [], broken: [] }));
</script>

<StoreTrouble
	followed={greens}
	can="Kept greens cannot be read. How fast a green runs can be measured below all the same; write it down, since it is not kept."
/>
{#if found}<GreensList {...found} />{/if}
