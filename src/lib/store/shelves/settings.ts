import * as z from 'zod/mini';
import { BALL_FIELDS, type BallColumns } from '$lib/io/files/ballColumns';
import { DATE_ORDERS } from '$lib/io/files/fileDates';
import type { WorkingShot } from '$lib/io/work/shot';
import { FIRST_PREFERENCES, preferencesRow, type Preferences } from '$lib/io/rows/preferences';
import { workingShotRow } from '$lib/io/rows/shot';
import { database } from '../base/database';
import {
	LAST_SHOT,
	lastShotRows,
	SETTING,
	type LastShotParts,
	type SettingRow
} from '../base/stored';
import { notesMade, noteUnwritten, strikeOut, writeNoted } from '../base/journal';
import { mergeThree, type Merged } from '../base/merge';

/** Preferences as kept; those of a first visit where there are none. */
export async function readPreferences(): Promise<Preferences> {
	const kept = (await database.settings.get(SETTING.preferences))?.value;
	const parsed = preferencesRow.safeParse(kept ?? {});
	return parsed.success ? parsed.data : FIRST_PREFERENCES;
}

export async function writePreferences(value: Preferences): Promise<void> {
	const row = { key: SETTING.preferences, value };
	await writeNoted({ table: 'settings', key: row.key, row }, () => database.settings.put(row));
}

export interface LastShot {
	shot: WorkingShot;
	/** The saved shot it was opened from. */
	id: string | null;
	/** Tells tabs that work on one and the same shot from tabs that each work on one of their own. */
	line: string;
}

/** What was on the screen last; null on a first visit, `broken` when it cannot be read. */
export async function readLastShot(): Promise<LastShot | null | 'broken'> {
	const [shot, id, line] = await database.settings.bulkGet([...LAST_SHOT]);
	if (!shot) return null;
	const parsed = workingShotRow.safeParse(shot.value);
	if (!parsed.success) return 'broken';
	const text = (row: SettingRow | undefined) => (typeof row?.value === 'string' ? row.value : null);
	return { shot: parsed.data, id: text(id), line: text(line) ?? '' };
}

/** The same as it is now. */
const asOfNow = (last: LastShot): LastShotParts => ({ ...last, at: new Date().toISOString() });
/** Where the shot on the screen is noted. */
const NOTED = { table: 'lastShot', key: 'it' } as const;

export async function writeLastShot(last: LastShot): Promise<void> {
	const noted = notesMade();
	await database.settings.bulkPut(lastShotRows(asOfNow(last)));
	strikeOut(NOTED, noted);
}

/**
 * Keeps what is on the screen beside what another tab changed of the same shot meanwhile.
 *
 * @param base what this tab last wrote or read
 * @returns the shot as it is kept now, and what both had changed: there this tab's counts
 */
export async function mergeLastShot(
	base: Pick<LastShot, 'shot'>,
	mine: LastShot
): Promise<Merged<WorkingShot>> {
	const noted = notesMade();
	const written = await database.transaction('rw', database.settings, async () => {
		const theirs = await readLastShot();
		const same = theirs && theirs !== 'broken' && theirs.line === mine.line;
		const both = same
			? mergeThree(base.shot, mine.shot, theirs.shot)
			: { merged: mine.shot, clashes: [] };
		await database.settings.bulkPut(lastShotRows(asOfNow({ ...mine, shot: both.merged })));
		return both;
	});
	strikeOut(NOTED, noted);
	return written;
}

/** Notes what is on the screen, for a page that has no time to write it; answers whether it is noted. */
export const noteLastShot = (base: Pick<LastShot, 'shot'>, last: LastShot): boolean =>
	noteUnwritten({ ...NOTED, row: asOfNow(last), base });

const columnsRow = z.record(
	z.string(),
	z.object({
		columns: z.partialRecord(z.enum(BALL_FIELDS), z.string()),
		unit: z.enum(['metres', 'yards', 'feet']),
		dates: z.optional(z.enum(DATE_ORDERS))
	})
);

/** How the columns of a kind of file were matched last time; null where it was never read. */
export async function readBallColumns(signature: string): Promise<BallColumns | null> {
	const kept = columnsRow.safeParse((await database.settings.get(SETTING.ballColumns))?.value);
	return kept.success ? (kept.data[signature] ?? null) : null;
}

/** Remembers how the columns of a kind of file are matched. */
export async function writeBallColumns(signature: string, columns: BallColumns): Promise<void> {
	await database.transaction('rw', database.settings, async () => {
		const kept = columnsRow.safeParse((await database.settings.get(SETTING.ballColumns))?.value);
		const value = { ...(kept.success ? kept.data : {}), [signature]: columns };
		await database.settings.put({ key: SETTING.ballColumns, value });
	});
}
