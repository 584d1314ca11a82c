<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { followPractice } from '$lib/ui/practice/practiceState.svelte';
	import PupilView from '$lib/ui/pupils/PupilView.svelte';
	import { benchOf } from '$lib/ui/state/benchOf.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const practice = followPractice();
	onMount(() => practice.start());
	const id = $derived(page.params['id']);
	const file = $derived(playing.files.find(({ pupil }) => pupil.id === id));
	const opened = benchOf(() => file);
</script>

{#if opened.bench}
	<PupilView
		bench={opened.bench}
		sessions={practice.value?.sessions ?? []}
		homework={(practice.value?.homework ?? []).filter(({ pupilId }) => pupilId === id)}
	/>
{:else if playing.ready && !file}
	<section class="mx-auto grid max-w-2xl justify-items-start gap-4 p-4">
		<h1 class="text-2xl font-bold">This pupil is not here</h1>
		<p>They were removed, or they live in another browser.</p>
		<a class="btn btn-neutral" href={resolve('/pupils')}>All pupils</a>
	</section>
{/if}
