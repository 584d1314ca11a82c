<script lang="ts" generics="Row extends object">
	import ArrowDown from '@lucide/svelte/icons/arrow-down';
	import ArrowUp from '@lucide/svelte/icons/arrow-up';
	import type { SortColumn, SortedTable } from './sortedTable.svelte';

	interface Props {
		table: SortedTable<Row>;
		column: SortColumn<Row>;
		class?: string;
	}
	const { table, column, class: kind = '' }: Props = $props();
	const direction = $derived(table.direction(column.id));
</script>

<th scope="col" aria-sort={direction} class={kind}>
	<button
		type="button"
		class="btn btn-ghost -mx-2 h-11 px-2 text-sm text-(--faint)"
		onclick={() => table.sortBy(column.id)}
	>
		{column.heading}
		{#if direction === 'ascending'}<ArrowUp size={16} aria-hidden="true" />{/if}
		{#if direction === 'descending'}<ArrowDown size={16} aria-hidden="true" />{/if}
	</button>
</th>
