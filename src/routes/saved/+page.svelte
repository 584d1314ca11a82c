<script lang="ts">
	import { onMount } from 'svelte';
	import { watchShots, type ShotShelf } from '$lib/store/savedShots';
	import SavedShots from '$lib/ui/saved/SavedShots.svelte';

	let shelf = $state.raw<ShotShelf | null>(null);

	onMount(() => {
		const subscription = watchShots().subscribe((found) => (shelf = found));
		return () => subscription.unsubscribe();
	});
</script>

{#if shelf}
	<SavedShots {shelf} />
{/if}
