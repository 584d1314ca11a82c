import Dexie, { type Table } from 'dexie';

/** Rows are kept as they were written and validated when they are read: data of an older or broken version must not stop the app. */
export interface ShotRow {
	id: string;
	name: string;
	savedAt: string;
	shot: unknown;
}

export interface GreenRow {
	id: string;
	name: string;
}

export interface ReadingRow {
	id: string;
	greenId: string;
	takenAt: string;
}

export interface SettingRow {
	key: string;
	value: unknown;
}

class CrispLandingDatabase extends Dexie {
	shots!: Table<ShotRow, string>;
	greens!: Table<GreenRow, string>;
	readings!: Table<ReadingRow, string>;
	settings!: Table<SettingRow, string>;

	constructor() {
		super('crisp-landing');
		this.version(1).stores({ shots: 'id, savedAt', settings: 'key' });
		this.version(2).stores({ greens: 'id, name', readings: 'id, greenId, takenAt' });
	}
}

export const database = new CrispLandingDatabase();
