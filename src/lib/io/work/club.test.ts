import { expect, it } from 'vitest';
import { bagDraftSchema, kindOfWire, MOST_CLUBS } from './club';

const club = (name: string) => ({ id: `club-${name}`, name, loft: 56 });

it('takes a bag of clubs that can be told apart, none and the most of them, and says what is wrong with another', () => {
	const said = (names: readonly string[]) =>
		bagDraftSchema.safeParse(names.map(club)).error?.issues.map(({ message }) => message) ?? [];
	const many = Array.from({ length: MOST_CLUBS + 1 }, (_, i) => `${i}`);
	expect(said([])).toEqual([]);
	expect(said(many.slice(1))).toEqual([]);
	expect(said(many)).toEqual([`must hold at most ${MOST_CLUBS} clubs`]);
	expect(said(['SW', 'PW', 'SW'])).toEqual(['must not hold two clubs of one name']);
});

it.each([
	['Driver', 9, 'wood'],
	['4H', 22, 'hybrid'],
	['7 i', 50, 'iron'],
	['Old one', 15, 'wood'],
	['Old one', 15.5, 'hybrid'],
	['Old one', 43.5, 'iron'],
	['Old one', 44, 'wedge']
])('says what a club called %s with %d° is', (name, loft, kind) => {
	expect(kindOfWire({ name, loft, putter: false })).toBe(kind);
	expect(kindOfWire({ name, loft, putter: true })).toBe('putter');
});
