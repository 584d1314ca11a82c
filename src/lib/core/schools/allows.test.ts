import { expect, it } from 'vitest';
import { STANDARD_BAG } from '../club/standardBag';
import { straight } from '../player/intent';
import type { FlightId, SpinShape } from '../setup/flights';
import { SCHOOLS } from './registry';
import type { SchoolId, SchoolFacts } from './school';

const FACTS: SchoolFacts = {
	spot: 3,
	rollFromSpot: 6,
	total: 9,
	slope: 0,
	bag: STANDARD_BAG,
	todaysAirShare: 0.4
};
const FLIGHTS: readonly FlightId[] = ['putt', 'low', 'standard', 'high', 'open', 'splash'];
const IRONS = '4H 5i 6i 7i 8i 9i PW GW SW LW'.split(' ');

/** Clubs that a school plays here, by flight; a flight it does not play is left out. */
const ALLOWED: Record<SchoolId, Partial<Record<FlightId, string>>> = {
	'rule-of-twelve': { standard: 'PW' },
	'fly-fractions': { standard: '6i 8i PW GW' },
	'three-windows': { standard: '8i PW SW' },
	'todays-percentage': { standard: 'PW' },
	'gap-wedge-limit': Object.fromEntries(FLIGHTS.map((flight) => [flight, 'PW GW SW LW'])),
	'second-club-ladder': { standard: '5i 7i 9i GW LW' },
	'longest-club': {
		standard: [...IRONS, 'Putter'].join(' '),
		low: [...IRONS, 'Putter'].join(' '),
		putt: [...IRONS, 'Putter'].join(' ')
	},
	'one-wedge-two-ways': { low: 'LW', high: 'LW', open: 'LW', splash: 'LW' },
	'one-wedge-three-flights': { low: 'LW', standard: 'LW', high: 'LW', open: 'LW', splash: 'LW' },
	'shape-the-spin': Object.fromEntries(
		FLIGHTS.filter((flight) => flight !== 'open').map((flight) => [flight, 'SW'])
	)
};
const clubs = STANDARD_BAG.filter(({ name }) => IRONS.includes(name) || name === 'Putter');

it.each(SCHOOLS.map((school) => [school.id, school] as const))(
	'%s plays its own clubs in its own flights, and no others',
	(id, school) => {
		for (const flight of FLIGHTS) {
			const played = clubs.filter((club) => school.allows(straight(club, flight), FACTS));
			const asked = (ALLOWED[id][flight] ?? '').split(' ').filter(Boolean);
			expect(played.map(({ name }) => name).sort(), flight).toEqual([...asked].sort());
		}
	}
);

it('leaves the shape of the path to the school that is about it', () => {
	for (const shape of ['inside', 'outside', 'straight'] satisfies SpinShape[])
		for (const school of SCHOOLS) {
			const { play } = school.advise(FACTS)!;
			expect(school.allows({ ...play, shape }, FACTS), school.id).toBe(true);
		}
});

it('counts the ladder’s rungs from the first gap on: nearer and farther is beyond it', () => {
	const ladder = SCHOOLS.find(({ id }) => id === 'second-club-ladder')!;
	const said = (feet: number) => {
		const { play, beyond } = ladder.advise({ ...FACTS, rollFromSpot: feet * 0.3048 })!;
		return [play.club.name, beyond];
	};
	expect(said(4)).toEqual(['LW', 'notEnoughGreen']);
	expect(said(6)).toEqual(['LW', null]);
	expect(said(20)).toEqual(['GW', null]);
	expect(said(50)).toEqual(['5i', null]);
	expect(said(60)).toEqual(['5i', 'notEnoughGreen']);
});
