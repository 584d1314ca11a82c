<script lang="ts">
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { afterNavigate } from '$app/navigation';
	import { page } from '$app/state';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import MessageLine from '$lib/ui/shell/MessageLine.svelte';
	import { messages } from '$lib/ui/shell/messages.svelte';
	import SettingsMenu from './SettingsMenu.svelte';
	import { shortcuts } from '$lib/ui/shell/shortcuts.svelte';
	import ThumbBar from './ThumbBar.svelte';
	import { isHere, VIEWS } from './views';
	import WhoPlays from './WhoPlays.svelte';

	let keys = $state(false);
	let words = $state(false);
	const said = $derived(messages.current !== null);
	afterNavigate(() => messages.viewLeft());

	onMount(() =>
		shortcuts.use({
			heading: 'Everywhere',
			shortcuts: [
				{ keys: ['Shift+?', '?'], shown: '?', does: 'This list', run: () => (keys = true) }
			]
		})
	);
</script>

<header
	class={[
		'bg-base-100 flex min-h-12 flex-nowrap items-center gap-x-4 px-4 max-lg:gap-x-2 print:hidden',
		said && 'sticky top-0 z-45 border-b border-b-(--rule)'
	]}
>
	<a
		class={[
			'py-2.5 text-lg font-extrabold tracking-tight whitespace-nowrap max-md:text-base',
			said && 'max-lg:hidden'
		]}
		href={resolve('/')}>Crisp Landing</a
	>
	<nav class={['flex gap-0.5 max-md:hidden', said && 'max-lg:hidden']} aria-label="Views">
		{#each VIEWS as view (view.href)}
			<a
				class="border-b-3 border-transparent px-2.5 py-2.5 font-semibold whitespace-nowrap aria-[current]:border-(--clay) max-xl:px-1.5 max-lg:px-1 max-lg:text-[0.875rem]"
				href={view.href}
				aria-current={isHere(view.href, page.url.pathname) ? 'page' : undefined}>{view.label}</a
			>
		{/each}
	</nav>
	<!-- What the app says has room of its own: beside the menu, or in its place on a narrow screen. -->
	<div class="min-w-0 flex-1"><MessageLine /></div>
	<div class={['ml-auto flex min-w-0 items-center gap-2 max-md:gap-0', said && 'max-lg:hidden']}>
		<WhoPlays />
		<SettingsMenu onkeys={() => (keys = true)} onwords={() => (words = true)} />
	</div>
</header>
{#if playing.before}
	{#await import('./PlaysNow.svelte') then { default: PlaysNow }}
		<PlaysNow before={playing.before} />
	{/await}
{/if}
{#if preferences.storeFailure}
	{#await import('$lib/ui/shell/trouble/StoreFailure.svelte') then { default: StoreFailure }}
		<StoreFailure reason={preferences.storeFailure} />
	{/await}
{/if}
<ThumbBar />
{#if keys}
	{#await import('./ShortcutsDialog.svelte') then { default: ShortcutsDialog }}
		<ShortcutsDialog bind:open={keys} />
	{/await}
{/if}
{#if words}
	{#await import('./WordsDialog.svelte') then { default: WordsDialog }}
		<WordsDialog bind:open={words} />
	{/await}
{/if}
