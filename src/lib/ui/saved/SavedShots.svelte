<script lang="ts">
	import { resolve } from '$app/paths';
	import type { SavedShot } from '$lib/io/shot';
	import { duplicateShot, renameShot, shotShelf } from '$lib/store/savedShots';
	import type { Shelved } from '$lib/store/shelf';
	import SortHeading from '$lib/ui/controls/SortHeading.svelte';
	import { SortedTable } from '$lib/ui/controls/sortedTable.svelte';
	import { attempt, removeWithUndo } from '$lib/ui/shell/attempt';
	import { SAVED_COLUMNS } from './savedColumns';
	import SavedShotRow from './SavedShotRow.svelte';

	interface Props {
		shelved: Shelved<SavedShot>;
	}
	const { shelved }: Props = $props();

	const table = new SortedTable(SAVED_COLUMNS, () => shelved.rows);
	const FIGURES = ['edge', 'pin', 'speed'];
	/** Columns that a narrow screen leaves out; the row says the most telling of them in its second line. */
	const WIDE: Record<string, string> = {
		lie: 'max-md:hidden',
		edge: 'max-md:hidden',
		pin: 'max-md:hidden',
		over: 'max-lg:hidden',
		speed: 'max-lg:hidden',
		saved: 'max-lg:hidden'
	};
	const remove = (key: Parameters<typeof shotShelf.remove>[0], name: string) =>
		removeWithUndo(`Removed “${name}”.`, () => shotShelf.remove(key));
</script>

<section class="mx-auto grid max-w-6xl gap-4 p-4">
	<h1 class="text-3xl font-extrabold">Saved shots</h1>
	{#if shelved.rows.length === 0 && shelved.broken.length === 0}
		<p>Nothing saved yet. Work out a shot and save it under a name.</p>
		<a class="btn btn-neutral justify-self-start" href={resolve('/')}>Work out a shot</a>
	{:else}
		<table class="table border-t-2 border-(--ink)">
			<thead>
				<tr>
					{#each table.columns as column (column.id)}
						<SortHeading
							{table}
							{column}
							class="{WIDE[column.id] ?? ''} {FIGURES.includes(column.id) ? 'text-right' : ''}"
						/>
					{/each}
					<th class="sr-only">Open, duplicate, delete</th>
				</tr>
			</thead>
			<tbody>
				{#each table.rows as saved (saved.id)}
					<SavedShotRow
						{saved}
						onrename={(name) => void attempt(() => renameShot(saved.id, name))}
						onduplicate={() => void attempt(() => duplicateShot(saved))}
						onremove={() => void remove(saved.id, saved.name)}
					/>
				{/each}
			</tbody>
		</table>
		{#each shelved.broken as broken (broken.keyText)}
			<div class="flex items-center justify-between gap-4 border-b border-(--rule) py-3">
				<p class="wrap-anywhere">
					<b>{broken.name}</b> cannot be read: it was written by another release or damaged. It is kept
					until you remove it.
				</p>
				<button type="button" class="btn" onclick={() => void remove(broken.key, broken.name)}
					>Remove<span class="sr-only"> {broken.name}</span></button
				>
			</div>
		{/each}
	{/if}
</section>
