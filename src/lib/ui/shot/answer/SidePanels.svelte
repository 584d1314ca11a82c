<script lang="ts">
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
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
</script>

<aside aria-label="What there is to say about it">
	<TabBar
		label="Panels"
		tabs={PANELS}
		active={panel}
		panel="panel"
		onselect={(id) => (panel = id)}
	/>
	<div
		class="px-4 pt-3 pb-6"
		id="panel"
		role="tabpanel"
		tabindex="0"
		aria-labelledby={`panel-tab-${panel}`}
	>
		{#if panel === 'ladder'}
			<LadderPanel
				{bench}
				onCompare={(key) => {
					against = key;
					panel = 'compare';
				}}
			/>
		{:else if panel === 'ratio'}
			{#await import('./RatioPanel.svelte') then { default: RatioPanel }}
				<RatioPanel {bench} />
			{/await}
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
