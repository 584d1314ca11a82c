import { newId } from '../base/newId';
import { shotRow } from '$lib/io/rows/shot';
import type { Called, SavedShot, WorkingShot } from '$lib/io/work/shot';
import type { Merged } from '../base/merge';
import { byText, Shelf, type Undo } from '../base/shelf';

const bySaving = byText<SavedShot>(({ savedAt }) => savedAt);
/** Newest first. */
export const shotShelf = new Shelf<SavedShot>('shots', shotRow, (a, b) => bySaving(b, a));

/** One shot; undefined when there is none or it cannot be read. */
export const readShot = (id: string): Promise<SavedShot | undefined> => shotShelf.get(id);

const stamp = (): string => new Date().toISOString();
const LONGEST_NAME = 60;

/** Saves a shot under a name, over the one of the same id where there is one. */
export const saveShot = (
	name: string,
	shot: WorkingShot,
	called?: Called,
	id: string = newId()
): Promise<SavedShot> =>
	shotShelf.put({ id, name, savedAt: stamp(), shot, ...(called && { called }) });

/** A name that no kept shot has: the one wished for, or with the next number behind it. */
export async function freeName(wished: string): Promise<string> {
	const taken = new Set((await shotShelf.read()).rows.map(({ name }) => name));
	for (let n = 1; ; n++) {
		const behind = n === 1 ? '' : ` ${n}`;
		const name = wished.slice(0, LONGEST_NAME - behind.length) + behind;
		if (!taken.has(name)) return name;
	}
}

/** Puts a kept shot back as it was before it was saved over. */
export const putBackShot = (before: SavedShot): Promise<SavedShot> => shotShelf.put(before);

/**
 * Saves changes of a kept shot beside those that another tab made meanwhile; see `Shelf.merge`.
 *
 * @param base the kept shot as it was opened
 */
export const mergeShot = (
	base: SavedShot,
	name: string,
	shot: WorkingShot,
	called?: Called
): Promise<Merged<SavedShot>> =>
	shotShelf.merge(
		{ ...base, savedAt: '' },
		{ ...base, name, shot, savedAt: stamp(), ...(called && { called }) }
	);

export async function renameShot(id: string, name: string): Promise<void> {
	const saved = await shotShelf.get(id);
	if (saved) await shotShelf.put({ ...saved, name: name.trim() });
}

/** The same shot for another pupil, beside the one there is. */
export const copyForPupil = (
	{ name, shot }: SavedShot,
	pupil: { id: string; name: string }
): Promise<SavedShot> =>
	freeName(`${name} (${pupil.name})`).then((free) =>
		saveShot(free, { ...shot, pupilId: pupil.id })
	);

export const duplicateShot = ({ name, shot }: SavedShot): Promise<SavedShot> =>
	freeName(`${name} (copy)`).then((free) => saveShot(free, shot));

/** Removes a shot and hands back what undoes it. */
export const removeShot = (id: string): Promise<Undo> => shotShelf.remove(id);
