<script lang="ts">
	import { onMount } from 'svelte';
	import { readLog } from '$lib/store/shelves/log';
	import ProgressView from '$lib/ui/lessons/progress/ProgressView.svelte';
	import { followLessons, NO_LESSONS } from '$lib/ui/lessons/state/lessonState.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const lessons = followLessons();
	const log = new Followed(async () => (await readLog()).plays);
	onMount(() => {
		const stops = [lessons.start(), log.start()];
		return () => {
			for (const stop of stops) stop();
		};
	});
	const desk = $derived(lessons.valueOr(NO_LESSONS));
	const plays = $derived(log.valueOr([]));
	const { file } = $derived(playing);
</script>

<StoreTrouble followed={lessons} can="What there is of progress cannot be read." />
{#if desk && plays && playing.ready}
	{#key file.pupil.id}
		<ProgressView {file} {desk} plays={plays.filter(({ pupilId }) => pupilId === file.pupil.id)} />
	{/key}
{/if}
