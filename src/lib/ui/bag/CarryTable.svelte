<script lang="ts">
	import { soMany } from '$lib/io/words/say';
	import Term from '$lib/ui/controls/Term.svelte';
	import type { CarryCell } from '$lib/core/player/carryTable';
	import type { CarryFlight } from '$lib/core/solve/measuredSwings';
	import type { SwingVocabulary } from '$lib/core/player/swingLength';
	import type { ClubDraft } from '$lib/io/work/club';
	import { markWords } from '$lib/io/words/swing';
	import { formatFigure } from '$lib/ui/format/lengths';
	import { playing } from '$lib/ui/state/playing.svelte';
	import { carryColumns, cellAt, stateOf, type CarryColumn } from './carryGrid';

	interface Props {
		clubs: readonly ClubDraft[];
		cells: readonly CarryCell<CarryFlight>[];
		flight: CarryFlight;
		vocabulary: SwingVocabulary;
		onopen: (club: ClubDraft, column: CarryColumn) => void;
	}
	const { clubs, cells, flight, vocabulary, onopen }: Props = $props();

	/** The most lofted first; a wood only where it was measured. */
	const rows = $derived(
		clubs
			.filter(({ kind }) => kind !== 'putter')
			.filter(({ kind, id }) => kind !== 'wood' || cells.some(({ club }) => club === id))
			.sort((a, b) => b.loft - a.loft)
	);
	const columns = $derived(
		carryColumns(
			vocabulary,
			cells.filter((cell) => cell.flight === flight)
		)
	);
	const said = (metres: number) => formatFigure(metres, playing.style);
	const WORDS = { missing: 'not measured', thin: 'few balls', good: 'measured' };

	function cellWords(club: ClubDraft, column: CarryColumn): string {
		const cell = cellAt(cells, club, column, flight);
		const place = `${club.name}, ${markWords(column.name, vocabulary)}`;
		if (!cell) return `${place}: not measured`;
		const balls = cell.stated ? 'stated' : soMany(cell.n, 'ball');
		const days = !cell.stated && cell.n > 1 && cell.days === 1 ? ' of one day' : '';
		const odd = cell.contradiction ? ', does not fit its neighbour' : '';
		return `${place}: ${said(cell.mean)} ${playing.style.symbol}, ${balls}${days}${odd}`;
	}
</script>

<div class="overflow-x-auto" role="region" aria-label="Carry table" tabindex="-1">
	<table class="w-full border-collapse">
		<thead>
			<tr>
				<th
					class="bg-base-100 sticky left-0 z-1 p-1 text-left text-[0.8125rem] font-normal text-(--faint)"
					>Carry in {playing.style.symbol}</th
				>
				{#each columns as column (column.angle)}
					<th
						scope="col"
						class={[
							'min-w-[4.75rem] p-1 text-center text-[0.8125rem] leading-tight font-semibold',
							column.foreign && 'italic'
						]}>{markWords(column.name, vocabulary)}</th
					>
				{/each}
			</tr>
		</thead>
		<tbody>
			{#each rows as club (club.id)}
				<tr class="border-t border-(--shade)">
					<th scope="row" class="bg-base-100 sticky left-0 z-1 max-w-24 p-1 text-left wrap-anywhere"
						>{club.name}
						<span class="text-[0.8125rem] font-normal whitespace-nowrap text-(--faint)"
							>{club.loft}°</span
						></th
					>
					{#each columns as column (column.angle)}
						{@const cell = cellAt(cells, club, column, flight)}
						{@const state = stateOf(cell)}
						<td class="p-0.5">
							<button
								type="button"
								class={['cell figure', state, cell?.contradiction && 'odd']}
								aria-label={cellWords(club, column)}
								onclick={() => onopen(club, column)}
							>
								{#if cell}
									<b>{said(cell.mean)}{cell.contradiction ? ' ?' : ''}</b>
									<small
										>{cell.stated && cell.n === 1
											? 'said'
											: `${said(cell.spread ?? cell.posterior)} · ${cell.n}`}</small
									>
								{:else}
									<span aria-hidden="true">·</span>
								{/if}
							</button>
						</td>
					{/each}
				</tr>
			{/each}
		</tbody>
	</table>
</div>
<p class="hint mt-2 flex flex-wrap gap-x-4 gap-y-1">
	{#each ['good', 'thin', 'missing'] as const as state (state)}
		<span class="flex items-center gap-1.5"
			><span class={['swatch', state]} aria-hidden="true"></span>{WORDS[state]}</span
		>
	{/each}
	<span>small figures: <Term of="spread" label="spread" /> · balls</span>
	{#if columns.some(({ foreign }) => foreign)}
		<span>in italics: kept under a mark of other swing words</span>
	{/if}
</p>

<style>
	.cell {
		display: grid;
		align-content: center;
		justify-items: center;
		width: 100%;
		min-height: 44px;
		cursor: pointer;
		line-height: 1.15;
	}
	.cell b {
		font-size: 1rem;
	}
	.cell small {
		font-size: 0.6875rem;
		white-space: nowrap;
	}
	.cell,
	.swatch {
		border: 1.5px solid transparent;
	}
	.missing {
		border: 1.5px dotted var(--rule);
		color: var(--faint);
	}
	.thin {
		background: repeating-linear-gradient(135deg, var(--turf-wash) 0 2px, var(--paper) 2px 7px);
		border-color: var(--turf-wash);
	}
	.good {
		background: var(--turf-wash);
		border-color: var(--turf);
	}
	.odd {
		border: 2.5px dashed var(--clay);
	}
	.swatch {
		display: inline-block;
		width: 20px;
		height: 14px;
	}
	/* Where fills are taken away the frames tell the three apart. */
	@media (forced-colors: active) {
		.thin {
			border: 1.5px dashed var(--ink);
		}
		.good {
			border-width: 3px;
		}
	}
</style>
