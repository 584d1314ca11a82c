<script lang="ts">
	import { onMount } from 'svelte';
	import { followPractice, NO_PRACTICE } from '$lib/ui/practice/state/practiceState.svelte';
	import PracticeView from '$lib/ui/practice/PracticeView.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const practice = followPractice();
	onMount(() => practice.start());
	const book = $derived(practice.valueOr(NO_PRACTICE));
</script>

<StoreTrouble
	followed={practice}
	can="Sessions and homework cannot be read, nor balls kept. The drills are all here to be read and laid out."
/>
{#if book && playing.ready}<PracticeView {book} />{/if}
