<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { followPractice } from '$lib/ui/practice/state/practiceState.svelte';
	import PupilView from '$lib/ui/pupils/PupilView.svelte';
	import { benchOf } from '$lib/ui/state/benchOf.svelte';
	import NotHere from '$lib/ui/shell/NotHere.svelte';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { pupilsRead } from '$lib/ui/state/pupilsRead.svelte';

	const practice = followPractice();
	onMount(() => practice.start());
	const id = $derived(page.params['id']);
	const file = $derived(playing.files.find(({ pupil }) => pupil.id === id));
	const read = pupilsRead(() => (id ? [id] : []));
	const opened = benchOf(() => (read.done ? file : undefined));
</script>

{#if opened.bench}
	<PupilView
		bench={opened.bench}
		sessions={practice.value?.sessions ?? []}
		homework={(practice.value?.homework ?? []).filter(({ pupilId }) => pupilId === id)}
	/>
{:else if playing.ready && !file}
	<NotHere
		what="This pupil"
		reason={preferences.storeFailure || undefined}
		href={resolve('/pupils')}
		label="All pupils"
	/>
{/if}
