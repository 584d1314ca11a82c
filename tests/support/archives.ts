import { readFileSync } from 'node:fs';
import { parseArchive, type Archive } from '$lib/io/archive/archive';
import { asRead } from '$lib/io/archive/version1';
import type { PupilFile } from '$lib/io/work/pupil';
import { database } from '$lib/store/base/database';

/** The demo as it is read. */
export const demo = (): Archive => {
	const parsed = parseArchive(readFileSync('static/demo/quarry-academy.json', 'utf8'));
	if ('problems' in parsed) throw new Error(parsed.problems.join());
	return parsed.archive;
};

const TABLES = [
	'pupils',
	'clubs',
	'balls',
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
/** The demo's pupils as they are kept: with bag and balls. */
export const demoFiles = (): PupilFile[] => {
	const { pupils, clubs, balls } = asRead(demo());
	return pupils.map((pupil) => ({
		pupil: pupil as PupilFile['pupil'],
		clubs: clubs.filter(({ pupilId }) => pupilId === pupil.id) as PupilFile['clubs'],
		balls: balls.filter(({ pupilId }) => pupilId === pupil.id) as PupilFile['balls']
	}));
};

/** Takes everything out of the store. */
export const clear = () => Promise.all(database.tables.map((table) => table.clear()));

/** Rows in the order of their ids, whatever the order they came in. */
export const said = (archive: Omit<Archive, 'format' | 'version'>) => ({
	...Object.fromEntries(
		TABLES.map((table) => [table, [...archive[table]].sort((a, b) => a.id.localeCompare(b.id))])
	),
	deleted: [...archive.deleted].sort((a, b) => a.id.localeCompare(b.id)),
	unreadable: archive.unreadable
});
