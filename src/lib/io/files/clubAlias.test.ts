import { expect, it } from 'vitest';
import { clubAlias } from './clubAlias';

it.each([
	['Sand Wedge', 'SW'],
	['pitching wedge', 'PW'],
	['Approach Wedge', 'GW'],
	['7 Iron', '7i'],
	['Iron 7', '7I'],
	['7-iron', '7 i'],
	['4 Hybrid', '4H'],
	['5-wood', '5w'],
	[' s w ', 'SW'],
	['56 Wedge', '56 wedge']
])('takes “%s” for %s', (name, same) => {
	expect(clubAlias(name)).toBe(clubAlias(same));
});

it('tells different clubs apart', () => {
	const clubs = ['SW', 'GW', 'LW', 'PW', '7i', '4H', '4i', '5w', '56', 'Putter'];
	expect(new Set(clubs.map(clubAlias)).size).toBe(clubs.length);
});
