<script lang="ts">
	import Keyboard from '@lucide/svelte/icons/keyboard';
	import { onMount } from 'svelte';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import type { LengthUnit } from '$lib/ui/format/lengths';
	import ShortcutsDialog from './ShortcutsDialog.svelte';
	import { shortcuts } from './shortcuts.svelte';
	import { isHere, VIEWS } from './views';

	let keys = $state(false);
	const theme = (value: string) =>
		preferences.change({ theme: value as 'paper' | 'slate' | 'sunlight' });

	function pace(input: HTMLInputElement) {
		const metres = input.valueAsNumber / 100;
		if (metres >= 0.5 && metres <= 1.3) preferences.change({ paceLength: metres });
		else input.value = String(Math.round(preferences.current.paceLength * 100));
	}

	onMount(() =>
		shortcuts.use({
			heading: 'Everywhere',
			shortcuts: [
				{ keys: ['Shift+?', '?'], shown: '?', does: 'This list', run: () => (keys = true) }
			]
		})
	);
</script>

<header class="flex min-h-12 flex-wrap items-center gap-x-6 gap-y-1 px-4 max-md:gap-x-2">
	<a class="py-2.5 text-lg font-extrabold tracking-tight" href={resolve('/')}>Crisp Landing</a>
	<nav class="flex gap-1 max-md:order-3 max-md:w-full" aria-label="Views">
		{#each VIEWS as view (view.href)}
			<a
				class="border-b-3 border-transparent px-3 py-2.5 font-semibold aria-[current]:border-(--clay)"
				href={view.href}
				aria-current={isHere(view.href, page.url.pathname) ? 'page' : undefined}>{view.label}</a
			>
		{/each}
	</nav>
	<div class="ml-auto flex items-center gap-2 max-md:gap-0">
		<label>
			<span class="sr-only">Units</span>
			<select
				class="select w-26 border-0 max-md:w-22 max-md:pe-6 max-md:text-sm"
				value={preferences.current.units}
				onchange={(e) => preferences.change({ units: e.currentTarget.value as LengthUnit })}
			>
				<option value="metres">Metres</option>
				<option value="yards">Yards</option>
				<option value="feet">Feet</option>
				<option value="paces">Paces</option>
			</select>
		</label>
		{#if preferences.current.units === 'paces'}
			<label class="flex items-center gap-1">
				<span class="sr-only">Length of your pace in centimetres</span>
				<input
					class="input input-ghost figure w-20 text-right font-semibold"
					type="number"
					min="50"
					max="130"
					value={Math.round(preferences.current.paceLength * 100)}
					onchange={(e) => pace(e.currentTarget)}
				/> cm
			</label>
		{/if}
		<label>
			<span class="sr-only">Look</span>
			<select
				class="select w-28 border-0 max-md:w-22 max-md:pe-6 max-md:text-sm"
				value={preferences.current.theme}
				onchange={(e) => theme(e.currentTarget.value)}
			>
				<option value="paper">Paper</option>
				<option value="slate">Slate</option>
				<option value="sunlight">Sunlight</option>
			</select>
		</label>
		<button
			type="button"
			class="btn btn-ghost btn-square"
			aria-label="Keys"
			onclick={() => (keys = true)}
		>
			<Keyboard size={20} aria-hidden="true" />
		</button>
	</div>
</header>
{#if preferences.storeFailure}
	<p class="alert alert-warning alert-soft mx-4 rounded-none" role="alert">
		The data of this browser cannot be read or kept: {preferences.storeFailure} A shot can still be worked
		out.
	</p>
{/if}
<ShortcutsDialog bind:open={keys} />
