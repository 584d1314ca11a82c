<script lang="ts">
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { onMount } from 'svelte';
	import { goto } from '$app/navigation';
	import { resolve } from '$app/paths';
	import { historyShortcuts, shortcuts } from '$lib/ui/shell/shortcuts.svelte';
	import { settled } from '$lib/ui/shell/settled.svelte';
	import { hush, speak } from '$lib/ui/shell/speech';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import { callWords, linePlace, spokenCall } from '$lib/ui/call/callWords';
	import Later from '$lib/ui/controls/Later.svelte';
	import CallStrip from '$lib/ui/shot/answer/CallStrip.svelte';
	import { groupByClub } from '$lib/ui/shot/answer/ladderRows';
	import QuestionBar from '$lib/ui/shot/question/QuestionBar.svelte';
	import QuestionSheet from '$lib/ui/shot/question/QuestionSheet.svelte';
	import { questionTiles, type QuestionId } from '$lib/ui/shot/question/questions';
	import { formatFigure, formatLength } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import ShotBar from './ShotBar.svelte';
	import ShotSheet from '$lib/ui/shot/drawing/ShotSheet.svelte';
	import SwitchNotice from '$lib/ui/shot/answer/SwitchNotice.svelte';
	import SidePanels from '$lib/ui/shot/answer/SidePanels.svelte';
	import { PANELS, type PanelId } from '$lib/ui/shot/answer/panels';

	interface Props {
		bench: ShotBench;
	}
	const { bench }: Props = $props();

	let panel = $state<PanelId>('ladder');
	let asked = $state<QuestionId | null>(null);

	const tiles = $derived(
		questionTiles(bench.shot, bench.file.pupil, bench.stance, (metres, symbol = true) =>
			symbol ? formatLength(metres, playing.style) : formatFigure(metres, playing.style)
		)
	);
	const tile = $derived(tiles.find(({ id }) => id === asked));

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
		run: () => {
			panel = id;
			asked = null;
		}
	}));
	const byRank = {
		keys: Array.from({ length: 9 }, (_, i) => String(i + 1)),
		shown: '1 … 9',
		does: 'Choose that club of the list',
		run: ({ key }: KeyboardEvent) => {
			const ways = groupByClub(bench.choices)[Number(key) - 1];
			if (ways) bench.choose(ways.best.key);
		}
	};

	/** What is called now, as it is said aloud; empty while it is worked out. */
	const spoken = $derived.by(() => {
		const { chosen, shot, status } = bench;
		if (!chosen || status !== 'ready') return '';
		const say = (metres: number) => formatLength(metres, playing.style);
		return spokenCall(callWords(chosen, linePlace(shot.situation), say, bench.file.pupil));
	});
	const said = settled(() => spoken);
	$effect(() => {
		if (preferences.current.aloud && said.words) speak(said.words);
	});
	onMount(() => hush);

	onMount(() =>
		shortcuts.use({
			heading: 'On this shot',
			shortcuts: [
				...byPanel,
				byRank,
				{ keys: ['j'], shown: 'J', does: 'Next club or way', run: () => step(1) },
				{ keys: ['k'], shown: 'K', does: 'The one before', run: () => step(-1) },
				{
					keys: ['b'],
					shown: 'B',
					does: 'Go to the bag',
					run: () => void goto(resolve('/bag'))
				},
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

<ViewHeading text={bench.name || 'New shot'} class="sr-only" />
<p class="sr-only" role="status">{said.words}</p>
<CallStrip {bench} />
<ShotBar {bench} />
<SwitchNotice {bench} />
<QuestionBar {tiles} {asked} onask={(id) => (asked = asked === id ? null : id)} />
<div class="grid grid-cols-[minmax(0,1fr)_25.5rem] max-lg:grid-cols-[minmax(0,1fr)]">
	<ShotSheet {bench} />
	<div class="border-t-2 border-l-2 border-t-(--ink) border-l-(--ink) max-lg:border-l-0">
		{#if tile}
			<QuestionSheet {bench} {tile} onclose={() => (asked = null)} />
		{/if}
		<div class:lg:hidden={tile !== undefined}>
			<Later><SidePanels {bench} bind:panel /></Later>
		</div>
	</div>
</div>
