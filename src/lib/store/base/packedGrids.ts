import type { DBCore, DBCoreGetManyRequest, DBCoreTable, Middleware } from 'dexie';
import type { GridWire } from '$lib/io/work/green';
import { blockOf, gridOf, isPacked } from '$lib/io/work/packedGrid';

type Row = Record<string, unknown>;

const isRow = (value: unknown): value is Row => typeof value === 'object' && value !== null;

const isHeight = (height: unknown): boolean => height === null || Number.isFinite(height);

/** A green's row as it lies in the store: a list of 160 000 numbers takes the browser far longer to read than one block of them. */
export function packGrid<T>(row: T): T {
	if (!isRow(row) || !isRow(row.grid)) return row;
	const { grid } = row;
	if (!isPacked(grid) && !(Array.isArray(grid.heights) && grid.heights.every(isHeight))) return row;
	const heights = blockOf(grid as unknown as GridWire);
	return { ...row, grid: { ...frameOf(grid), heights } };
}

/** A green's row as everything but the store knows it. */
export function unpackGrid<T>(row: T): T {
	if (!isRow(row) || !isRow(row.grid) || !(row.grid.heights instanceof Float64Array)) return row;
	return { ...row, grid: gridOf(frameOf(row.grid), row.grid.heights) };
}

/** All of a grid but its heights, which are not looked at. */
function frameOf(grid: object): Omit<GridWire, 'heights'> {
	const names = Object.keys(grid).filter((name) => name !== 'heights');
	return Object.fromEntries(names.map((name) => [name, (grid as Row)[name]])) as never;
}

async function manyOf(table: DBCoreTable, request: DBCoreGetManyRequest): Promise<unknown[]> {
	const rows: unknown[] = await table.getMany(request);
	return rows.map(unpackGrid);
}

function packing(table: DBCoreTable): DBCoreTable {
	return {
		...table,
		get: async (request) => unpackGrid<unknown>(await table.get(request)),
		getMany: (request) => manyOf(table, request),
		// One by one, since the browser takes rows that are asked for together in one go, and forty large ones hold up the page.
		query: async (request) => {
			if (!request.values) return table.query(request);
			const { result: keys } = await table.query({ ...request, values: false });
			return { result: await manyOf(table, { trans: request.trans, keys }) };
		},
		openCursor: async (request) => {
			const cursor = await table.openCursor(request);
			if (!cursor || !request.values) return cursor;
			return Object.create(cursor, {
				value: { get: () => unpackGrid<unknown>(cursor.value) }
			}) as typeof cursor;
		},
		mutate: (request) =>
			table.mutate(
				request.type === 'add' || request.type === 'put'
					? { ...request, values: request.values.map(packGrid) }
					: request
			)
	};
}

/** Packs the grids of greens on their way into the store, and unpacks them on their way out; nobody else need know. */
export const packedGrids: Middleware<DBCore> = {
	stack: 'dbcore',
	name: 'packedGrids',
	create: (core) => ({
		...core,
		table: (name) => (name === 'greens' ? packing(core.table(name)) : core.table(name))
	})
};
