<script lang="ts">
	import { onMount, type Component, type ComponentProps } from 'svelte';
	import { page } from '$app/state';
	import type ShotPage from '$lib/ui/shot/ShotPage.svelte';
	import FirstShot from '$lib/ui/shot/FirstShot.svelte';
	import { nothingKept } from '$lib/store/base/nothingKept';
	import { attempt } from '$lib/ui/shell/attempt';
	import { nextTask } from '$lib/ui/state/slices';
	import { arrival } from '$lib/ui/state/arrival';
	import type { StartedShot } from '$lib/ui/shot/state/firstCall.svelte';

	const { data } = $props();
	let Whole = $state.raw<Component<ComponentProps<typeof ShotPage>> | null>(null);
	/** Whether nothing is kept here yet: the first call is worked out before anything else is fetched. */
	let first = $state(false);
	let started = $state.raw<StartedShot>();

	const fetchWhole = () =>
		attempt(async () => (Whole = (await import('$lib/ui/shot/ShotPage.svelte')).default));

	function start(shot: StartedShot) {
		started = shot;
		arrival.release();
		if (!Whole) void fetchWhole();
	}

	async function open() {
		if (!data.demo && !page.url.search) {
			arrival.hold();
			first = await nothingKept();
			if (!first) arrival.release();
			await arrival.over();
		} else {
			// Asking for all its files takes as long as the frame round about: the page answers in between.
			await nextTask();
		}
		await fetchWhole();
	}

	onMount(() => {
		void open();
		return () => arrival.release();
	});
</script>

{#if Whole && (started || !first)}
	<Whole demo={data.demo} {started} />
{:else if first}
	<FirstShot onstart={start} />
{/if}
