<script lang="ts">
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';
	import ComparePanel from './ComparePanel.svelte';
	import LadderPanel from './LadderPanel.svelte';
	import SchoolsPanel from './SchoolsPanel.svelte';
	import SetupPanel from './SetupPanel.svelte';
	import WhyPanel from './WhyPanel.svelte';
	import { PANELS, type PanelId } from './panels';

	interface Props {
		bench: ShotBench;
		panel: PanelId;
	}
	let { bench, panel = $bindable() }: Props = $props();

	let against = $state<string | null>(null);

	function onkeydown(event: KeyboardEvent) {
		const at = PANELS.findIndex(({ id }) => id === panel);
		const move = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
		if (!move) return;
		panel = PANELS[(at + move + PANELS.length) % PANELS.length]!.id;
		document.getElementById(`tab-${panel}`)?.focus();
	}
</script>

<aside aria-label="What there is to say about it">
	<div role="tablist" tabindex="-1" aria-label="Panels" {onkeydown}>
		{#each PANELS as { id, label } (id)}
			<button
				id={`tab-${id}`}
				role="tab"
				type="button"
				aria-selected={panel === id}
				aria-controls="panel"
				tabindex={panel === id ? 0 : -1}
				onclick={() => (panel = id)}
			>
				{label}
			</button>
		{/each}
	</div>
	<div id="panel" role="tabpanel" tabindex="0" aria-labelledby={`tab-${panel}`}>
		{#if panel === 'ladder'}
			<LadderPanel
				{bench}
				onCompare={(key) => {
					against = key;
					panel = 'compare';
				}}
			/>
		{:else if panel === 'why'}
			<WhyPanel {bench} />
		{:else if panel === 'compare'}
			<ComparePanel {bench} {against} onagainst={(key) => (against = key)} />
		{:else if panel === 'schools'}
			<SchoolsPanel {bench} />
		{:else}
			<SetupPanel {bench} />
		{/if}
	</div>
</aside>

<style>
	[role='tablist'] {
		display: flex;
		border-bottom: 2px solid var(--ink);
		overflow-x: auto;
	}
	[role='tab'] {
		flex: 1;
		min-height: 44px;
		padding-inline: 8px;
		font-weight: 600;
		cursor: pointer;
	}
	[role='tab'][aria-selected='true'] {
		background: var(--ink);
		color: var(--paper);
	}
	[role='tabpanel'] {
		padding: 12px 16px 24px;
	}
</style>
