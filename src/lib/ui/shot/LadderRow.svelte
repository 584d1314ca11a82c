<script lang="ts">
	import Columns2 from '@lucide/svelte/icons/columns-2';
	import { formatLength } from '$lib/ui/format/lengths';
	import { strokesWords } from '$lib/ui/format/strokes';
	import { preferences } from '$lib/ui/state/preferences.svelte';
	import { choiceWords } from './callWords';
	import type { Choice } from '$lib/ui/state/choices';

	interface Props {
		choice: Choice;
		/** The longest carry and roll of the ladder, so that the bars share a scale. */
		longest: number;
		/** Distance of the pin. */
		pin: number;
		rank: number;
		chosen: boolean;
		onchoose: () => void;
		oncompare: () => void;
	}
	const { choice, longest, pin, rank, chosen, onchoose, oncompare }: Props = $props();

	const outcome = $derived(choice.rung.solution.outcome);
	const say = (metres: number) => formatLength(metres, preferences.style);
	const share = (metres: number) => `${(100 * metres) / longest}%`;
	const stats = $derived(choice.option?.statistics);
	const name = $derived(choiceWords(choice, pin, say));
</script>

<li class:chosen>
	<button type="button" class="row" aria-pressed={chosen} onclick={onchoose}>
		<span class="name"
			>{rank}. {name}
			{#if choice.option?.tied && rank > 1}<em>tie</em>{/if}</span
		>
		<span class="bar" aria-hidden="true">
			<span class="air" style:width={share(outcome.carry)}></span>
			<span class="roll" style:width={share(outcome.roll)}></span>
		</span>
		{#if stats}
			<span class="figure strong">{strokesWords(stats.expectedStrokes)}</span>
			<span class="figure">{say(stats.leave.median)}</span>
			<span class="figure">{preferences.say.percent(stats.chances.upAndDown)}</span>
		{:else}
			<span class="figure strong">{say(outcome.carry)}</span>
			<span class="figure">{say(outcome.roll)}</span>
			<span class="figure">{say(outcome.apex)}</span>
		{/if}
	</button>
	<button
		type="button"
		class="quiet-button"
		aria-label={`Compare ${name} with the chosen shot`}
		disabled={chosen}
		onclick={oncompare}
	>
		<Columns2 size={18} aria-hidden="true" />
	</button>
</li>

<style>
	li {
		display: flex;
		align-items: center;
		border-bottom: 1px solid var(--rule);
		border-left: 4px solid transparent;
	}
	.chosen {
		border-left-color: var(--clay);
		background: var(--shade);
	}
	.row {
		display: grid;
		grid-template-columns: minmax(0, 1fr) 3.25rem 3.75rem 3.25rem;
		column-gap: 6px;
		flex: 1;
		min-width: 0;
		min-height: 48px;
		padding: 6px 0 6px 4px;
		text-align: left;
		cursor: pointer;
		align-items: center;
	}
	.name {
		font-weight: 700;
		font-size: 0.9375rem;
		line-height: 1.2;
	}
	em {
		font-weight: 400;
		color: var(--faint);
	}
	.bar {
		grid-column: 1;
		grid-row: 2;
		display: flex;
		height: 12px;
		margin-top: 3px;
	}
	.air {
		border: 1.5px solid var(--sky);
		background: repeating-linear-gradient(135deg, var(--sky) 0 1.5px, transparent 1.5px 5px);
	}
	.roll {
		background: var(--turf);
		border-left: 3px solid var(--clay);
	}
	.figure {
		text-align: right;
		font-size: 0.875rem;
		grid-row: 1 / span 2;
	}
	.strong {
		font-weight: 700;
		font-size: 1rem;
	}
</style>
