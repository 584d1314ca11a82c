<script lang="ts">
	import type { Residual } from '$lib/core/green/spotFit';
	import { figure } from '$lib/ui/format/figure';
	import type { GreenBench, GreenPart } from '$lib/ui/greens/state/greenBench.svelte';
	import { samePart } from '$lib/ui/greens/state/greenBench.svelte';
	import GreenFiles from './GreenFiles.svelte';
	import PartEditor from './PartEditor.svelte';
	import { residualFigure } from './residualWords';

	interface Props {
		bench: GreenBench;
		adding: string | null;
		onadding: (what: string | null) => void;
	}
	const { bench, adding, onadding }: Props = $props();

	const green = $derived(bench.green);
	const residuals = $derived(bench.report?.residuals ?? []);
	const residualOf = (part: GreenPart): Residual | undefined =>
		residuals.find((r) => r.kind === part.kind && r.index === part.index);
	const bad = $derived(residuals.filter((residual) => residual.bad));
	const rows = $derived([
		...green.spots.map((spot, index) => ({
			part: { kind: 'spot', index } as const,
			name: `Spot ${index + 1}`,
			value: `${figure(spot.height, 2)} m`,
			leftOut: spot.leftOut
		})),
		...green.tilts.map((tilt, index) => ({
			part: { kind: 'tilt', index } as const,
			name: `Tilt ${index + 1}`,
			value: `${tilt.percent.toFixed(1)} %`,
			leftOut: tilt.leftOut
		}))
	]);
	const selected = $derived(
		bench.selected && (bench.selected.kind === 'spot' || bench.selected.kind === 'tilt')
			? bench.selected
			: null
	);
	const toggle = (what: string) => onadding(adding === what ? null : what);
	const spacing = $derived(green.grid?.cell ?? 0);
</script>

<div class="grid gap-3">
	{#if green.grid}
		<p>
			The surface of this green comes from a height grid of {green.grid.columns} × {green.grid.rows}
			nodes, {spacing.toFixed(2)} m apart. Spot heights and tilts are kept but not used while it is there.
		</p>
		<button type="button" class="btn" onclick={() => bench.change((g) => (g.grid = null))}
			>Use the readings instead</button
		>
	{:else}
		<p>
			Tape and staff for heights, a level for tilts. A spot every three paces, and closer where the
			ground turns, is enough.
		</p>
		<div class="flex flex-wrap gap-2">
			<button
				type="button"
				class="btn"
				aria-pressed={adding === 'spot'}
				onclick={() => toggle('spot')}>Add heights</button
			>
			<button
				type="button"
				class="btn"
				aria-pressed={adding === 'tilt'}
				onclick={() => toggle('tilt')}>Add tilts</button
			>
		</div>
		{#if adding}
			<p class="hint" role="status">
				Click on the map where it was read; the new reading opens here for its number. Esc ends it.
			</p>
		{/if}
	{/if}
	{#if selected}<PartEditor {bench} part={selected} />{/if}
	{#if bad.length > 0}
		<p class="problem" role="status">
			{bad.length === 1 ? 'One reading does' : `${bad.length} readings do`} not fit the others: marked
			with an exclamation mark.
		</p>
	{/if}
	<GreenFiles {bench} />
	{#if rows.length > 0}
		<h2 class="ruled-heading">Readings against their neighbours</h2>
		<table class="table-sm table">
			<thead>
				<tr><th scope="col">Reading</th><th scope="col">Value</th><th scope="col">Off by</th></tr>
			</thead>
			<tbody>
				{#each rows as { part, name, value, leftOut } (name)}
					{@const residual = residualOf(part)}
					<tr class:bg-base-200={samePart(bench.selected, part)}>
						<th scope="row">
							<button
								type="button"
								class="btn btn-link h-9 px-0"
								onclick={() => (bench.selected = part)}>{name}</button
							>
						</th>
						<td class="figure">{value}</td>
						<td class="figure" class:text-accent={residual?.bad}>
							{leftOut ? 'left out' : residual ? residualFigure(residual) : '–'}{residual?.bad
								? ' !'
								: ''}
						</td>
					</tr>
				{/each}
			</tbody>
		</table>
	{/if}
</div>
