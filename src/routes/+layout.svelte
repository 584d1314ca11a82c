<script lang="ts">
	import '@fontsource-variable/atkinson-hyperlegible-mono';
	import '@fontsource-variable/atkinson-hyperlegible-next';
	import '../app.css';
	import { onMount } from 'svelte';
	import AppHeader from '$lib/ui/shell/AppHeader.svelte';
	import { answering } from '$lib/store/answering';
	import { attempt } from '$lib/ui/shell/attempt';
	import { keepOnDevice } from '$lib/ui/shell/onDevice';
	import { watchForNewVersion } from '$lib/ui/shell/newVersion';
	import { tellWhatIsUnhandled } from '$lib/ui/shell/unhandled';
	import { playAsAsked } from '$lib/ui/shell/pupilAsked.svelte';
	import { arrival } from '$lib/ui/state/arrival';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { preferences } from '$lib/ui/state/preferences.svelte';

	const { children, data } = $props();
	playAsAsked();
	onMount(() => {
		let left = false;
		const stops = [watchForNewVersion(), tellWhatIsUnhandled()];
		const begin = async () => {
			await arrival.over();
			if (left) return;
			void keepOnDevice();
			stops.push(preferences.follow());
			if (data.demo)
				await attempt(async () => answering((await import('$lib/ui/state/demo')).seedDemo()));
			if (left) return;
			stops.push(playing.follow());
			if (!data.demo) await (await import('$lib/ui/shell/backupOffer')).offerBackup();
		};
		void begin();
		return () => {
			left = true;
			stops.forEach((stop) => stop());
		};
	});
</script>

<svelte:head><title>Crisp Landing</title></svelte:head>
<AppHeader />
<main class="max-md:pb-16">{@render children()}</main>
