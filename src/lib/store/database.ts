import Dexie, { type EntityTable } from 'dexie';

/** Rows are kept as they were written and validated when they are read: data of an older or broken version must not stop the app. */
export interface ShotRow {
	id: string;
	name: string;
	savedAt: string;
	shot: unknown;
}

export interface SettingRow {
	key: string;
	value: unknown;
}

class CrispLandingDatabase extends Dexie {
	shots!: EntityTable<ShotRow, 'id'>;
	settings!: EntityTable<SettingRow, 'key'>;

	constructor() {
		super('crisp-landing');
		this.version(1).stores({ shots: 'id, savedAt', settings: 'key' });
	}
}

export const database = new CrispLandingDatabase();
