<script lang="ts">
	import { onMount } from 'svelte';
	import { greenShelf } from '$lib/store/shelves/greens';
	import { shotShelf } from '$lib/store/shelves/savedShots';
	import SavedShots from '$lib/ui/saved/SavedShots.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { Followed } from '$lib/ui/state/followed.svelte';

	const shots = new Followed(async () => ({
		shelved: await shotShelf.read(),
		greens: (await greenShelf.read()).rows
	}));
	onMount(() => shots.start());
</script>

<StoreTrouble followed={shots} />
{#if shots.value}
	<SavedShots {...shots.value} />
{/if}
