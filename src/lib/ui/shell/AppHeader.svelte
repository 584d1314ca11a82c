<script lang="ts">
	import Keyboard from '@lucide/svelte/icons/keyboard';
	import { resolve } from '$app/paths';
	import { page } from '$app/state';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import type { LengthUnit } from '$lib/ui/format/lengths';
	import ShortcutsDialog from './ShortcutsDialog.svelte';

	let keys = $state(false);
	const views = [
		{ href: resolve('/greens'), label: 'Greens' },
		{ href: resolve('/'), label: 'Shot' },
		{ href: resolve('/saved'), label: 'Saved shots' },
		{ href: resolve('/data'), label: 'Data' }
	];

	const isHere = (href: string) =>
		href === resolve('/') ? page.url.pathname === href : page.url.pathname.startsWith(href);

	function onkeydown(event: KeyboardEvent) {
		const typing =
			event.target instanceof HTMLElement && event.target.closest('input, select, textarea');
		if (event.key === '?' && !typing) keys = true;
	}
</script>

<svelte:window {onkeydown} />
<header>
	<a class="mark" href={resolve('/')}>Crisp Landing</a>
	<nav aria-label="Views">
		{#each views as view (view.href)}
			<a href={view.href} aria-current={isHere(view.href) ? 'page' : undefined}>{view.label}</a>
		{/each}
	</nav>
	<div class="tools">
		<label>
			<span class="sr-only">Units</span>
			<select
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
			<label>
				<span class="sr-only">Length of your pace in centimetres</span>
				<input
					class="figure pace"
					type="number"
					min="50"
					max="130"
					value={Math.round(preferences.current.paceLength * 100)}
					onchange={(e) => {
						const metres = e.currentTarget.valueAsNumber / 100;
						if (metres >= 0.5 && metres <= 1.3) preferences.change({ paceLength: metres });
						else e.currentTarget.value = String(Math.round(preferences.current.paceLength * 100));
					}}
				/> cm
			</label>
		{/if}
		<label>
			<span class="sr-only">Look</span>
			<select
				value={preferences.current.theme}
				onchange={(e) =>
					preferences.change({ theme: e.currentTarget.value as 'paper' | 'slate' | 'sunlight' })}
			>
				<option value="paper">Paper</option>
				<option value="slate">Slate</option>
				<option value="sunlight">Sunlight</option>
			</select>
		</label>
		<button type="button" class="quiet-button" aria-label="Keys" onclick={() => (keys = true)}>
			<Keyboard size={20} aria-hidden="true" />
		</button>
	</div>
</header>
<ShortcutsDialog bind:open={keys} />

<style>
	header {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 4px 24px;
		padding-inline: 16px;
		min-height: 48px;
	}
	.mark {
		font-weight: 800;
		font-size: 1.125rem;
		letter-spacing: -0.01em;
		padding-block: 10px;
	}
	nav {
		display: flex;
		gap: 4px;
	}
	nav a {
		padding: 10px 12px;
		font-weight: 600;
		border-bottom: 3px solid transparent;
	}
	nav a[aria-current] {
		border-bottom-color: var(--clay);
	}
	.tools {
		display: flex;
		align-items: center;
		gap: 8px;
		margin-left: auto;
	}
	@media (max-width: 720px) {
		nav {
			order: 3;
			width: 100%;
		}
	}
	select,
	.pace {
		height: 44px;
		background: var(--paper);
		font-weight: 600;
		cursor: pointer;
	}
	.pace {
		width: 4rem;
		text-align: right;
	}
</style>
