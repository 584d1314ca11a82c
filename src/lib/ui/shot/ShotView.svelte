<script lang="ts">
	import { onMount } from 'svelte';
	import { historyShortcuts, shortcuts } from '$lib/ui/shell/shortcuts.svelte';
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

	const byPanel = PANELS.map(({ id, label, key }) => ({
		keys: [key],
		shown: key.toUpperCase(),
		does: `${label} panel`,
		run: () => (panel = id)
	}));
	const byRank = {
		keys: Array.from({ length: 9 }, (_, i) => String(i + 1)),
		shown: '1 … 9',
		does: 'Choose that row of the ladder',
		run: ({ key }: KeyboardEvent) => bench.choose(bench.choices[Number(key) - 1]?.key ?? null)
	};

	onMount(() =>
		shortcuts.use({
			heading: 'On this shot',
			shortcuts: [
				...byPanel,
				byRank,
				{ keys: ['j'], shown: 'J', does: 'Next row of the ladder', run: () => step(1) },
				{ keys: ['k'], shown: 'K', does: 'Row before', run: () => step(-1) },
				{ keys: ['b'], shown: 'B', does: 'Open the bag', run: () => (bagOpen = true) },
				{
					keys: ['Escape'],
					shown: 'Esc',
					does: 'Stop the calculation',
					run: () => bench.cancel()
				},
				...historyShortcuts(bench)
			]
		})
	);
</script>

<ShotBar {bench} />
<div
	class="grid [grid-template:'sheet_panels'_auto_'book_panels'_1fr_/_minmax(0,1fr)_25.5rem] max-lg:[grid-template:'sheet'_'panels'_'book'_/_minmax(0,1fr)]"
>
	<div class="[grid-area:sheet]"><ShotSheet {bench} /></div>
	<div
		class="border-t-2 border-l-2 border-t-(--ink) border-l-(--ink) [grid-area:panels] max-lg:border-l-0"
	>
		<SidePanels {bench} bind:panel />
	</div>
	<div class="[grid-area:book]"><FieldBook {bench} onbag={() => (bagOpen = true)} /></div>
</div>
<BagDialog {bench} bind:open={bagOpen} />
