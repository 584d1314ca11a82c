import { liveQuery, type Observable } from 'dexie';
import { z } from 'zod';
import type { Archive } from '$lib/io/archive';
import { workingShotSchema, type WorkingShot } from '$lib/io/savedShot';
import { within } from '$lib/io/contract/fields';
import { database } from './database';

export const preferencesSchema = z.object({
	units: z.enum(['metres', 'yards', 'feet', 'paces']).default('metres'),
	/** The player's own pace, measured once. */
	paceLength: within(0.5, 1.3, 'metres').default(0.9),
	theme: z.enum(['paper', 'slate', 'sunlight']).default('paper')
});

export type Preferences = z.output<typeof preferencesSchema>;

const PREFERENCES = 'preferences';
const LAST_SHOT = 'lastShot';
const LAST_SHOT_ID = 'lastShotId';
const DEMO_SEEDED = 'demoSeeded';

const readPreferences = async (): Promise<Preferences> => {
	const parsed = preferencesSchema.safeParse(
		(await database.settings.get(PREFERENCES))?.value ?? {}
	);
	return parsed.success ? parsed.data : preferencesSchema.parse({});
};

/** Preferences, in step with other tabs. */
export const watchPreferences = (): Observable<Preferences> => liveQuery(readPreferences);

export async function writePreferences(preferences: Preferences): Promise<void> {
	await database.settings.put({ key: PREFERENCES, value: preferences });
}

export interface LastShot {
	shot: WorkingShot;
	/** The saved shot it was opened from. */
	id: string | null;
}

/** What was on the screen last; null on a first visit, `broken` when it cannot be read. */
export async function readLastShot(): Promise<LastShot | null | 'broken'> {
	const [shot, id] = await database.settings.bulkGet([LAST_SHOT, LAST_SHOT_ID]);
	if (!shot) return null;
	const parsed = workingShotSchema.safeParse(shot.value);
	if (!parsed.success) return 'broken';
	return { shot: parsed.data, id: typeof id?.value === 'string' ? id.value : null };
}

export async function writeLastShot({ shot, id }: LastShot): Promise<void> {
	await database.settings.bulkPut([
		{ key: LAST_SHOT, value: shot },
		{ key: LAST_SHOT_ID, value: id }
	]);
}

/** Puts the demo's rows in, once and in one transaction; never over data that is there. */
export async function seedOnce({
	shots,
	greens,
	readings
}: Pick<Archive, 'shots' | 'greens' | 'readings'>): Promise<boolean> {
	const { shots: shotTable, greens: greenTable, readings: readingTable, settings } = database;
	return database.transaction('rw', [shotTable, greenTable, readingTable, settings], async () => {
		const used = (await shotTable.count()) + (await greenTable.count()) > 0;
		if (used || (await settings.get(DEMO_SEEDED))) return false;
		await shotTable.bulkAdd(shots);
		await greenTable.bulkAdd(greens);
		await readingTable.bulkAdd(readings);
		await settings.put({ key: DEMO_SEEDED, value: true });
		return true;
	});
}
