import Dexie, { type IndexableType, type Table } from 'dexie';
import { liftShotRowTo2, liftShotTo2 } from '$lib/io/archive/lift';
import { settle, unwrittenNotes } from './journal';
import { mergeThree } from './merge';

/** A row as it lies there: written by any release, perhaps broken. It is judged when it is read. */
export interface RawRow {
	id: IndexableType;
}

export interface SettingRow {
	key: string;
	value: unknown;
}

/** Keys of the settings. */
export const SETTING = {
	preferences: 'preferences',
	lastShot: 'lastShot',
	lastShotId: 'lastShotId',
	lastShotLine: 'lastShotLine',
	demoSeeded: 'demoSeeded'
} as const;

class CrispLandingDatabase extends Dexie {
	shots!: Table<RawRow, IndexableType>;
	greens!: Table<RawRow, IndexableType>;
	readings!: Table<RawRow, IndexableType>;
	settings!: Table<SettingRow, string>;

	constructor() {
		super('crisp-landing');
		// Append only. Each upgrade is the step that lifts an archive of the same age.
		this.version(1).stores({ shots: 'id, savedAt', settings: 'key' });
		this.version(2).stores({ greens: 'id, name', readings: 'id, greenId, takenAt' });
		this.version(3)
			.stores({})
			.upgrade(async (transaction) => {
				await transaction
					.table('shots')
					.toCollection()
					.modify((row, ref) => {
						ref.value = liftShotRowTo2(row);
					});
				const settings = transaction.table<SettingRow, string>('settings');
				await settings
					.where('key')
					.equals(SETTING.lastShot)
					.modify((row) => {
						row.value = liftShotTo2(row.value);
					});
			});
	}
}

export const database = new CrispLandingDatabase();

// What a page had no time to write when it was left is written before anything is read.
database.on(
	'ready',
	async (opened) => {
		for (const note of unwrittenNotes()) {
			const table = opened.table<object>(note.table);
			// Where both changed the same part, what was written counts: the note may be the older.
			const theirs = note.base && (await table.get(note.key));
			await table.put(theirs ? mergeThree(note.base!, theirs, note.row).merged : note.row);
			settle(note);
		}
	},
	true
);
