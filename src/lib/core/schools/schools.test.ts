import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '../club/standardBag';
import { YARD } from '../units';
import { SCHOOLS, schoolOf } from './registry';
import type { SchoolFacts } from './school';

const facts = (change: Partial<SchoolFacts> = {}): SchoolFacts => ({
	spot: 3,
	rollFromSpot: 6,
	total: 9,
	slope: 0,
	bag: STANDARD_BAG,
	todaysAirShare: 0.4,
	...change
});
const advice = (id: Parameters<typeof schoolOf>[0], change: Partial<SchoolFacts> = {}) =>
	schoolOf(id)!.advise(facts(change))!;

describe('schools', () => {
	it('has ten, each with its own id, each answering', () => {
		expect(new Set(SCHOOLS.map(({ id }) => id)).size).toBe(10);
		for (const school of SCHOOLS) expect(school.advise(facts()), school.id).not.toBeNull();
		expect(schoolOf('free')).toBeUndefined();
	});

	it('has no answer from a bag without clubs', () => {
		for (const school of SCHOOLS) expect(school.advise(facts({ bag: [] })), school.id).toBeNull();
	});

	it('would always play what it advises', () => {
		for (const school of SCHOOLS) {
			const said = school.advise(facts())!;
			expect(school.allows(said.play, facts()), school.id).toBe(true);
		}
	});

	it('rule of twelve: plays the club it names in its ordinary flight, and nothing else', () => {
		const school = schoolOf('rule-of-twelve')!;
		const { play } = school.advise(facts())!;
		const other = STANDARD_BAG.find(({ name }) => name === 'GW')!;
		expect(school.allows(play, facts())).toBe(true);
		expect(school.allows({ ...play, club: other }, facts())).toBe(false);
		expect(school.allows({ ...play, flight: 'low' }, facts())).toBe(false);
		expect(school.allows(play, facts({ bag: [] }))).toBe(false);
	});

	it.each([
		['4.1 and 7.9 are four and eight', 4.1, 7.9, 10, 'PW'],
		['1.75 units are near two', 4, 7, 10, 'PW'],
		['1.67 units are between: more loft', 3, 5, 11, 'GW'],
		['less than half a pace still is a carry of one', 0.4, 4, 8, '8i'],
		['no club is longer than the five', 1, 12, 5, '5i']
	])('rule of twelve: %s', (_, carry, roll, number, club) => {
		const [spot, rollFromSpot] = [carry * YARD, roll * YARD];
		const said = advice('rule-of-twelve', { spot, rollFromSpot, total: spot + rollFromSpot });
		expect(said.play.club.name).toBe(club);
		expect(said).toMatchObject({ carry: spot, working: { by: 'units', number } });
	});

	it('rule of twelve: long carries are beyond it', () => {
		expect(advice('rule-of-twelve').beyond).toBeNull();
		expect(advice('rule-of-twelve', { spot: 9, rollFromSpot: 9, total: 18 }).beyond).toBe(
			'carryTooLong'
		);
	});

	it('shows how each came to its carry and club', () => {
		expect(advice('fly-fractions').working).toEqual({ by: 'share', share: 1 / 3, total: 9 });
		expect(advice('todays-percentage').working).toEqual({ by: 'share', share: 0.4, total: 9 });
		expect(advice('second-club-ladder', { rollFromSpot: 9.2 }).working).toMatchObject({
			by: 'gaps',
			roll: 9.2,
			rung: 3
		});
		expect(advice('gap-wedge-limit').working).toEqual({ by: 'carries', carries: 2, limit: 3 });
	});

	it('fly fractions: the lowest that reaches, one club for a slope', () => {
		expect(advice('fly-fractions', { spot: 2 }).play.club.name).toBe('6i');
		expect(advice('fly-fractions').play.club.name).toBe('8i');
		expect(advice('fly-fractions', { slope: -0.03 }).play.club.name).toBe('9i');
		expect(advice('fly-fractions', { slope: 0.03 }).play.club.name).toBe('7i');
		expect(advice('fly-fractions', { spot: 8.5, rollFromSpot: 0.5 })).toMatchObject({
			beyond: 'notEnoughGreen',
			carry: 8.5
		});
	});

	it('three windows: low, middle or high by what reaches', () => {
		expect(advice('three-windows', { spot: 2 }).play.club.name).toBe('8i');
		expect(advice('three-windows').play.club.name).toBe('PW');
		expect(advice('three-windows', { spot: 6 }).carry).toBeCloseTo(6.75, 12);
	});

	it('every second club: ten feet a rung', () => {
		expect(advice('second-club-ladder', { rollFromSpot: 3 }).play.club.name).toBe('LW');
		expect(advice('second-club-ladder', { rollFromSpot: 9.2 }).play.club.name).toBe('9i');
		expect(advice('second-club-ladder', { rollFromSpot: 40 }).beyond).toBe('notEnoughGreen');
	});

	it('today’s percentage: the measured share of the whole', () => {
		expect(advice('todays-percentage').carry).toBeCloseTo(3.6, 12);
		expect(advice('todays-percentage', { todaysAirShare: 0.2 }).beyond).toBe('notEnoughGreen');
	});

	it('longest club: down to the hybrid where there is room', () => {
		expect(advice('longest-club', { spot: 1.5, total: 20 }).play.club.name).toBe('4H');
		expect(advice('longest-club').play.club.name).toBe('PW');
	});

	it('one wedge: low first, high when low does not reach', () => {
		expect(advice('one-wedge-two-ways').play).toMatchObject({
			flight: 'low',
			club: { name: 'LW' }
		});
		expect(advice('one-wedge-two-ways', { spot: 6 }).play.flight).toBe('high');
		expect(advice('one-wedge-three-flights', { spot: 5.2 }).play.flight).toBe('standard');
	});

	it('shape the spin: the later it must land, the more from outside', () => {
		expect(advice('shape-the-spin').play.shape).toBe('inside');
		expect(advice('shape-the-spin', { spot: 5.5 }).play.shape).toBe('outside');
	});
});
