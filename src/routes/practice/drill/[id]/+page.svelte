<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import DrillView from '$lib/ui/practice/drill/DrillView.svelte';
	import { drillOf, followPractice } from '$lib/ui/practice/state/practiceState.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import NotHere from '$lib/ui/shell/NotHere.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const practice = followPractice();
	onMount(() => practice.start());
	const id = $derived(page.params['id'] ?? '');
	const drill = $derived(practice.value && drillOf(practice.value.drills, id));
	const own = $derived(practice.value?.drills.some((one) => one.id === id) ?? false);
</script>

<StoreTrouble followed={practice} />
{#if drill && practice.value && playing.ready}
	{#key drill.id}<DrillView
			{drill}
			{own}
			books={practice.value.books}
			sessions={practice.value.sessions}
		/>{/key}
{:else if practice.value && !drill}
	<NotHere what="This drill" href={resolve('/practice')} label="All drills" />
{/if}
