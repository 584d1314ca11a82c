<script lang="ts">
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import { readGreens } from '$lib/store/shelves/greens';
	import RatiosView from '$lib/ui/ratios/RatiosView.svelte';
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
	can="Kept greens cannot be read: today’s ratios are worked out for a plain green and the speed you give."
/>
{#if found}
	<RatiosView books={found.books} greenId={page.url.searchParams.get('green') ?? ''} />
{/if}
