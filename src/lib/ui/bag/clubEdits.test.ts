import { describe, expect, it } from 'vitest';
import { bagClub } from '../../../../tests/support/bag';
import { bringBack, refuseName, reorder, retire } from './clubEdits';

describe('changes of the bag', () => {
	it('give dragged clubs their places and leave the others theirs', () => {
		const clubs = [
			bagClub('a', 1, { order: 5 }),
			bagClub('b', 2, { order: 6 }),
			bagClub('c', 3, { order: 9 })
		];
		reorder(clubs, [clubs[1]!, clubs[0]!]);
		expect(clubs.map(({ order }) => order)).toEqual([1, 0, 9]);
	});

	it('retire a club and bring it back at the end, under a name of its own', () => {
		const clubs = [bagClub('SW', 56, { id: 'old' }), bagClub('LW', 60, { order: 7 })];
		retire(clubs, 'old', '2026-05-01');
		expect(clubs.map(({ retiredAt }) => retiredAt)).toEqual(['2026-05-01', null]);
		clubs.push(bagClub('SW', 54, { id: 'new', order: 8 }));
		bringBack(clubs, 'old');
		expect(clubs[0]).toMatchObject({ name: 'SW (2)', order: 9, retiredAt: null });
		expect(clubs[1]).toMatchObject({ name: 'LW', order: 7 });
	});

	it('refuse the name of another club in the bag, and only that', () => {
		const inBag = [bagClub('SW', 56), bagClub('LW', 60)];
		expect(refuseName(inBag, inBag[0]!, 'LW')).toContain('is called LW');
		expect(refuseName(inBag, inBag[0]!, 'SW')).toBeUndefined();
		expect(refuseName(inBag, inBag[0]!, 'Old')).toBeUndefined();
	});
});
