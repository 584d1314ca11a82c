import type { WorkingShot } from '$lib/io/shot';
import { preferencesRow, type Preferences } from '$lib/io/rows/preferences';
import { workingShotRow } from '$lib/io/rows/shot';
import { database, SETTING } from './database';

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

export async function writeLastShot({ shot, id }: LastShot): Promise<void> {
	await database.settings.bulkPut([
		{ key: SETTING.lastShot, value: shot },
		{ key: SETTING.lastShotId, value: id }
	]);
}
