<script lang="ts">
	import { onMount } from 'svelte';
	import { readGreens } from '$lib/store/shelves/greens';
	import GreensList from '$lib/ui/greens/GreensList.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { attempt } from '$lib/ui/shell/attempt';
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
	<GreensList {...greens.value} />
{/if}
