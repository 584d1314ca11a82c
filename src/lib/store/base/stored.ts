import type { IndexableType } from 'dexie';
import type { ArchivedTable } from '$lib/io/archive/tables';
import type { Stamp } from '$lib/io/fields/stamp';

/** A row as it lies there: written by any release, perhaps broken. It is judged when it is read. */
export interface RawRow {
	id: IndexableType;
	updatedAt?: Stamp;
}

export interface SettingRow {
	key: string;
	value: unknown;
}

/** What is left of a removed row, under its table and id. */
export interface Tombstone {
	key: string;
	table: ArchivedTable;
	id: string;
	deletedAt: Stamp;
}
