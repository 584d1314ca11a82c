import type { Table } from 'dexie';
import {
	isCredible,
	later,
	latestCredible,
	NEVER,
	partsOf,
	stampFrom,
	type Stamp
} from '$lib/io/fields/stamp';
import { newId } from './newId';

/** Most that fits into the counter. */
const MOST_COUNT = 36 ** 4 - 1;
/** The last year that a stamp can name: a clock beyond it stands there. */
const LAST_TIME = Date.UTC(9999, 0);
const DEVICE = newId().replaceAll('-', '').slice(0, 8);
let last: Stamp = NEVER;

/**
 * Takes note of a stamp that was read: what is written from now on is later, whatever the clock on the wall says. What is none, or lies
 * further ahead than clocks differ, is passed over.
 *
 * @param now by the clock on the wall, ms
 */
export function observe(stamp: unknown, now: number = Date.now()): void {
	if (isCredible(stamp, now)) last = later(last, stamp);
}

/**
 * Takes note of the latest change that a table holds, whoever wrote it.
 *
 * @param table with an index of `updatedAt`
 */
export async function observeTable<Row, Key>(table: Table<Row, Key>): Promise<void> {
	const [latest] = await table
		.where('updatedAt')
		.belowOrEqual(latestCredible(Date.now()))
		.reverse()
		.limit(1)
		.keys();
	observe(latest);
}

/**
 * A stamp later than every one given or seen so far; a clock that was set back counts on from there, unless it was ahead by more than
 * clocks differ: then it begins anew.
 *
 * @param now by the clock on the wall, ms
 */
export function stamp(now: number = Date.now()): Stamp {
	const wall = Math.min(now, LAST_TIME);
	if (!isCredible(last, wall)) last = NEVER;
	const { time, count } = partsOf(last);
	if (wall > time) last = stampFrom(wall, 0, DEVICE);
	else if (count < MOST_COUNT) last = stampFrom(time, count + 1, DEVICE);
	else last = stampFrom(time + 1, 0, DEVICE);
	return last;
}
