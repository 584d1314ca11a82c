<script lang="ts">
	import { onMount } from 'svelte';
	import { watchGreens, type GreenShelf } from '$lib/store/greens';
	import GreensList from '$lib/ui/greens/GreensList.svelte';
	import { seedDemo } from '$lib/ui/state/demo';

	const { data } = $props();
	let shelf = $state.raw<GreenShelf | null>(null);

	onMount(() => {
		if (data.demo) void seedDemo();
		const subscription = watchGreens().subscribe((found) => (shelf = found));
		return () => subscription.unsubscribe();
	});
</script>

{#if shelf}
	<GreensList {shelf} />
{/if}
