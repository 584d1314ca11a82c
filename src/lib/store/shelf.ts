import { liveQuery, type IndexableType, type Subscription, type Table } from 'dexie';
import type { z } from 'zod';
import { contentKey } from '$lib/core/math/contentKey';
import type { ArchivedTable } from '$lib/io/archive/version2';
import { database, type RawRow } from './database';
import { mergeThree, type Merged } from './merge';

/** A row that cannot be read any more; kept until its owner removes it. */
export interface BrokenRow {
	table: ArchivedTable;
	key: IndexableType;
	/** The key in words. */
	keyText: string;
	name: string;
	row: RawRow;
}

/** The rows of a table as they can be read, and those that cannot. */
export interface Shelved<T> {
	rows: T[];
	broken: BrokenRow[];
}

/** Puts rows back that were removed or replaced. */
export type Undo = () => Promise<void>;

const nameOf = (row: RawRow): string => {
	const { name } = row as { name?: unknown };
	return typeof name === 'string' && name !== '' ? name : 'unnamed';
};

/** One table of rows: what can be read of it, in step with other tabs, and what undoes a removal. */
export class Shelf<T extends { id: string }> {
	readonly table: Table<RawRow, IndexableType>;

	constructor(
		readonly name: ArchivedTable,
		private readonly schema: z.ZodType<T>,
		private readonly order: (a: T, b: T) => number
	) {
		this.table = database[name];
	}

	/** Sorts rows as they lie there into those that can be read and those that cannot. */
	shelve(raw: readonly RawRow[]): Shelved<T> {
		const shelved: Shelved<T> = { rows: [], broken: [] };
		for (const row of raw) {
			const parsed = this.schema.safeParse(row);
			if (parsed.success) shelved.rows.push(parsed.data);
			else
				shelved.broken.push({
					table: this.name,
					key: row.id,
					keyText: typeof row.id === 'string' ? row.id : JSON.stringify(row.id),
					name: nameOf(row),
					row
				});
		}
		shelved.rows.sort(this.order);
		return shelved;
	}

	async read(): Promise<Shelved<T>> {
		return this.shelve(await this.table.toArray());
	}

	/** @returns undefined where there is none or it cannot be read */
	async get(id: string): Promise<T | undefined> {
		const parsed = this.schema.safeParse(await this.table.get(id));
		return parsed.success ? parsed.data : undefined;
	}

	async put(row: T): Promise<T> {
		const whole = this.schema.parse(row);
		await this.table.put(whole);
		return whole;
	}

	/**
	 * Puts a changed row in, together with what another tab has changed of it meanwhile.
	 *
	 * @param base the row as it was when `mine` began to differ from it
	 */
	merge(base: T, mine: T): Promise<Merged<T>> {
		return database.transaction('rw', this.table, async () => {
			const theirs = await this.get(mine.id);
			const found = theirs ? mergeThree(base, mine, theirs) : { merged: mine, clashes: [] };
			return { ...found, merged: await this.put(found.merged) };
		});
	}

	/** Removes a row by its key, readable or not, and hands back what undoes it. */
	async remove(key: IndexableType): Promise<Undo> {
		const row = await this.table.get(key);
		await this.table.delete(key);
		return async () => {
			if (row) await this.table.put(row);
		};
	}

	/**
	 * Writes rows over those of the same key; within the caller's transaction.
	 *
	 * @returns how many were there, and what puts back those that nobody has changed since; it answers how many it had to leave
	 */
	async replace(
		rows: readonly RawRow[]
	): Promise<{ replaced: number; restore: () => Promise<number> }> {
		const keys = rows.map((row) => row.id);
		const before = await this.table.bulkGet(keys);
		await this.table.bulkPut([...rows]);
		return {
			replaced: before.filter((row) => row !== undefined).length,
			restore: async () => {
				const now = await this.table.bulkGet(keys);
				const untouched = rows.flatMap((row, i) =>
					contentKey(now[i] ?? null) === contentKey(row) ? [i] : []
				);
				await this.table.bulkDelete(untouched.map((i) => keys[i]!));
				await this.table.bulkPut(untouched.flatMap((i) => before[i] ?? []));
				return rows.length - untouched.length;
			}
		};
	}
}

/**
 * Follows a query, other tabs included.
 *
 * @param failed is told when the data cannot be read; the query ends then
 * @returns what stops it
 */
export function follow<T>(
	query: () => Promise<T>,
	next: (value: T) => void,
	failed: (error: unknown) => void
): () => void {
	const subscription: Subscription = liveQuery(query).subscribe({ next, error: failed });
	return () => subscription.unsubscribe();
}
