import { expect, it } from 'vitest';
import { STANDARD_BAG } from '../club/standardBag';
import { claimsOf, clubNumber } from './claims';

// Common practice, no source: pitching wedge half, 8-iron a third, 6-iron a quarter in the air; twelve less the units of roll.
it('are what the trade says of a club, and nothing of clubs that a bag has not', () => {
	const of = (club: string, school: string) =>
		claimsOf(STANDARD_BAG).find((claim) => claim.club === club && claim.school === school)?.ratio;
	expect([of('PW', 'fly-fractions'), of('8i', 'fly-fractions'), of('6i', 'fly-fractions')]).toEqual(
		[1, 2, 3]
	);
	expect([
		of('GW', 'rule-of-twelve'),
		of('9i', 'rule-of-twelve'),
		of('5i', 'rule-of-twelve')
	]).toEqual([1, 3, 7]);
	expect(of('8i', 'three-windows')).toBe(3);
	expect(of('LW', 'fly-fractions')).toBeUndefined();
	const few = STANDARD_BAG.filter(({ id }) => id === 'LW' || id === 'SW');
	expect(claimsOf(few).map(({ school }) => school)).toEqual(['three-windows']);
});

it('count clubs as the trade does', () => {
	const of = (id: string) => clubNumber(STANDARD_BAG.find((club) => club.id === id)!);
	expect(['SW', 'GW', 'PW', '9i', '6i'].map(of)).toEqual([12, 11, 10, 9, 6]);
});
