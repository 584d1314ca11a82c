import { ARCHIVED_TABLES } from '$lib/io/archive/tables';
import { stampFrom } from '$lib/io/fields/stamp';
import { database } from '../base/database';
import { SETTING } from '../base/stored';
import { follow } from '../base/follow';

/** When the last archive was saved here, and how much has changed since. */
export interface BackupState {
	/** ISO instant; null before the first. */
	savedAt: string | null;
	/** Rows added, changed or removed since; all of them before the first. */
	changed: number;
}

/** Takes note that everything was just saved as an archive. */
export async function noteBackup(now = new Date()): Promise<void> {
	await database.settings.put({ key: SETTING.savedAt, value: now.toISOString() });
}

/** A backup is due once so much has changed, and the last is so old. */
const MUCH = 200;
const OLD = 7 * 24 * 3600_000;

/** Whether it is time to offer one. */
export const backupDue = ({ savedAt, changed }: BackupState, now = Date.now()): boolean =>
	changed >= MUCH && (savedAt === null || now - Date.parse(savedAt) >= OLD);

/** How things stand now. */
export async function readBackup(): Promise<BackupState> {
	const kept: unknown = (await database.settings.get(SETTING.savedAt))?.value;
	const time = typeof kept === 'string' ? Date.parse(kept) : NaN;
	const since = Number.isNaN(time) ? '' : stampFrom(time, 0, '');
	const counts = await Promise.all(
		ARCHIVED_TABLES.map((table) => database[table].where('updatedAt').above(since).count())
	);
	const removed = await database.tombstones.filter(({ deletedAt }) => deletedAt > since).count();
	return {
		savedAt: Number.isNaN(time) ? null : (kept as string),
		changed: counts.reduce((sum, count) => sum + count, removed)
	};
}

/** Follows it; see `follow`. */
export const followBackup = (
	next: (state: BackupState) => void,
	failed: (error: unknown) => void
): (() => void) => follow(readBackup, next, failed);
