import { liveQuery, type Observable } from 'dexie';
import { savedShotSchema, type SavedShot, type WorkingShot } from '$lib/io/savedShot';
import { database, type ShotRow } from './database';

/** A row that cannot be read any more; kept until its owner removes it. */
export interface BrokenShot {
	id: string;
	name: string;
}

export interface ShotShelf {
	shots: SavedShot[];
	broken: BrokenShot[];
}

function shelve(rows: readonly ShotRow[]): ShotShelf {
	const shelf: ShotShelf = { shots: [], broken: [] };
	for (const row of rows) {
		const parsed = savedShotSchema.safeParse(row);
		if (parsed.success) shelf.shots.push(parsed.data);
		else shelf.broken.push({ id: String(row.id), name: String(row.name || 'unnamed') });
	}
	return shelf;
}

/** Every saved shot, newest first, in step with other tabs. */
export const watchShots = (): Observable<ShotShelf> =>
	liveQuery(async () => shelve(await database.shots.orderBy('savedAt').reverse().toArray()));

/** One shot; undefined when there is none or it cannot be read. */
export async function readShot(id: string): Promise<SavedShot | undefined> {
	const parsed = savedShotSchema.safeParse(await database.shots.get(id));
	return parsed.success ? parsed.data : undefined;
}

const stamp = (): string => new Date().toISOString();

/** Saves a shot under a name, over the one of the same id where there is one. */
export async function saveShot(
	name: string,
	shot: WorkingShot,
	id: string = crypto.randomUUID()
): Promise<SavedShot> {
	const saved = savedShotSchema.parse({ id, name, savedAt: stamp(), shot });
	await database.shots.put(saved);
	return saved;
}

export async function renameShot(id: string, name: string): Promise<void> {
	await database.shots.update(id, { name: name.trim() });
}

export async function duplicateShot({ name, shot }: SavedShot): Promise<SavedShot> {
	return saveShot(`${name} (copy)`.slice(0, 60), shot);
}

/** Removes a shot and hands back what undoes it. */
export async function removeShot(id: string): Promise<() => Promise<void>> {
	const row = await database.shots.get(id);
	await database.shots.delete(id);
	return async () => {
		if (row) await database.shots.put(row);
	};
}
