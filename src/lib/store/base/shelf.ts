import Dexie, { type Collection, type IndexableType, type Table } from 'dexie';
import type * as z from 'zod/mini';
import { contentKey } from '$lib/core/math/contentKey';
import { idText, type ArchivedTable } from '$lib/io/archive/tables';
import { MAY_LACK } from '$lib/io/archive/version1';
import { stampField, type Stamp } from '$lib/io/fields/stamp';
import { observe, observeTable, stamp } from './clock';
import { database } from './database';
import { readLots } from './lots';
import type { RawRow, Tombstone } from './stored';
import { mergeThree, sameData, type Merged } from './merge';
import { fieldOf, sinceOf, stillSince, without, type Since } from './unsaid';

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

/** When a row was made and last changed. */
export interface Stamps {
	createdAt: Stamp;
	updatedAt: Stamp;
}

/** A row as a file carries it: without the fields of which nobody ever said anything, whatever its type says. */
export type InFile<T> = T & Stamps & Since;

/** Puts rows back that were removed or replaced. */
export type Undo = () => Promise<void>;

/** In the order of a text that sorts as what it says, such as an instant. */
export const byText =
	<T>(textOf: (row: T) => string) =>
	(a: T, b: T): number => {
		const [one, other] = [textOf(a), textOf(b)];
		return one < other ? -1 : one > other ? 1 : 0;
	};

/** A key in words. */
export const keyText = (key: IndexableType): string => idText(key);

const nameOf = (row: RawRow): string => {
	const { name } = row as { name?: unknown };
	return typeof name === 'string' && name !== '' ? name : 'unnamed';
};

/** The stamps of a row as it lies there. */
export function stampsOf(row: RawRow | undefined): Stamps {
	const { createdAt, updatedAt } = (row ?? {}) as Partial<Stamps>;
	return { createdAt: stampField.parse(createdAt), updatedAt: stampField.parse(updatedAt) };
}

/** One table of rows: what can be read of it, in step with other tabs, and what undoes a removal. */
/** What lies under some keys, in their order; an empty table, as a first file finds it, is not asked key by key. */
const foundIn = async <Row>(
	table: Table<Row>,
	keys: readonly IndexableType[]
): Promise<(Row | undefined)[]> =>
	(await table.count()) === 0 ? keys.map(() => undefined) : table.bulkGet([...keys]);

export class Shelf<T extends { id: string }> {
	readonly table: Table<RawRow, IndexableType>;

	constructor(
		readonly name: ArchivedTable,
		private readonly schema: z.ZodMiniType<T>,
		private readonly order: (a: T, b: T) => number
	) {
		this.table = database[name];
	}

	/** Sorts rows as they lie there into those that can be read and those that cannot. */
	shelve(raw: readonly RawRow[]): Shelved<T> {
		const shelved: Shelved<T> = { rows: [], broken: [] };
		this.#judge(raw, shelved);
		shelved.rows.sort(this.order);
		return shelved;
	}

