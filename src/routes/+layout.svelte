<script lang="ts">
	import '@fontsource-variable/atkinson-hyperlegible-mono';
	import '@fontsource-variable/atkinson-hyperlegible-next';
	import '../app.css';
	import { onMount } from 'svelte';
	import { Toaster } from 'svelte-sonner';
	import AppHeader from '$lib/ui/shell/AppHeader.svelte';
	import { watchForNewVersion } from '$lib/ui/shell/newVersion';
	import { preferences } from '$lib/ui/state/preferences.svelte';

	const { children } = $props();
	onMount(() => {
		const stops = [preferences.follow(), watchForNewVersion()];
		return () => stops.forEach((stop) => stop());
	});
</script>

<svelte:head><title>Crisp Landing</title></svelte:head>
<AppHeader />
<main>{@render children()}</main>
<Toaster position="bottom-left" duration={6000} />
