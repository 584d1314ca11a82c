import type Dexie from 'dexie';
import { stamp } from './clock';
import {
	LAST_SHOT,
	lastShotRows,
	type LastShotParts,
	type RawRow,
	type SettingRow
} from './stored';
import { senselessNotes, settle, unwrittenNotes, type Note } from './journal';
import { mergeThree, sameData, type Clash } from './merge';
import { newId } from './newId';
import { bring } from './tidings';
import { fieldOf, stillSince } from './unsaid';

const SET_ASIDE = 'Left unfinished';

/** A last shot as it is noted, all of it in one. */
type NotedShot = LastShotParts & { shot: object };

/** Whether a row is as it was when its removal was noted; stamps say nothing of that, nor what was never said. */
const isAsItWas = (row: object, base: object | undefined): boolean =>
	base === undefined ||
	Object.entries(base).every(([field, value]) => {
		const now = fieldOf(row, field);
		return now === undefined || sameData(now, value);
	});

/** Removes a row whose removal was noted; what somebody has changed since stays. */
async function removeRow(opened: Dexie, { table, key, base }: Note): Promise<void> {
	const row = await opened.table<object>(table).get(key);
	if (!row || !isAsItWas(row, base)) return;
	await opened.table(table).delete(key);
	if (table === 'settings') return;
	await opened
		.table('tombstones')
		.put({ key: `${table}/${key}`, table, id: key, deletedAt: stamp() });
}

/** Puts a noted change beside what is there; where both changed the same part, what was written counts: the note may be the older. */
async function writeRow(opened: Dexie, { table, key, row, base }: Note): Promise<Clash[]> {
	const rows = opened.table<object>(table);
	const theirs = base && (await rows.get(key));
	const found = theirs ? mergeThree(base, theirs, row!) : { merged: row!, clashes: [] };
	if (table === 'settings') await rows.put(found.merged);
	else {
		const updatedAt = stamp();
		const row = { createdAt: updatedAt, ...found.merged, updatedAt };
		await rows.put(theirs ? { ...row, ...stillSince(theirs, found.merged) } : row);
	}
	return found.clashes;
}

/**
 * Puts a noted last shot in: beside changes of the same shot, in place of an older one. Where another shot is on the screen since, it goes
 * among the saved ones; two shots are never put together.
 */
async function writeLastShot(opened: Dexie, { row, base }: Note): Promise<Clash[]> {
	const settings = opened.table<SettingRow>('settings');
	const mine = row as NotedShot;
	const [shot, , line, at] = (await settings.bulkGet([...LAST_SHOT])).map((kept) => kept?.value);
	if (shot && line !== mine.line && typeof at === 'string' && at > mine.at) {
		const updatedAt = stamp();
		const name = `${SET_ASIDE}, ${mine.at.slice(0, 16).replace('T', ' ')}`;
		const aside = { id: newId(), name, savedAt: mine.at, shot: mine.shot };
		await opened
			.table<RawRow>('shots')
			.put({ ...aside, createdAt: updatedAt, updatedAt } as RawRow);
		bring({ kind: 'setAside', name });
		return [];
	}
	const { shot: began } = (base ?? {}) as Partial<NotedShot>;
	const isSame = shot && began && line === mine.line;
	const found = isSame
		? mergeThree<object>(began, shot, mine.shot)
		: { merged: mine.shot, clashes: [] };
	await settings.bulkPut(lastShotRows({ ...mine, shot: found.merged }));
	return found.clashes;
}

/** Writes one note, all of it or nothing. */
function writeNote(opened: Dexie, note: Note): Promise<Clash[]> {
	const tables = note.table === 'lastShot' ? ['settings', 'shots'] : [note.table, 'tombstones'];
	return opened.transaction('rw', tables, async () => {
		if (note.row === null) {
			await removeRow(opened, note);
			return [];
		}
		return note.table === 'lastShot' ? writeLastShot(opened, note) : writeRow(opened, note);
	});
}

/**
 * Writes what pages that were left could only note, each by itself: one that cannot be written, or of which nobody can make sense, keeps
 * none of the others from it. It stays noted, and is told.
 *
 * @param opened the store
 * @returns how many are left; those of which nobody can make sense are not among them
 */
export async function tryNotes(opened: Dexie): Promise<number> {
	const clashes: Clash[] = [];
	let left = 0;
	for (const note of unwrittenNotes()) {
		try {
			clashes.push(...(await writeNote(opened, note)));
			settle(note);
		} catch {
			left++;
		}
	}
	if (clashes.length > 0) bring({ kind: 'overtaken', parts: clashes.length });
	return left;
}

/** The same, and says what is left. */
export async function writeNotes(opened: Dexie): Promise<number> {
	const left = await tryNotes(opened);
	const senseless = senselessNotes().length;
	if (left + senseless > 0) bring({ kind: 'unwritten', notes: left + senseless, senseless });
	return left;
}
