<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { lessonById } from '$lib/io/lessons/schedule';
	import HandOutView from '$lib/ui/lessons/handout/HandOutView.svelte';
	import { followLessons } from '$lib/ui/lessons/state/lessonState.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import NotHere from '$lib/ui/shell/NotHere.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { pupilsRead } from '$lib/ui/state/pupilsRead.svelte';

	const lessons = followLessons();
	onMount(() => lessons.start());
	const desk = $derived(lessons.value);
	const lesson = $derived(desk && lessonById(desk.book, page.params['id'] ?? ''));
	const read = pupilsRead(() => lesson?.pupilIds ?? []);
</script>

<StoreTrouble followed={lessons} can="This lesson cannot be read." />
{#if desk && lesson && playing.ready && read.done}
	{#key `${lesson.id} ${playing.file.pupil.id}`}<HandOutView
			{lesson}
			{desk}
			all={page.url.searchParams.has('all')}
		/>{/key}
{:else if desk && !lesson}
	<NotHere what="This lesson" href={resolve('/lessons')} label="All lessons" />
{/if}
