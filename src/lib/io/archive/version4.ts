import { z } from 'zod';
import { idField } from '../fields';
import { ballRow } from '../rows/ball';
import { clubRow } from '../rows/club';
import { drillRow } from '../rows/drill';
import { greenRow } from '../rows/green';
import { homeworkRow } from '../rows/homework';
import { preferencesRow } from '../rows/preferences';
import { pupilRow } from '../rows/pupil';
import { readingRow } from '../rows/reading';
import { sessionRow } from '../rows/session';
import { shotRow } from '../rows/shot';
import { stampField } from '../stamp';

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
const unreadableRow = z.strictObject({
	table: tableField,
	row: z.looseObject({ id: z.union([z.string(), z.number()]) })
});

/** What is left of a row that was removed: that it was, and when. */
const tombstone = z.strictObject({ table: tableField, id: z.string(), deletedAt: stampField });

/** What every row is kept with: an id that fits an address, and when it was made and last changed. */
const record = { id: idField, createdAt: stampField, updatedAt: stampField };

/**
 * The present version: what a browser holds, row by row. It follows the rows while it is the present one; the release that changes
 * them freezes a copy of them here, in the manner of `version3`, and begins the next file.
 */
export const archiveVersion4 = z.strictObject({
	format: z.string(),
	version: z.literal(4),
	exportedAt: z.iso.datetime(),
	pupils: z.array(pupilRow.extend(record)).default([]),
	clubs: z.array(clubRow.extend(record)).default([]),
	balls: z.array(ballRow.extend(record)).default([]),
	sessions: z.array(sessionRow.extend(record)).default([]),
	drills: z.array(drillRow.extend(record)).default([]),
	homework: z.array(homeworkRow.extend(record)).default([]),
	shots: z.array(shotRow.extend(record)).default([]),
	greens: z.array(greenRow.extend(record)).default([]),
	readings: z.array(readingRow.extend(record)).default([]),
	preferences: preferencesRow.nullable().default(null),
	deleted: z.array(tombstone).default([]),
	unreadable: z.array(unreadableRow).default([])
});

export type ArchiveVersion4 = z.output<typeof archiveVersion4>;