	#judge(raw: readonly RawRow[], shelved: Shelved<T>): void {
		for (const row of raw) {
			const parsed = this.schema.safeParse(row);
			if (parsed.success) shelved.rows.push(parsed.data);
			else
				shelved.broken.push({
					table: this.name,
					key: row.id,
					keyText: keyText(row.id),
					name: nameOf(row),
					row
				});
		}
	}

	/** Reads and judges the table in lots, so that a large one never holds up the page. */
	read(): Promise<Shelved<T>> {
		return this.#readFrom((after) =>
			after === undefined ? this.table.toCollection() : this.table.where(':id').above(after)
		);
	}

	/**
	 * Rows in which a field has a value.
	 *
	 * @param field indexed by itself
	 */
	async readWhere(field: string, value: string): Promise<T[]> {
		return this.shelve(await this.table.where(field).equals(value).toArray()).rows;
	}

	/**
	 * Rows in which a field has a value, read in lots.
	 *
	 * @param field indexed together with the key
	 */
	async readManyWhere(field: string, value: string): Promise<T[]> {
		const index = this.table.where(`[${field}+id]`);
		const read = (after: IndexableType = Dexie.minKey) =>
			index.between([value, after], [value, Dexie.maxKey], false);
		return (await this.#readFrom(read)).rows;
	}

	async #readFrom(from: (after?: IndexableType) => Collection<RawRow, IndexableType>) {
		const shelved: Shelved<T> = { rows: [], broken: [] };
		await readLots(from, (lot) => this.#judge(lot, shelved));
		shelved.rows.sort(this.order);
		return shelved;
	}

	/** Every row that can be read, as a file carries it; in the order of its keys. See `InFile`. */
	async readForFile(): Promise<InFile<T>[]> {
		return (await this.table.toArray()).flatMap((row) => this.#inFile(row) ?? []);
	}

	/** @returns a row as a file carries it; undefined where there is none or it cannot be read */
	async getForFile(id: string): Promise<InFile<T> | undefined> {
		return this.#inFile(await this.table.get(id));
	}

	#inFile(row: RawRow | undefined): InFile<T> | undefined {
		const parsed = this.schema.safeParse(row);
		if (!row || !parsed.success) return undefined;
		const unsaid = MAY_LACK[this.name].filter((field) => !(field in row));
		return { ...without(parsed.data, unsaid), ...stampsOf(row), ...sinceOf(row) };
	}

	/** @returns undefined where there is none or it cannot be read */
	async get(id: string): Promise<T | undefined> {
		const parsed = this.schema.safeParse(await this.table.get(id));
		return parsed.success ? parsed.data : undefined;
	}

	/** Keeps a row as changed now. */
	async put(row: T): Promise<T> {
		const [whole] = await this.putAll([row]);
		return whole!;
	}

	/** Keeps rows as changed now, all or none. */
	async putAll(rows: readonly T[]): Promise<T[]> {
		const whole = rows.map((row) => this.schema.parse(row));
		await database.transaction('rw', this.table, database.tombstones, async () => {
			const before = await this.table.bulkGet(whole.map(({ id }) => id));
			await this.#write(
				whole.map((row, i) => ({
					...this.#asSaid(row, before[i]),
					createdAt: before[i] && stampsOf(before[i]).createdAt
				}))
			);
		});
		return whole;
	}

	/**
	 * Puts a changed row in, together with what another tab has changed of it meanwhile.
	 *
	 * @param base the row as it was when `mine` began to differ from it
	 */
	merge(base: T, mine: T): Promise<Merged<T>> {
		return database.transaction('rw', this.table, database.tombstones, async () => {
			const theirs = await this.get(mine.id);
			const found = theirs ? mergeThree(base, mine, theirs) : { merged: mine, clashes: [] };
			return { ...found, merged: await this.put(found.merged) };
		});
	}

	/** Removes a row by its key, readable or not, and hands back what undoes it. */
	remove(key: IndexableType): Promise<Undo> {
		return this.removeAll([key]);
	}

	/** Removes rows by their keys, all or none, and hands back what undoes it. */
	removeAll(keys: readonly IndexableType[]): Promise<Undo> {
		const tables = [this.table, database.tombstones];
		return database.transaction('rw', tables, async () => {
			const found = await this.table.bulkGet([...keys]);
			const rows = found.filter((row) => row !== undefined);
			await this.#observe(keys);
			await this.table.bulkDelete([...keys]);
			await database.tombstones.bulkPut(
				rows.flatMap(({ id }) => (typeof id === 'string' ? [this.#tombstone(id)] : []))
			);
			return () => database.transaction('rw', tables, () => this.#write(rows));
		});
	}

	/**
	 * A row over the one it takes the place of: what nobody ever said of it stays unsaid, and what came of an older row as old as it was,
	 * where this changes neither.
	 */
	#asSaid(row: T, before: RawRow | undefined): T {
		const read = before && this.schema.safeParse(before);
		if (!before || !read?.success) return row;
		const isAsRead = (field: string) => sameData(fieldOf(row, field), fieldOf(read.data, field));
		const unsaid = MAY_LACK[this.name].filter((field) => !(field in before) && isAsRead(field));
		return { ...without(row, unsaid), ...stillSince({ ...read.data, ...sinceOf(before) }, row) };
	}

	/**
	 * Writes rows as changed now, and what cannot be read as it is; a row that is there was not removed. They are later than all that this
	 * table holds, whoever wrote it: another tab, or a worker that took a file in.
	 */
	async #write(rows: readonly (RawRow & Partial<Stamps>)[]): Promise<void> {
		await this.#observe(rows.map(({ id }) => id));
		await this.table.bulkPut(
			rows.map((row) => {
				if (!this.schema.safeParse(row).success) return row;
				const updatedAt = stamp();
				return { ...row, createdAt: row.createdAt ?? updatedAt, updatedAt };
			})
		);
		await database.tombstones.bulkDelete(rows.map(({ id }) => `${this.name}/${keyText(id)}`));
	}

	/** Takes note of the latest change of the table, and of the removal of what is to be written. */
	async #observe(keys: readonly IndexableType[]): Promise<void> {
		await observeTable(this.table);
		const stones = keys.map((key) => `${this.name}/${keyText(key)}`);
		for (const stone of await database.tombstones.bulkGet(stones)) observe(stone?.deletedAt);
	}

	#tombstone(id: string): Tombstone {
		return { key: `${this.name}/${id}`, table: this.name, id, deletedAt: stamp() };
	}

	/**
	 * Writes rows and removals as they are, with the stamps they have, over what is there; within the caller's transaction.
	 *
	 * @returns what puts back those that nobody has changed since; it answers how many it had to leave
	 */
	async takeIn(
		rows: readonly RawRow[],
		removals: readonly Omit<Tombstone, 'key' | 'table'>[] = []
	): Promise<() => Promise<number>> {
		const ids = removals.map(({ id }) => id);
		const keys = [...rows.map((row) => row.id), ...ids];
		const stones = keys.map((key) => `${this.name}/${keyText(key)}`);
		const [before, stonesBefore] = await Promise.all([
			foundIn(this.table, keys),
			foundIn(database.tombstones, stones)
		]);
		for (const row of rows) observe(stampsOf(row).updatedAt);
		for (const { deletedAt } of removals) observe(deletedAt);
		await Promise.all([
			this.table.bulkPut([...rows]),
			this.table.bulkDelete(ids),
			// Of those that are there only: whatever is named here, every page that follows the store is told of, key by key.
			database.tombstones.bulkDelete(stones.filter((_, i) => i < rows.length && stonesBefore[i])),
			database.tombstones.bulkPut(
				removals.map((stone) => ({ ...stone, table: this.name, key: `${this.name}/${stone.id}` }))
			)
		]);
		return async () => {
			const now = await this.table.bulkGet(keys);
			const asTaken = (i: number) => (i < rows.length ? rows[i] : undefined);
			const untouched = keys.flatMap((_, i) =>
				contentKey(now[i] ?? null) === contentKey(asTaken(i) ?? null) ? [i] : []
			);
			await this.table.bulkDelete(untouched.map((i) => keys[i]!));
			await this.table.bulkPut(untouched.flatMap((i) => before[i] ?? []));
			await database.tombstones.bulkDelete(untouched.map((i) => stones[i]!));
			await database.tombstones.bulkPut(untouched.flatMap((i) => stonesBefore[i] ?? []));
			return keys.length - untouched.length;
		};
	}
}
