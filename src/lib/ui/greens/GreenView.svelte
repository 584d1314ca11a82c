<script lang="ts">
	import ViewHeading from '$lib/ui/shell/ViewHeading.svelte';
	import { newId } from '$lib/store/base/newId';
	import { onDestroy, onMount, untrack } from 'svelte';
	import { historyShortcuts, shortcuts } from '$lib/ui/shell/shortcuts.svelte';
	import type { WantedWire } from '$lib/io/fields/wanted';
	import { wishOn } from '$lib/io/work/greenStudy';
	import { firstPlace } from '$lib/io/work/placedShot';
	import type { GreenWire } from '$lib/io/work/green';
	import type { ReadingWire } from '$lib/io/work/reading';
	import type { WorkingShot } from '$lib/io/work/shot';
	import Later from '$lib/ui/controls/Later.svelte';
	import TabBar from '$lib/ui/controls/TabBar.svelte';
	import { playing } from '$lib/ui/state/playing.svelte';
	import type { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';
	import { insertCorner, removePart, withPin } from '$lib/ui/greens/state/greenEdits';
	import { MissStudy } from '$lib/ui/greens/state/missStudy.svelte';
	import { PinDuel } from '$lib/ui/greens/state/pinDuel.svelte';
	import BallMark from './BallMark.svelte';
	import DuelPanel from './DuelPanel.svelte';
	import GreenBar from './GreenBar.svelte';
	import GreenEye from '$lib/ui/perspective/GreenEye.svelte';
	import GreenMap from './GreenMap.svelte';
	import LayerSwitches from './LayerSwitches.svelte';
	import { GREEN_TABS, type GreenTab } from './greenTabs';
	import MissMarks from './MissMarks.svelte';
	import MissPanel from './MissPanel.svelte';
	import PinsPanel from './PinsPanel.svelte';
	import ShapePanel from './ShapePanel.svelte';
	import SurveyPanel from './SurveyPanel.svelte';
	import TodayPanel from './TodayPanel.svelte';

	interface Props {
		bench: GreenBench;
		/** Newest first. */
		readings: ReadingWire[];
		/** The last shot: its weather and ball, and what it asked for if it was on this green. */
		last: Pick<WorkingShot, 'situation' | 'wanted' | 'place'>;
	}
	const { bench, readings, last }: Props = $props();

	let tab = $state<GreenTab>('today');
	let adding = $state<string | null>(null);
	let shown = $state({ ...GREEN_TABS[0]!.layers });
	let pinA = $state(0);
	let pinB = $state(1);
	/** Whether the green is seen from beside it, not from above. */
	let standing = $state(false);
	// svelte-ignore state_referenced_locally
	let ball = $state<[number, number]>(firstPlace(bench.green, undefined).ball);
	// svelte-ignore state_referenced_locally
	const study = new MissStudy(bench.pool);
	// svelte-ignore state_referenced_locally
	const duel = new PinDuel(bench.pool);
	onDestroy(() => {
		study.clear();
		duel.clear();
	});

	const green = $derived(bench.green);
	const chosenPin = $derived(bench.selected?.kind === 'pin' ? bench.selected.index : pinA);
	const pins = $derived([pinA, pinB].flatMap((i) => (green.pins[i] ? [green.pins[i].at] : [])));
	let tall = $state(640);
	let wide = $state(1280);
	/** On a narrow screen the map leaves room for what is below it. */
	const height = $derived(wide < 1000 ? Math.min(420, 1.05 * wide) : Math.max(420, tall - 190));

	let chosenWish = $state.raw<WantedWire | null>(null);
	const usualWish = $derived(wishOn(green.id, last, playing.playing.golfer));
	const wish = $derived(chosenWish ?? usualWish);

	// An answer about another map, pin, shot or player is no answer.
	$effect(() => {
		void [green, pinA, wish, playing.playing, readings[0]?.id];
		untrack(() => study.clear());
	});
	$effect(() => {
		void [green, pinA, pinB, ball, playing.playing, readings[0]?.id];
		untrack(() => duel.clear());
	});

	function show(id: GreenTab) {
		tab = id;
		adding = null;
		bench.selected = null;
		shown = { ...GREEN_TABS.find((item) => item.id === id)!.layers };
	}

	function add(at: [number, number]) {
		const change = (apply: (g: GreenWire) => void) => bench.change(apply);
		if (adding === 'spot') {
			change((g) => g.spots.push({ at, height: heightNear(at), leftOut: false }));
			bench.selected = { kind: 'spot', index: green.spots.length - 1 };
		} else if (adding === 'tilt') {
			change((g) => g.tilts.push({ at, percent: 0, fallsTowards: 180, leftOut: false }));
			bench.selected = { kind: 'tilt', index: green.tilts.length - 1 };
		} else if (adding === 'pin') {
			change((g) => withPin(g, newId(), at));
			bench.selected = { kind: 'pin', index: green.pins.length - 1 };
		} else if (adding === 'corner') {
			let index = 0;
			change((g) => (index = insertCorner(g.outline, at)));
			bench.selected = { kind: 'corner', index };
		}
	}

	/** A new spot starts at the height of the nearest one: the number then only has to be stepped. */
	function heightNear([u, v]: [number, number]): number {
		const far = (at: readonly [number, number]) => Math.hypot(at[0] - u, at[1] - v);
		if (green.spots.length === 0) return 0;
		return green.spots.reduce((a, b) => (far(b.at) < far(a.at) ? b : a)).height;
	}

	function removeSelected() {
		const part = bench.selected;
		if (!part) return;
		bench.change((g) => removePart(g, part));
		bench.selected = null;
	}

	const byTab = {
		keys: GREEN_TABS.map((_, i) => String(i + 1)),
		shown: `1 … ${GREEN_TABS.length}`,
		does: GREEN_TABS.map(({ label }) => label).join(', '),
		run: ({ key }: KeyboardEvent) => show(GREEN_TABS[Number(key) - 1]!.id)
	};

	onMount(() =>
		shortcuts.use({
			heading: 'On this green',
			shortcuts: [
				byTab,
				{
					keys: ['Delete', 'Backspace'],
					shown: 'Delete',
					does: 'Remove what is chosen',
					run: removeSelected
				},
				{ keys: ['Escape'], shown: 'Esc', does: 'Stop adding', run: () => (adding = null) },
				...historyShortcuts(bench)
			]
		})
	);
</script>

<ViewHeading text={green.name} class="sr-only" />
<svelte:window bind:innerHeight={tall} bind:innerWidth={wide} />
<GreenBar {bench} />
<div class="grid grid-cols-[minmax(0,1fr)_25.5rem] max-lg:grid-cols-1">
	<div class="map">
		{#if standing}
			<GreenEye
				{green}
				{ball}
				pin={green.pins[chosenPin]?.at}
				reading={readings[0]}
				height={Math.max(240, height - 60)}
			/>
		{:else}
			<Later>
				<GreenMap
					{bench}
					{tab}
					layers={shown}
					{adding}
					pin={tab === 'survey' || tab === 'shape' || tab === 'miss' ? null : chosenPin}
					{height}
					include={tab === 'duel' ? [ball] : []}
					onadd={add}
				>
					{#snippet marks(view, hold, release)}
						{#if tab === 'miss'}<MissMarks costs={study.costs} {view} />{/if}
						{#if tab === 'duel'}
							<BallMark
								{ball}
								{pins}
								{view}
								onstart={hold}
								onmove={(moved) => (ball = moved)}
								onend={release}
							/>
						{/if}
					{/snippet}
				</GreenMap>
			</Later>
		{/if}
		<div class="flex flex-wrap items-center justify-between gap-2">
			{#if !standing}<LayerSwitches bind:shown />{/if}
			<button
				type="button"
				class="btn btn-sm m-1 min-h-9"
				aria-pressed={standing}
				onclick={() => (standing = !standing)}
				>{standing ? 'From above' : 'From where you stand'}</button
			>
		</div>
	</div>
	<aside
		class="min-w-0 border-t-2 border-l-2 border-t-(--ink) border-l-(--ink) max-lg:border-l-0 lg:max-h-[calc(100vh_-_102px)] lg:overflow-y-auto lg:overscroll-contain"
		aria-label="About this green"
	>
		<TabBar label="Panels" tabs={GREEN_TABS} active={tab} panel="green-panel" onselect={show} />
		<div
			class="px-4 pt-3 pb-6"
			id="green-panel"
			role="tabpanel"
			tabindex="0"
			aria-labelledby={`green-panel-tab-${tab}`}
		>
			{#if tab === 'today'}
				<Later><TodayPanel {bench} {readings} bag={playing.playing.bag} /></Later>
			{:else if tab === 'survey'}
				<SurveyPanel {bench} {adding} onadding={(what) => (adding = what)} />
			{:else if tab === 'shape'}
				<ShapePanel {bench} {adding} onadding={(what) => (adding = what)} />
			{:else if tab === 'pins'}
				<PinsPanel {bench} {adding} onadding={(what) => (adding = what)} />
			{:else if tab === 'miss'}
				<MissPanel
					{bench}
					{study}
					{last}
					reading={readings[0]}
					pin={pinA}
					onpin={(pin) => (pinA = pin)}
					{wish}
					usual={usualWish}
					onwish={(to) => (chosenWish = to)}
				/>
			{:else}
				<DuelPanel
					{bench}
					{duel}
					{last}
					reading={readings[0]}
					{ball}
					pins={[pinA, pinB]}
					onpins={([a, b]) => {
						pinA = a;
						pinB = b;
					}}
				/>
			{/if}
		</div>
	</aside>
</div>
