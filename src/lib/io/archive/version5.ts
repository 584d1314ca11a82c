import { z } from 'zod';
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
import { record, tombstone, unreadableRow } from './tables';

/**
 * The present version: what a browser holds, row by row. It follows the rows while it is the present one; the release that changes
 * them freezes a copy of them here, in the manner of `version4`, and begins the next file.
 */
export const archiveVersion5 = z.strictObject({
	format: z.string(),
	version: z.literal(5),
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

export type ArchiveVersion5 = z.output<typeof archiveVersion5>;
