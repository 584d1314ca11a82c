<script lang="ts">
	import BagView from '$lib/ui/bag/BagView.svelte';
	import { benchOf } from '$lib/ui/state/benchOf.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const opened = benchOf(() => (playing.ready ? playing.file : undefined));
</script>

{#if opened.bench}
	{#key opened.bench}<BagView bench={opened.bench} />{/key}
{/if}
