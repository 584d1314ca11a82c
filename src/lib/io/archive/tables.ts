import * as z from 'zod/mini';
import { idField } from '../fields/fields';
import { stampField } from '../fields/stamp';

/** Tables of which an archive holds rows. */
export const ARCHIVED_TABLES = [
	'pupils',
	'clubs',
	'balls',
	'sessions',
	'drills',
	'homework',
	'shots',
	'greens',
	'readings'
] as const;
export type ArchivedTable = (typeof ARCHIVED_TABLES)[number];

const tableField = z.enum(ARCHIVED_TABLES, {
	error: `must be one of: ${ARCHIVED_TABLES.join(', ')}`
});

/** A row that the writer could not read, as it was; the key under which it was kept is part of it. */
export const unreadableRow = z.strictObject({
	table: tableField,
	row: z.looseObject({ id: z.union([z.string(), z.number()]) })
});

/** What is left of a row that was removed: that it was, and when. */
export const tombstone = z.strictObject({
	table: tableField,
	id: z.string(),
	deletedAt: stampField
});

/** What every row is kept with: an id that fits an address, and when it was made and last changed. */
export const record = { id: idField, createdAt: stampField, updatedAt: stampField };
