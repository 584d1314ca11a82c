<script lang="ts">
	import { onMount } from 'svelte';
	import { page } from '$app/state';
	import { readGreens } from '$lib/store/shelves/greens';
	import RatiosView from '$lib/ui/ratios/RatiosView.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { seedDemo } from '$lib/ui/state/demo';
	import { Followed } from '$lib/ui/state/followed.svelte';

	const { data } = $props();
	const greens = new Followed(readGreens);
	onMount(() => {
		if (data.demo) void attempt(seedDemo);
		return greens.start();
	});
</script>

<StoreTrouble followed={greens} />
{#if greens.value}
	<RatiosView books={greens.value.books} greenId={page.url.searchParams.get('green') ?? ''} />
{/if}
