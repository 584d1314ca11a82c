import type { WorkingShot } from '$lib/io/shot';
import { preferencesRow, type Preferences } from '$lib/io/rows/preferences';
import { workingShotRow } from '$lib/io/rows/shot';
import { database, SETTING, type SettingRow } from './database';
import { noteUnwritten, strikeOut } from './journal';

export type { Preferences };

/** Preferences as kept; those of a first visit where there are none. */
export async function readPreferences(): Promise<Preferences> {
	const kept = (await database.settings.get(SETTING.preferences))?.value;
	const parsed = preferencesRow.safeParse(kept ?? {});
	return parsed.success ? parsed.data : FIRST_PREFERENCES;
}

export const FIRST_PREFERENCES: Preferences = preferencesRow.parse({});

export async function writePreferences(value: Preferences): Promise<void> {
	await database.settings.put({ key: SETTING.preferences, value });
}

export interface LastShot {
	shot: WorkingShot;
	/** The saved shot it was opened from. */
	id: string | null;
}

/** What was on the screen last; null on a first visit, `broken` when it cannot be read. */
export async function readLastShot(): Promise<LastShot | null | 'broken'> {
	const [shot, id] = await database.settings.bulkGet([SETTING.lastShot, SETTING.lastShotId]);
	if (!shot) return null;
	const parsed = workingShotRow.safeParse(shot.value);
	if (!parsed.success) return 'broken';
	return { shot: parsed.data, id: typeof id?.value === 'string' ? id.value : null };
}

const lastShotRows = ({ shot, id }: LastShot): SettingRow[] => [
	{ key: SETTING.lastShot, value: shot },
	{ key: SETTING.lastShotId, value: id }
];

export async function writeLastShot(last: LastShot): Promise<void> {
	const rows = lastShotRows(last);
	await database.settings.bulkPut(rows);
	for (const { key } of rows) strikeOut({ table: 'settings', key });
}

/** Notes what is on the screen, for a page that has no time to write it. */
export function noteLastShot(last: LastShot): void {
	for (const row of lastShotRows(last)) noteUnwritten({ table: 'settings', key: row.key, row });
}
