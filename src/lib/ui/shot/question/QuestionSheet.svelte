<script lang="ts">
	import { tick } from 'svelte';
	import { knownToPage } from '$lib/ui/controls/knownToPage';
	import type { ShotBench } from '$lib/ui/shot/state/shotBench.svelte';
	import AirFields from './AirFields.svelte';
	import GrassFields from './GrassFields.svelte';
	import GroundFields from './GroundFields.svelte';
	import HazardFields from './HazardFields.svelte';
	import LieFields from './LieFields.svelte';
	import WhoFields from './WhoFields.svelte';
	import type { QuestionTile } from './questions';
	import ReadOffMap from './ReadOffMap.svelte';
	import SlopeFields from './SlopeFields.svelte';
	import StanceFields from './StanceFields.svelte';
	import TodayFields from './TodayFields.svelte';
	import WidthFields from './WidthFields.svelte';

	interface Props {
		bench: ShotBench;
		tile: QuestionTile;
		onclose: () => void;
	}
	const { bench, tile, onclose }: Props = $props();

	let heading = $state<HTMLElement>();
	/** The tile is made anew with every change of the shot; only another question moves the focus. */
	const id = $derived(tile.id);

	$effect(() => {
		const asked = id;
		void tick().then(() => heading?.focus({ preventScroll: true }));
		return () => document.getElementById(`ask-${asked}`)?.focus({ preventScroll: true });
	});

	function onkeydown(event: KeyboardEvent) {
		if (event.key !== 'Escape') return;
		event.stopPropagation();
		onclose();
	}
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<section
	id="question"
	{@attach knownToPage('with-question')}
	class="max-lg:bg-base-100 grid content-start gap-3 px-4 pt-3 pb-6 max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-30 max-lg:max-h-[52dvh] max-lg:overflow-y-auto max-lg:border-t-2 max-lg:border-t-(--ink)"
	aria-labelledby="question-heading"
	{onkeydown}
>
	<div class="flex items-center justify-between gap-4">
		<h2
			id="question-heading"
			class="text-xl font-bold outline-none"
			tabindex="-1"
			bind:this={heading}
		>
			{tile.label}
		</h2>
		<button type="button" class="btn" onclick={onclose}>Done</button>
	</div>
	{#if tile.id === 'lie'}
		<LieFields {bench} />
	{:else if tile.id === 'stance'}
		<StanceFields {bench} />
	{:else if tile.id === 'distance'}
		<GroundFields {bench} />
		{#if !bench.line}<GrassFields {bench} />{/if}
	{:else if tile.id === 'green'}
		<TodayFields {bench} />
	{:else if bench.line && (tile.id === 'slope' || tile.id === 'way')}
		<ReadOffMap {bench} line={bench.line} />
	{:else if tile.id === 'slope'}
		<SlopeFields {bench} />
	{:else if tile.id === 'way'}
		<HazardFields {bench} />
		<WidthFields {bench} />
	{:else if tile.id === 'wanted'}
		{#await import('./WantedFields.svelte') then { default: WantedFields }}
			<WantedFields {bench} />
		{/await}
	{:else if tile.id === 'who'}
		<WhoFields file={bench.file} />
	{:else}
		<AirFields {bench} />
	{/if}
</section>
