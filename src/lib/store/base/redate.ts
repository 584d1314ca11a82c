import type Dexie from 'dexie';
import { ARCHIVED_TABLES } from '$lib/io/archive/tables';
import { isStamp, latestCredible, NEVER } from '$lib/io/fields/stamp';
import { stamp } from './clock';
import type { RawRow, Tombstone } from './stored';

/**
 * Dates records anew whose stamp no clock can have given: what lies too far ahead as changed now, since it is what was kept here, and what
 * is no date as never. A removal dated so counts as never, and takes nothing away.
 *
 * @param opened the store
 * @returns how many rows
 */
export async function redate(opened: Dexie): Promise<number> {
	const latest = latestCredible(Date.now());
	let redated = 0;
	for (const name of ARCHIVED_TABLES) {
		const table = opened.table<RawRow>(name);
		const rows = await table.where('updatedAt').above(latest).toArray();
		if (rows.length === 0) continue;
		await table.bulkPut(
			rows.map((row) => ({ ...row, updatedAt: isStamp(row.updatedAt) ? stamp() : NEVER }))
		);
		redated += rows.length;
	}
	const stones = opened.table<Tombstone>('tombstones');
	const odd = await stones
		.filter(({ deletedAt }) => !isStamp(deletedAt) || deletedAt > latest)
		.toArray();
	if (odd.length > 0) await stones.bulkPut(odd.map((stone) => ({ ...stone, deletedAt: NEVER })));
	return redated + odd.length;
}
