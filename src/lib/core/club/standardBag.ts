import { radians } from '../units';
import type { Club } from './club';

const club = (name: string, loft: number, bounce: number): Club => ({
	id: name,
	name,
	loft: radians(loft),
	bounce: radians(bounce),
	putter: false
});

/** An ordinary modern set for the short game; lofts and bounce are middling catalogue values (common practice, no source). */
export const STANDARD_BAG: readonly Club[] = [
	club('4H', 22, 2),
	club('5i', 27, 3),
	club('6i', 30.5, 3),
	club('7i', 34, 4),
	club('8i', 38, 4),
	club('9i', 42, 5),
	club('PW', 46, 6),
	club('GW', 51, 8),
	club('SW', 56, 12),
	club('LW', 60, 8),
	{ id: 'Putter', name: 'Putter', loft: radians(3.5), bounce: 0, putter: true }
];
