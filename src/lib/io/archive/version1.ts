import * as z from 'zod/mini';
import { ballRow } from '../rows/ball';
import { clubRow } from '../rows/club';
import { drillRow } from '../rows/drill';
import { greenRow } from '../rows/green';
import { homeworkRow } from '../rows/homework';
import { lessonPlanRow, lessonRow, packageRow, seriesRow } from '../rows/lesson';
import { playRow } from '../rows/play';
import { examRow, glanceRow, readRow } from '../rows/read';
import { preferencesRow } from '../rows/preferences';
import { pupilRow } from '../rows/pupil';
import { readingRow } from '../rows/reading';
import { roundRow } from '../rows/round';
import { sessionRow } from '../rows/session';
import { shotRow } from '../rows/shot';
import { inPart, mayLack } from './inPart';
import { record, tombstone, unreadableRow, type ArchivedTable } from './tables';

/**
 * What a browser holds, row by row, as release 1.0.0 has it. It is frozen: whoever changes a row copies what it was into this file,
 * begins the next version's and adds the step that lifts one to the other (`docs/formats.md`).
 */
export const archiveVersion1 = z.strictObject({
	format: z.string(),
	version: z.literal(1),
	exportedAt: z.iso.datetime(),
	pupils: z._default(z.array(z.extend(inPart(pupilRow), record)), []),
	clubs: z._default(z.array(z.extend(inPart(clubRow), record)), []),
	balls: z._default(z.array(z.extend(inPart(ballRow), record)), []),
	sessions: z._default(z.array(z.extend(inPart(sessionRow), record)), []),
	drills: z._default(z.array(z.extend(inPart(drillRow), record)), []),
	homework: z._default(z.array(z.extend(inPart(homeworkRow), record)), []),
	rounds: z._default(z.array(z.extend(inPart(roundRow), record)), []),
	plays: z._default(z.array(z.extend(inPart(playRow), record)), []),
	series: z._default(z.array(z.extend(inPart(seriesRow), record)), []),
	lessons: z._default(z.array(z.extend(inPart(lessonRow), record)), []),
	lessonPlans: z._default(z.array(z.extend(inPart(lessonPlanRow), record)), []),
	packages: z._default(z.array(z.extend(inPart(packageRow), record)), []),
	reads: z._default(z.array(z.extend(inPart(readRow), record)), []),
	glances: z._default(z.array(z.extend(inPart(glanceRow), record)), []),
	exams: z._default(z.array(z.extend(inPart(examRow), record)), []),
	shots: z._default(z.array(z.extend(inPart(shotRow), record)), []),
	greens: z._default(z.array(z.extend(inPart(greenRow), record)), []),
	readings: z._default(z.array(z.extend(inPart(readingRow), record)), []),
	preferences: z._default(z.nullable(preferencesRow), null),
	deleted: z._default(z.array(tombstone), []),
	unreadable: z._default(z.array(unreadableRow), [])
});

export type ArchiveVersion1 = z.output<typeof archiveVersion1>;

/** Fields of each table's rows that a file may leave out; what is here of them stays. */
export const MAY_LACK: Readonly<Record<ArchivedTable, readonly string[]>> = {
	pupils: mayLack(pupilRow),
	clubs: mayLack(clubRow),
	balls: mayLack(ballRow),
	sessions: mayLack(sessionRow),
	drills: mayLack(drillRow),
	homework: mayLack(homeworkRow),
	rounds: mayLack(roundRow),
	plays: mayLack(playRow),
	series: mayLack(seriesRow),
	lessons: mayLack(lessonRow),
	lessonPlans: mayLack(lessonPlanRow),
	packages: mayLack(packageRow),
	reads: mayLack(readRow),
	glances: mayLack(glanceRow),
	exams: mayLack(examRow),
	shots: mayLack(shotRow),
	greens: mayLack(greenRow),
	readings: mayLack(readingRow)
};

/**
 * Rows of a file as a browser reads them: what the file leaves out has the value it has where nothing is said.
 *
 * @param archive that was read
 */
export const asRead = (archive: Pick<ArchiveVersion1, ArchivedTable>) => ({
	pupils: z.array(pupilRow).parse(archive.pupils),
	clubs: z.array(clubRow).parse(archive.clubs),
	balls: z.array(ballRow).parse(archive.balls),
	sessions: z.array(sessionRow).parse(archive.sessions),
	drills: z.array(drillRow).parse(archive.drills),
	homework: z.array(homeworkRow).parse(archive.homework),
	rounds: z.array(roundRow).parse(archive.rounds),
	plays: z.array(playRow).parse(archive.plays),
	series: z.array(seriesRow).parse(archive.series),
	lessons: z.array(lessonRow).parse(archive.lessons),
	lessonPlans: z.array(lessonPlanRow).parse(archive.lessonPlans),
	packages: z.array(packageRow).parse(archive.packages),
	reads: z.array(readRow).parse(archive.reads),
	glances: z.array(glanceRow).parse(archive.glances),
	exams: z.array(examRow).parse(archive.exams),
	shots: z.array(shotRow).parse(archive.shots),
	greens: z.array(greenRow).parse(archive.greens),
	readings: z.array(readingRow).parse(archive.readings)
});
