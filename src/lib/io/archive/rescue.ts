import { formatOf, type AnyArchive } from './archive';
import { VERSIONS } from './lift';

/** Tables of a database as they lie there, whatever release wrote them. */
export type RawTables = Readonly<Record<string, readonly unknown[]>>;

/**
 * Makes an archive of what lies in a database that cannot be opened: rows that its release could have read go in as such, others as they
 * are. It reads back like any other.
 *
 * @param release version of the database; an archive of the same version holds the same rows
 * @returns the text of the file, and how many rows went in of how many
 */
export function rescued(
	release: number,
	tables: RawTables,
	exportedAt: string
): { text: string; rows: number; of: number } {
	const version = Math.min(Math.max(1, Math.round(release)), VERSIONS.length);
	const { schema } = VERSIONS[version - 1]!;
	const head = { ...formatOf(version), exportedAt };
	const content: AnyArchive = { ...head };
	const unreadable: { table: string; row: unknown }[] = [];
	let rows = 0;
	let of = 0;
	for (const [table, raw] of Object.entries(tables)) {
		if (!schema.safeParse({ ...head, [table]: [] }).success) continue;
		const readable = raw.filter((row) => schema.safeParse({ ...head, [table]: [row] }).success);
		content[table] = readable;
		of += raw.length;
		rows += readable.length;
		for (const row of raw.filter((item) => !readable.includes(item)))
			unreadable.push({ table, row });
	}
	const kept = unreadable.filter(
		(item) => schema.safeParse({ ...head, unreadable: [item] }).success
	);
	content.unreadable = kept;
	return { text: `${JSON.stringify(content, null, '\t')}\n`, rows: rows + kept.length, of };
}
