<script lang="ts">
	import { reasonOf } from '$lib/io/fields/reason';
	import { followBroken, removeBroken } from '$lib/store/files/archive';
	import type { BrokenRow } from '$lib/store/base/shelf';
	import { rowFocus } from '$lib/ui/controls/rowFocus';
	import { removeWithUndo } from '$lib/ui/shell/attempt';
	import { onMount } from 'svelte';
	import { KIND } from '$lib/io/words/kind';

	const kind = (table: BrokenRow['table']): string => {
		const { one } = KIND[table];
		return one.charAt(0).toUpperCase() + one.slice(1);
	};
	let broken = $state.raw<BrokenRow[]>([]);
	let failure = $state('');

	onMount(() =>
		followBroken(
			(rows) => (broken = rows),
			(error) => (failure = reasonOf(error))
		)
	);

	const remove = (row: BrokenRow) =>
		removeWithUndo(`Removed “${row.name}”.`, () => removeBroken(row));
</script>

{#if failure}
	<p class="problem" role="alert">The data of this browser cannot be read. {failure}</p>
{:else if broken.length > 0}
	<h2 class="ruled-heading">Cannot be read</h2>
	<p>
		Written by another release or damaged. They are kept until you remove them, and go into an
		archive as they are.
	</p>
	<table class="table">
		<thead><tr><th>What</th><th>Name</th><th>Key</th><th class="sr-only">Remove</th></tr></thead>
		<tbody {@attach rowFocus}>
			{#each broken as row (`${row.table} ${row.keyText}`)}
				<tr>
					<td>{kind(row.table)}</td>
					<td class="font-bold wrap-anywhere">{row.name}</td>
					<td class="figure wrap-anywhere">{row.keyText}</td>
					<td class="text-right">
						<button type="button" class="btn" onclick={() => void remove(row)}
							>Remove<span class="sr-only"> {row.name}</span></button
						>
					</td>
				</tr>
			{/each}
		</tbody>
	</table>
{/if}
