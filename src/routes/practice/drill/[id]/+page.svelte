<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import DrillView from '$lib/ui/practice/drill/DrillView.svelte';
	import {
		drillOf,
		followPractice,
		NO_PRACTICE
	} from '$lib/ui/practice/state/practiceState.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import NotHere from '$lib/ui/shell/NotHere.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const practice = followPractice();
	onMount(() => practice.start());
	const id = $derived(page.params['id'] ?? '');
	const book = $derived(practice.valueOr(NO_PRACTICE));
	const drill = $derived(book && drillOf(book.drills, id));
	const own = $derived(book?.drills.some((one) => one.id === id) ?? false);
</script>

<StoreTrouble
	followed={practice}
	can="The drill can be read and laid out; the balls cannot be kept."
/>
{#if drill && book && playing.ready}
	{#key drill.id}<DrillView {drill} {own} books={book.books} sessions={book.sessions} />{/key}
{:else if book && !drill}
	<NotHere what="This drill" href={resolve('/practice')} label="All drills" />
{/if}
