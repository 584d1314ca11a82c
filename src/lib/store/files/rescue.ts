import Dexie from 'dexie';
import { rescued, type RawTables } from '$lib/io/archive/rescue';
import { database } from '../base/database';
import { unpackGrid } from '../base/packedGrids';

/**
 * Reads what lies in the browser without opening it as this release would: for a database that is newer, or whose upgrade failed.
 *
 * @returns an archive of it, and how many rows went in of how many
 * @throws where the browser does not let its data be read at all
 */
export async function rescue(): Promise<ReturnType<typeof rescued>> {
	const raw = new Dexie(database.name);
	try {
		await raw.open();
		const tables: Record<string, readonly unknown[]> = {};
		for (const table of raw.tables)
			tables[table.name] = (await table.toArray()).map(unpackGrid<unknown>);
		return rescued(raw.verno, tables satisfies RawTables, new Date().toISOString());
	} finally {
		raw.close();
	}
}
