<script lang="ts">
	import { onMount } from 'svelte';
	import { readGreens } from '$lib/store/shelves/greens';
	import { lessonShelf } from '$lib/store/shelves/lessons';
	import { readLatest, readLog, type LogBook } from '$lib/store/shelves/log';
	import LogView from '$lib/ui/log/LogView.svelte';
	import StoreTrouble from '$lib/ui/shell/trouble/StoreTrouble.svelte';
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { Followed } from '$lib/ui/state/followed.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';

	const log = new Followed(readLog);
	let latest = $state.raw<LogBook | null>(null);
	const book = $derived(log.value ?? latest);
	// Names and links only: nobody waits for them.
	const greens = new Followed(async () => (await readGreens()).books);
	const lessons = new Followed(async () => (await lessonShelf.read()).rows);
	onMount(() => {
		readLatest().then(
			(found) => (latest = found),
			() => {}
		);
		const stops = [log.start(), greens.start(), lessons.start()];
		return () => {
			for (const stop of stops) stop();
		};
	});
</script>

<StoreTrouble
	followed={log}
	can="What was played cannot be read, nor noted. A shot can be worked out all the same."
/>
{#if log.failure}
	<section class="mx-auto grid max-w-6xl gap-4 p-4"><ViewHeading text="Log" /></section>
{/if}
{#if book && playing.ready}
	<LogView
		{book}
		greens={greens.value ?? []}
		lessons={lessons.value ?? []}
		reading={!log.value && !log.failure}
	/>
{/if}
