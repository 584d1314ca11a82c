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
 * What a browser holds, row by row. It follows the rows until release 1.0.0; from then on whoever changes a row freezes a copy of this
 * schema, begins the next version's file and adds the step that lifts one to the other.
 */
export const archiveVersion1 = z.strictObject({
	format: z.string(),
	version: z.literal(1),
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

export type ArchiveVersion1 = z.output<typeof archiveVersion1>;
