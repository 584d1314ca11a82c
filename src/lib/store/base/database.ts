import Dexie, { type IndexableType, type Table } from 'dexie';
import { ARCHIVED_TABLES } from '$lib/io/archive/tables';
import { observeTable } from './clock';
import { DATABASE_NAME } from './nothingKept';
import { packedGrids } from './packedGrids';
import type { RawRow, SettingRow, Tombstone } from './stored';
import { redate } from './redate';
import { bring } from './tidings';
import { writeNotes } from './unwritten';

/** The library counts the browser's own versions in tens. */
const NATIVE_STEP = 10;
/** Version of the newest stores that this release knows. */
const RELEASE = 1;

class CrispLandingDatabase extends Dexie {
	pupils!: Table<RawRow, IndexableType>;
	clubs!: Table<RawRow, IndexableType>;
	balls!: Table<RawRow, IndexableType>;
	sessions!: Table<RawRow, IndexableType>;
	drills!: Table<RawRow, IndexableType>;
	homework!: Table<RawRow, IndexableType>;
	rounds!: Table<RawRow, IndexableType>;
	plays!: Table<RawRow, IndexableType>;
	series!: Table<RawRow, IndexableType>;
	lessons!: Table<RawRow, IndexableType>;
	lessonPlans!: Table<RawRow, IndexableType>;
	packages!: Table<RawRow, IndexableType>;
	reads!: Table<RawRow, IndexableType>;
	glances!: Table<RawRow, IndexableType>;
	exams!: Table<RawRow, IndexableType>;
	shots!: Table<RawRow, IndexableType>;
	greens!: Table<RawRow, IndexableType>;
	readings!: Table<RawRow, IndexableType>;
	tombstones!: Table<Tombstone, string>;
	settings!: Table<SettingRow, string>;

	constructor() {
		// Rows are read as they lie there each time: copies of large grids kept beside them would cost more than they save.
		super(DATABASE_NAME, { cache: 'disabled' });
		// Grids are packed on their way in.
		this.use(packedGrids);
		// From release 1.0.0 on append only: what changes gets a version of its own, with the step that lifts an archive of the same age.
		this.version(RELEASE).stores({
			pupils: 'id, name, updatedAt',
			clubs: 'id, pupilId, updatedAt',
			// Balls of a session are found by it, those of a pupil are many.
			balls: 'id, [pupilId+id], sessionId, updatedAt',
			sessions: 'id, startedAt, updatedAt',
			drills: 'id, updatedAt',
			homework: 'id, pupilId, updatedAt',
			rounds: 'id, pupilId, updatedAt',
			plays: 'id, pupilId, at, updatedAt',
			series: 'id, updatedAt',
			lessons: 'id, day, updatedAt',
			lessonPlans: 'id, updatedAt',
			packages: 'id, updatedAt',
			reads: 'id, pupilId, at, updatedAt',
			glances: 'id, pupilId, at, updatedAt',
			exams: 'id, updatedAt',
			shots: 'id, savedAt, updatedAt',
			greens: 'id, name, updatedAt',
			readings: 'id, greenId, takenAt, updatedAt',
			tombstones: 'key',
			settings: 'key'
		});
	}
}

export const database = new CrispLandingDatabase();

// The clock goes on from the latest change that is kept here, and what a page had no time to write when it was left is written before
// anything is read.
database.on(
	'ready',
	async (opened) => {
		// The library opens what a newer release stored; this one would strip what it does not know of it.
		if (Math.floor(opened.backendDB().version / NATIVE_STEP) > RELEASE)
			throw new Error('It was stored by a newer release of this app: reload to get that one.');
		// What cannot be dated anew, or written, keeps nobody from reading the rest.
		const rows = await redate(opened).catch(() => 0);
		if (rows > 0) bring({ kind: 'redated', rows });
		for (const name of ARCHIVED_TABLES) await observeTable(opened.table(name));
		await writeNotes(opened);
	},
	true
);
