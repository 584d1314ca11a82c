import type { Table } from 'dexie';
import { database } from '$lib/store/database';
import type { Rng } from '$lib/core/math/random';

/** What storage may do to a write. */
type Fault = 'full' | 'slow' | 'none';

/** Makes writes of the database's tables fail or dawdle by chance; `heal` makes them whole again. */
export function faultyStorage(rng: Rng, share: number): { heal: () => void; failed: () => number } {
	let sick = true;
	let failed = 0;
	const faultOf = (): Fault => {
		if (!sick || rng.uniform() > share) return 'none';
		return rng.uniform() < 0.7 ? 'full' : 'slow';
	};
	const tables = [database.greens, database.settings, database.shots] as unknown as Table<object>[];
	for (const table of tables) {
		const { put } = Object.getPrototypeOf(table) as Pick<Table<object>, 'put'>;
		table.put = ((row: object) => {
			if (faultOf() !== 'full') return put.call(table, row);
			failed++;
			throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
		}) as typeof table.put;
	}
	return {
		failed: () => failed,
		heal: () => {
			sick = false;
			for (const table of tables) delete (table as Partial<Table<object>>).put;
		}
	};
}

/** A browser's synchronous store of this process. */
export class MemoryStorage {
	[name: string]: unknown;
	setItem(name: string, text: string): void {
		this[name] = text;
	}
	getItem(name: string): string | null {
		return (this[name] as string | undefined) ?? null;
	}
	removeItem(name: string): void {
		delete this[name];
	}
}
