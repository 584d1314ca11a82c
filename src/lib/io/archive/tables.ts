import * as z from 'zod/mini';
import { idField } from '../fields/fields';
import { NEVER, stampField } from '../fields/stamp';

/** Tables of which an archive holds rows. */
export const ARCHIVED_TABLES = [
	'pupils',
	'clubs',
	'balls',
	'sessions',
	'drills',
	'homework',
	'rounds',
	'plays',
	'series',
	'lessons',
	'lessonPlans',
	'packages',
	'reads',
	'glances',
	'exams',
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

/** A stamp as it stands in a file, whatever it says: it is judged when it is taken in. */
const stampText = z._default(z.catch(z.string(), NEVER), NEVER);

/** What is left of a row that was removed: that it was, and when. */
export const tombstone = z.strictObject({
	table: tableField,
	id: z.string(),
	deletedAt: stampText
});

/**
 * What every row is kept with: an id that fits an address, when it was made and last changed, and since when what another file brought
 * stands: fields that came of an older row.
 */
export const record = {
	id: idField,
	createdAt: stampText,
	updatedAt: stampText,
	since: z.optional(z.record(z.string(), stampField))
};

/** The id of a row in words; ids that are no texts are those of rows that cannot be read. */
export const idText = (id: unknown): string => (typeof id === 'string' ? id : JSON.stringify(id));
