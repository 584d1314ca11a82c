import type { Collection, IndexableType } from 'dexie';
import type { RawRow } from './stored';

/** Rows that are read at once: few at first, then as many as are judged in so many ms. A ball is a tenth of a played shot. */
const FIRST_LOT = 60;
const LARGEST_LOT = 600;
const LOT_TIME = 16;

/** The lot after one of so many rows that was judged in so many ms. */
const nextLot = (rows: number, ms: number): number =>
	Math.round(Math.min(LARGEST_LOT, Math.max(FIRST_LOT, (rows * LOT_TIME) / Math.max(1, ms))));

/**
 * Reads rows in the order of their keys, lot by lot, so that many never hold up the page.
 *
 * @param from the rows whose key comes after one; all of them where none is given
 * @param judge what is done with each lot
 */
export async function readLots(
	from: (after?: IndexableType) => Collection<RawRow, IndexableType>,
	judge: (lot: readonly RawRow[]) => void
): Promise<void> {
	let size = FIRST_LOT;
	let lot = await from().limit(size).toArray();
	let isLast = lot.length < size;
	while (!isLast) {
		// The next is fetched while this one is judged.
		const asked = size;
		const next = from(lot.at(-1)!.id).limit(asked).toArray();
		const began = performance.now();
		judge(lot);
		size = nextLot(lot.length, performance.now() - began);
		lot = await next;
		isLast = lot.length < asked;
	}
	judge(lot);
}
