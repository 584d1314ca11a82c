<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { lessonById } from '$lib/io/lessons/schedule';
	import { shotShelf } from '$lib/store/shelves/savedShots';
	import LessonView from '$lib/ui/lessons/lesson/LessonView.svelte';
	import { followLessons } from '$lib/ui/lessons/state/lessonState.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import NotHere from '$lib/ui/shell/NotHere.svelte';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { pupilsRead } from '$lib/ui/state/pupilsRead.svelte';

	const lessons = followLessons();
	const shots = new Followed(async () => (await shotShelf.read()).rows);
	onMount(() => {
		const stops = [lessons.start(), shots.start()];
		return () => {
			for (const stop of stops) stop();
		};
	});
	const id = $derived(page.params['id'] ?? '');
	const desk = $derived(lessons.value);
	const lesson = $derived(desk && lessonById(desk.book, id));
	const read = pupilsRead(() => lesson?.pupilIds ?? []);
</script>

<StoreTrouble followed={lessons} can="This lesson cannot be read, nor changed." />
{#if desk && lesson && playing.ready && read.done}
	{#key id}<LessonView {lesson} {desk} shots={shots.value ?? []} />{/key}
{:else if desk && !lesson}
	<NotHere what="This lesson" href={resolve('/lessons')} label="All lessons" />
{/if}
