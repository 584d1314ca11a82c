import { z } from 'zod';
import { idField } from '../fields';
import { greenRow } from '../rows/green';
import { preferencesRow } from '../rows/preferences';
import { readingRow } from '../rows/reading';
import { shotRow } from '../rows/shot';

/** Tables of which an archive holds rows. */
export const ARCHIVED_TABLES = ['shots', 'greens', 'readings'] as const;
export type ArchivedTable = (typeof ARCHIVED_TABLES)[number];

/** A row that the writer could not read, as it was; the key under which it was kept is part of it. */
const unreadableRow = z.strictObject({
	table: z.enum(ARCHIVED_TABLES, { error: `must be one of: ${ARCHIVED_TABLES.join(', ')}` }),
	row: z.looseObject({ id: z.union([z.string(), z.number()]) })
});

const withAddress = <T extends z.ZodType<{ id: string }>>(row: T) =>
	row.refine(({ id }) => idField.safeParse(id).success, {
		path: ['id'],
		error: 'must be 1 to 64 letters, digits, hyphens or underscores'
	});

/**
 * The present version: what a browser holds, row by row. It follows the rows while it is the present one; the release that changes
 * them freezes a copy of them here, in the manner of `version1`, and begins the next file.
 */
export const archiveVersion2 = z.strictObject({
	format: z.string(),
	version: z.literal(2),
	exportedAt: z.iso.datetime(),
	shots: z.array(withAddress(shotRow)).default([]),
	greens: z.array(withAddress(greenRow)).default([]),
	readings: z.array(withAddress(readingRow)).default([]),
	preferences: preferencesRow.nullable().default(null),
	unreadable: z.array(unreadableRow).default([])
});

export type ArchiveVersion2 = z.output<typeof archiveVersion2>;
