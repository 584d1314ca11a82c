<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import HomeworkSheet from '$lib/ui/practice/HomeworkSheet.svelte';
	import { followPractice } from '$lib/ui/practice/practiceState.svelte';
	import StoreTrouble from '$lib/ui/shell/StoreTrouble.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const practice = followPractice();
	onMount(() => practice.start());
	const homework = $derived(practice.value?.homework.find(({ id }) => id === page.params['id']));
	const file = $derived(
		playing.files.find(({ pupil }) => pupil.id === homework?.pupilId) ?? playing.file
	);
</script>

<StoreTrouble followed={practice} />
{#if homework && playing.ready}
	<HomeworkSheet {homework} {file} />
{:else if practice.value}
	<section class="mx-auto grid max-w-2xl justify-items-start gap-4 p-4">
		<h1 class="text-2xl font-bold">This homework is not here</h1>
		<p>It was removed, or it lives in another browser.</p>
		<a class="btn btn-neutral" href={resolve('/practice')}>Practice</a>
	</section>
{/if}
