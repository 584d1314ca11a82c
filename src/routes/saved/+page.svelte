<script lang="ts">
	import { onMount } from 'svelte';
	import { shotShelf } from '$lib/store/savedShots';
	import SavedShots from '$lib/ui/saved/SavedShots.svelte';
	import StoreTrouble from '$lib/ui/shell/StoreTrouble.svelte';
	import { Followed } from '$lib/ui/state/followed.svelte';

	const shots = new Followed(() => shotShelf.read());
	onMount(() => shots.start());
</script>

<StoreTrouble followed={shots} />
{#if shots.value}
	<SavedShots shelved={shots.value} />
{/if}
