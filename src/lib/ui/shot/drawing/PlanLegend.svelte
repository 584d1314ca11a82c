<script lang="ts">
	import type { PlanLayers } from './planLayers';

	interface Props {
		/** Sentences about what is drawn. */
		words: string[];
		/** Offers the whole green, where there is a map. */
		mapped: boolean;
		whole: boolean;
		shows: PlanLayers;
		/** Whether the ground is shown as the eye meets it, in the place of the plan. */
		behind: boolean;
	}
	let {
		words,
		mapped,
		whole = $bindable(),
		shows = $bindable(),
		behind = $bindable()
	}: Props = $props();

	const LAYERS: readonly { key: keyof PlanLayers; label: string }[] = [
		{ key: 'landing', label: 'Landing' },
		{ key: 'balls', label: 'Balls' },
		{ key: 'slope', label: 'Slope' },
		{ key: 'windows', label: 'Low, middle, high' }
	];
	/** The slope is drawn on the plan, and seen from behind the ball; flights are seen there only. */
	const shown = $derived(LAYERS.filter(({ key }) => key !== (behind ? 'slope' : 'windows')));
</script>

<div class="legend">
	<p>{behind ? '' : words.join(' · ')}</p>
	<button type="button" class="turn" aria-pressed={behind} onclick={() => (behind = !behind)}>
		{behind ? 'From above' : 'From behind the ball'}
	</button>
	<span
		class="layers"
		role="group"
		aria-label={behind ? 'Shown in the picture' : 'Shown on the plan'}
	>
		{#each shown as { key, label } (key)}
			<label>
				<input class="checkbox checkbox-sm" type="checkbox" bind:checked={shows[key]} />
				{label}
			</label>
		{/each}
	</span>
	{#if mapped && !behind}
		<button type="button" class="turn" aria-pressed={whole} onclick={() => (whole = !whole)}>
			{whole ? 'Along the line' : 'Whole green'}
		</button>
	{/if}
</div>

<style>
	.legend {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 0 12px;
		padding: 0 8px;
		min-height: 28px;
		font-size: 0.8125rem;
		background: var(--paper);
	}
	p {
		flex: 1;
		min-width: 12rem;
		padding-block: 4px;
	}
	.layers {
		display: flex;
		flex-wrap: wrap;
		gap: 0 14px;
	}
	label {
		display: flex;
		align-items: center;
		gap: 6px;
		min-height: 44px;
		font-weight: 600;
		cursor: pointer;
	}
	.turn {
		min-height: 44px;
		padding-inline: 8px;
		font-weight: 700;
		text-decoration: underline;
		cursor: pointer;
	}
</style>
