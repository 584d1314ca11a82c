<script lang="ts">
	import { onMount } from 'svelte';
	import BagView from '$lib/ui/bag/BagView.svelte';
	import { followPractice } from '$lib/ui/practice/state/practiceState.svelte';
	import { benchOf } from '$lib/ui/state/benchOf.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const practice = followPractice();
	onMount(() => practice.start());
	const opened = benchOf(() => (playing.ready ? playing.file : undefined));
</script>

{#if opened.bench}
	{#key opened.bench}
		<BagView bench={opened.bench} sessions={practice.value?.sessions ?? []} />
	{/key}
{/if}
