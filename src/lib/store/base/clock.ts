import { later, NEVER, partsOf, stampFrom, type Stamp } from '$lib/io/fields/stamp';
import { newId } from './newId';

/** Most that fits into the counter. */
const MOST_COUNT = 36 ** 4 - 1;
const DEVICE = newId().replaceAll('-', '').slice(0, 8);
let last: Stamp = NEVER;

/** Takes note of a stamp that was read: what is written from now on is later, whatever the clock on the wall says. */
export function observe(stamp: Stamp): void {
	last = later(last, stamp);
}

/** A stamp later than every one given or seen so far; a clock that was set back counts on from there. */
export function stamp(now: number = Date.now()): Stamp {
	const { time, count } = partsOf(last);
	if (now > time) last = stampFrom(now, 0, DEVICE);
	else if (count < MOST_COUNT) last = stampFrom(time, count + 1, DEVICE);
	else last = stampFrom(time + 1, 0, DEVICE);
	return last;
}
