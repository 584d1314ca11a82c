import Dexie, { type Table } from 'dexie';
import { database } from '$lib/store/base/database';
import type { Rng } from '$lib/core/math/random';

/** What storage may do to a write. */
type Fault = 'full' | 'slow' | 'hanging' | 'none';

/** How long a slow write takes, in ms. */
const SLOW = 15;
const pause = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/** Storage that is out of order until it is healed. */
export interface FaultyStorage {
	/** Makes storage whole again; what hangs goes on. */
	heal: () => void;
	/** How many writes met each fault. */
	met: Record<Exclude<Fault, 'none'>, number>;
}

/**
 * Makes writes of the tables that keep themselves fail, dawdle or hang, by chance.
 *
 * @param share of the writes that meet a fault, 0 to 1
 * @param kinds which faults there are; one that is named twice comes twice as often
 */
export function faultyStorage(
	rng: Rng,
	share: number,
	kinds: readonly Exclude<Fault, 'none'>[] = ['full', 'full', 'slow']
): FaultyStorage {
	let sick = true;
	let goOn = () => {};
	const healed = new Promise<void>((resolve) => (goOn = resolve));
	const met = { full: 0, slow: 0, hanging: 0 };
	const meet = (): Fault => {
		if (!sick || rng.uniform() > share) return 'none';
		const fault = kinds[Math.floor(rng.uniform() * kinds.length)]!;
		met[fault]++;
		return fault;
	};
	const tables = [
		database.greens,
		database.settings,
		database.shots,
		database.lessons
	] as unknown as Table<object>[];
	for (const table of tables) {
		// Shelves and settings write with this one.
		const { bulkPut } = Object.getPrototypeOf(table) as Pick<Table<object>, 'bulkPut'>;
		table.bulkPut = (async (rows: object[]) => {
			const fault = meet();
			if (fault === 'full')
				throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
			// The transaction stays open meanwhile, as it does on a slow disk.
			if (fault === 'slow') await Dexie.waitFor(pause(SLOW));
			if (fault === 'hanging') await Dexie.waitFor(healed);
			return bulkPut.call(table, rows) as Promise<unknown>;
		}) as never;
	}
	return {
		met,
		heal: () => {
			sick = false;
			goOn();
			for (const table of tables) delete (table as Partial<Table<object>>).bulkPut;
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
