<script lang="ts">
	import { onMount } from 'svelte';
	import LessonsView from '$lib/ui/lessons/schedule/LessonsView.svelte';
	import { followLessons, NO_LESSONS } from '$lib/ui/lessons/state/lessonState.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const lessons = followLessons();
	onMount(() => lessons.start());
	const desk = $derived(lessons.valueOr(NO_LESSONS));
</script>

<StoreTrouble
	followed={lessons}
	can="Lessons cannot be read, nor put in. A shot can be worked out all the same."
/>
{#if desk && playing.ready}<LessonsView {desk} />{/if}
