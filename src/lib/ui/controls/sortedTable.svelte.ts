import {
	constructTable,
	createSortedRowModel,
	rowSortingFeature,
	sortFn_alphanumeric,
	sortFn_basic,
	tableFeatures,
	type ColumnDef,
	type SortingState
} from '@tanstack/table-core';
import { storeReactivityBindings } from '@tanstack/table-core/store-reactivity-bindings';

const features = tableFeatures({
	rowSortingFeature,
	coreReactivityFeature: storeReactivityBindings(),
	sortedRowModel: createSortedRowModel(),
	sortFns: { alphanumeric: sortFn_alphanumeric, basic: sortFn_basic }
});

/** A column: its heading, what it sorts by, and how that is compared. */
export interface SortColumn<Row> {
	id: string;
	heading: string;
	value: (row: Row) => string | number;
}

/** Rows that can be sorted by their columns; a column touched again turns around. */
export class SortedTable<Row extends object> {
	#sorting = $state.raw<SortingState>([]);

	/** @param data as it comes, which is the order as long as no column is touched */
	constructor(
		readonly columns: readonly SortColumn<Row>[],
		private readonly data: () => Row[]
	) {}

	readonly rows: Row[] = $derived.by(() => {
		const data = this.data();
		const [first] = data;
		if (!first) return [];
		const table = constructTable({
			features,
			data,
			columns: this.columns.map(({ id, value }): ColumnDef<typeof features, Row> => ({
				id,
				accessorFn: value,
				sortFn: typeof value(first) === 'number' ? 'basic' : 'alphanumeric'
			})),
			state: { sorting: this.#sorting }
		});
		return table.getRowModel().rows.map((row) => row.original);
	});

	/** Which way a column sorts, in the words of `aria-sort`. */
	direction(id: string): 'ascending' | 'descending' | 'none' {
		const [sorted] = this.#sorting;
		if (sorted?.id !== id) return 'none';
		return sorted.desc ? 'descending' : 'ascending';
	}

	sortBy(id: string): void {
		this.#sorting = [{ id, desc: this.direction(id) === 'ascending' }];
	}
}
