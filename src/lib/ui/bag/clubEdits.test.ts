import { describe, expect, it } from 'vitest';
import type { ClubDraft } from '$lib/io/work/club';
import { bringBack, refuseName, reorder, retire } from './clubEdits';

const club = (name: string, loft: number, over: Partial<ClubDraft> = {}): ClubDraft => ({
	id: name,
	pupilId: 'p',
	name,
	loft,
	bounce: 6,
	kind: 'wedge',
	order: 0,
	retiredAt: null,
	...over
});

describe('changes of the bag', () => {
	it('give dragged clubs their places and leave the others theirs', () => {
		const clubs = [
			club('a', 1, { order: 5 }),
			club('b', 2, { order: 6 }),
			club('c', 3, { order: 9 })
		];
		reorder(clubs, [clubs[1]!, clubs[0]!]);
		expect(clubs.map(({ order }) => order)).toEqual([1, 0, 9]);
	});

	it('retire a club and bring it back at the end, under a name of its own', () => {
		const clubs = [club('SW', 56, { id: 'old' }), club('LW', 60, { order: 7 })];
		retire(clubs, 'old', '2026-05-01');
		expect(clubs.map(({ retiredAt }) => retiredAt)).toEqual(['2026-05-01', null]);
		clubs.push(club('SW', 54, { id: 'new', order: 8 }));
		bringBack(clubs, 'old');
		expect(clubs[0]).toMatchObject({ name: 'SW (2)', order: 9, retiredAt: null });
		expect(clubs[1]).toMatchObject({ name: 'LW', order: 7 });
	});

	it('refuse the name of another club in the bag, and only that', () => {
		const inBag = [club('SW', 56), club('LW', 60)];
		expect(refuseName(inBag, inBag[0]!, 'LW')).toContain('is called LW');
		expect(refuseName(inBag, inBag[0]!, 'SW')).toBeUndefined();
		expect(refuseName(inBag, inBag[0]!, 'Old')).toBeUndefined();
	});
});
