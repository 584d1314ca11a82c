import { describe, expect, it } from 'vitest';
import { bagClub } from '../../../../tests/support/bag';
import { kindOfWire } from '$lib/io/work/club';
import { CLUB_SETS, byLoft, outOfOrder, withSet } from './clubSets';

describe('sets of clubs', () => {
	const set = CLUB_SETS.find(({ id }) => id === 'wedges')!;

	it('keep a club of the same name with what was measured, and retire the others', () => {
		const own = [
			bagClub('SW', 56, { id: 'mine' }),
			bagClub('7i', 34, { id: 'iron', kind: 'iron' })
		];
		const bag = withSet(own, set, 'p', '2026-05-01');
		expect(bag.find(({ name }) => name === 'SW')).toMatchObject({ id: 'mine', loft: 54 });
		expect(bag.find(({ name }) => name === '7i')).toMatchObject({
			id: 'iron',
			retiredAt: '2026-05-01'
		});
		expect(bag.filter(({ retiredAt }) => retiredAt === null)).toHaveLength(5);
		expect(bag.find(({ name }) => name === 'Putter')!.kind).toBe('putter');
	});

	it('have lofts in order and no two clubs of one name', () => {
		for (const { clubs } of CLUB_SETS) {
			const drafts = clubs.map(([name, loft]) => bagClub(name, loft));
			expect(new Set(clubs.map(([name]) => name)).size).toBe(clubs.length);
			expect(outOfOrder(drafts.slice(0, -1))).toBeNull();
		}
	});

	it('notice lofts out of order, putters aside, and put them in order', () => {
		const mixed = [bagClub('LW', 60), bagClub('SW', 56), bagClub('Putter', 3, { kind: 'putter' })];
		expect(outOfOrder(mixed)?.map(({ name }) => name)).toEqual(['LW', 'SW']);
		expect(byLoft(mixed).map(({ name }) => name)).toEqual(['SW', 'LW', 'Putter']);
	});

	it('know a club by its name, else by its loft', () => {
		const kind = (name: string, loft: number) => kindOfWire({ name, loft, putter: false });
		expect([kind('5W', 18), kind('4H', 22), kind('5i', 22), kind('Driver', 10)]).toEqual([
			'wood',
			'hybrid',
			'iron',
			'wood'
		]);
		expect([kind('Old', 14), kind('Old', 20), kind('Old', 40), kind('Old', 44)]).toEqual([
			'wood',
			'hybrid',
			'iron',
			'wedge'
		]);
		expect(kindOfWire({ name: 'x', loft: 3, putter: true })).toBe('putter');
	});
});
