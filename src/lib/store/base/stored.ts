import type { IndexableType } from 'dexie';
import type { ArchivedTable } from '$lib/io/archive/tables';
import type { Stamp } from '$lib/io/fields/stamp';

/** A row as it lies there: written by any release, perhaps broken. It is judged when it is read. */
export interface RawRow {
	id: IndexableType;
	updatedAt?: Stamp;
	since?: Readonly<Record<string, Stamp>>;
}

export interface SettingRow {
	key: string;
	value: unknown;
}

/** What is left of a removed row, under its table and id. */
export interface Tombstone {
	key: string;
	table: ArchivedTable;
	id: string;
	deletedAt: Stamp;
}

/** Keys of the settings. */
export const SETTING = {
	preferences: 'preferences',
	lastShot: 'lastShot',
	lastShotId: 'lastShotId',
	lastShotLine: 'lastShotLine',
	lastShotAt: 'lastShotAt',
	playing: 'playing',
	ballColumns: 'ballColumns',
	savedAt: 'savedAt',
	demoSeeded: 'demoSeeded'
} as const;

/** The shot on the screen as it is kept and noted. */
export interface LastShotParts {
	shot: unknown;
	/** The saved shot it was opened from. */
	id: string | null;
	line: string;
	/** When it was so, an ISO instant. */
	at: string;
}

/** Settings that together are the last shot on the screen: shot, id, line, and when. */
export const LAST_SHOT = [
	SETTING.lastShot,
	SETTING.lastShotId,
	SETTING.lastShotLine,
	SETTING.lastShotAt
] as const;

/** The last shot as settings. */
export const lastShotRows = ({ shot, id, line, at }: LastShotParts): SettingRow[] =>
	[shot, id, line, at].map((value, i) => ({ key: LAST_SHOT[i]!, value }));
