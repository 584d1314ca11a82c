import * as z from 'zod/mini';
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
	pupils: z._default(z.array(z.extend(pupilRow, record)), []),
	clubs: z._default(z.array(z.extend(clubRow, record)), []),
	balls: z._default(z.array(z.extend(ballRow, record)), []),
	sessions: z._default(z.array(z.extend(sessionRow, record)), []),
	drills: z._default(z.array(z.extend(drillRow, record)), []),
	homework: z._default(z.array(z.extend(homeworkRow, record)), []),
	shots: z._default(z.array(z.extend(shotRow, record)), []),
	greens: z._default(z.array(z.extend(greenRow, record)), []),
	readings: z._default(z.array(z.extend(readingRow, record)), []),
	preferences: z._default(z.nullable(preferencesRow), null),
	deleted: z._default(z.array(tombstone), []),
	unreadable: z._default(z.array(unreadableRow), [])
});

export type ArchiveVersion5 = z.output<typeof archiveVersion5>;
