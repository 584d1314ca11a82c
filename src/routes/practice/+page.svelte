<script lang="ts">
	import { onMount } from 'svelte';
	import { followPractice } from '$lib/ui/practice/state/practiceState.svelte';
	import PracticeView from '$lib/ui/practice/PracticeView.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const practice = followPractice();
	onMount(() => practice.start());
</script>

<StoreTrouble followed={practice} />
{#if practice.value && playing.ready}<PracticeView book={practice.value} />{/if}
