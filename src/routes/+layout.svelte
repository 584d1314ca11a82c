<script lang="ts">
	import '@fontsource-variable/atkinson-hyperlegible-mono';
	import '@fontsource-variable/atkinson-hyperlegible-next';
	import '../app.css';
	import { onMount } from 'svelte';
	import { afterNavigate } from '$app/navigation';
	import AppHeader from '$lib/ui/shell/header/AppHeader.svelte';
	import { watchForNewVersion } from '$lib/ui/shell/device/newVersion';
	import { playAsAsked } from '$lib/ui/shell/pupilAsked.svelte';
	import { arrival } from '$lib/ui/state/arrival';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { preferences } from '$lib/ui/state/preferences.svelte';

	const { children, data } = $props();
	/** Comes after the first call: whoever opens the app has the focus where the browser puts it. */
	const focus = () => import('$lib/ui/shell/focusKept');
	playAsAsked();
	// Whoever goes to a view begins at its heading; the first one is left as the browser opens it.
	afterNavigate(({ type, from, to }) => {
		if (type !== 'enter' && from?.url?.pathname !== to?.url?.pathname)
			void focus().then(({ focusHeadingSoon }) => focusHeadingSoon());
	});
	onMount(() => {
		let left = false;
		const stops = [watchForNewVersion()];
		const begin = async () => {
			await arrival.over();
			const after = await import('$lib/ui/shell/afterArrival');
			if (left) return;
			void after.keepOnDevice();
			stops.push(
				after.tellWhatIsUnhandled(),
				after.keepFocus(),
				after.sayTidings(),
				preferences.follow()
			);
			if (data.demo) {
				const [{ attempt }, { seedDemo }] = await Promise.all([
					import('$lib/ui/shell/attempt'),
					import('$lib/ui/state/demo')
				]);
				await attempt(seedDemo);
			}
			if (left) return;
			stops.push(playing.follow());
			if (!data.demo) await (await import('$lib/ui/shell/device/backupOffer')).offerBackup();
		};
		void begin();
		return () => {
			left = true;
			stops.forEach((stop) => stop());
		};
	});
</script>

<svelte:head><title>Crisp Landing</title></svelte:head>
<button
	type="button"
	class="btn btn-neutral skip"
	onclick={() => void focus().then(({ focusHeading }) => focusHeading())}>Past the menu</button
>
<AppHeader />
<main class="max-md:pb-16">
	<!-- What one view cannot show leaves the others, and the way to them, as they are. -->
	<svelte:boundary onerror={(error) => console.error(error)}>
		{@render children()}
		{#snippet failed(error, reset)}
			{#await import('$lib/ui/shell/PageFailed.svelte') then { default: PageFailed }}
				<PageFailed {error} onagain={reset} />
			{/await}
		{/snippet}
	</svelte:boundary>
</main>
