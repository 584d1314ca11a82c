<script lang="ts">
	import type { ShotBench } from '$lib/ui/state/shotBench.svelte';
	import BagDialog from './BagDialog.svelte';
	import FieldBook from './FieldBook.svelte';
	import ShotBar from './ShotBar.svelte';
	import ShotSheet from './ShotSheet.svelte';
	import SidePanels from './SidePanels.svelte';
	import { PANELS, type PanelId } from './panels';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	let panel = $state<PanelId>('ladder');
	let bagOpen = $state(false);

	function step(by: number) {
		const { choices } = bench;
		const at = choices.findIndex((choice) => choice.key === bench.chosen?.key);
		const next = choices[Math.min(choices.length - 1, Math.max(0, at + by))];
		if (next) bench.choose(next.key);
	}

	function onkeydown(event: KeyboardEvent) {
		const { target } = event;
		const busy =
			target instanceof Element && target.closest('input, select, textarea, [role="dialog"]');
		if (busy || event.ctrlKey || event.metaKey || event.altKey) return;
		const key = event.key.toLowerCase();
		const named = PANELS.find((item) => item.key === key);
		if (named) panel = named.id;
		else if (key === 'b') bagOpen = true;
		else if (key === 'j') step(1);
		else if (key === 'k') step(-1);
		else if (key === 'escape') bench.cancel();
		else if (/^[1-9]$/.test(key)) bench.choose(bench.choices[Number(key) - 1]?.key ?? null);
	}
</script>

<svelte:window {onkeydown} />
<ShotBar {bench} />
<div class="shot">
	<div class="sheet"><ShotSheet {bench} /></div>
	<div class="panels"><SidePanels {bench} bind:panel /></div>
	<div class="book"><FieldBook {bench} onbag={() => (bagOpen = true)} /></div>
</div>
<BagDialog {bench} bind:open={bagOpen} />

<style>
	.shot {
		display: grid;
		grid-template: 'sheet panels' auto 'book panels' 1fr / minmax(0, 1fr) 25.5rem;
	}
	.sheet {
		grid-area: sheet;
	}
	.book {
		grid-area: book;
	}
	.panels {
		grid-area: panels;
		border-left: 2px solid var(--ink);
		border-top: 2px solid var(--ink);
	}
	@media (max-width: 1000px) {
		.shot {
			grid-template: 'sheet' 'panels' 'book' / minmax(0, 1fr);
		}
		.panels {
			border-left: 0;
		}
	}
</style>
