import { contentKey } from '$lib/core/math/contentKey';
import type { Archive, ArchiveContent } from './archive';
import { KIND } from '../words/kind';
import { ARCHIVED_TABLES, type ArchivedTable } from './tables';

type Rows = Pick<Archive, ArchivedTable>;

const byId = (rows: Rows, table: ArchivedTable): Map<string, string> =>
	new Map(rows[table].map((row) => [row.id, contentKey(row)]));

const counted = (count: number, table: ArchivedTable): string =>
	`${count} ${count === 1 ? KIND[table].one : KIND[table].many}`;

/**
 * What a file that was read back does not hold as it is here: a rehearsal of the day it is needed.
 *
 * @param here what this browser holds
 * @param file what the file holds
 * @returns a sentence for everything that is missing or different; empty where nothing would be lost
 */
export function differencesOf(here: ArchiveContent, file: ArchiveContent): string[] {
	const found = ARCHIVED_TABLES.flatMap((table) => {
		const [mine, theirs] = [byId(here, table), byId(file, table)];
		const missing = [...mine.keys()].filter((id) => !theirs.has(id)).length;
		const other = [...mine].filter(([id, key]) => theirs.has(id) && theirs.get(id) !== key).length;
		return [
			...(missing > 0 ? [`${counted(missing, table)} of this browser not in the file`] : []),
			...(other > 0 ? [`${counted(other, table)} changed since, or different in the file`] : [])
		];
	});
	const left = here.unreadable.length - file.unreadable.length;
	if (left <= 0) return found;
	const rows = left === 1 ? '1 row that cannot be read is' : `${left} rows that cannot be read are`;
	return [...found, `${rows} not in the file`];
}
