import { expect, it } from 'vitest';
import { clashWords } from './clashWords';

it('says a part in the words of the screen, and what another tab made of it as far as that is a word', () => {
	const said = (path: string[], theirs: unknown) => clashWords({ path, theirs });
	expect(said(['rules', 'mark'], 'stick')).toBe('mark to “stick”');
	expect(said(['situation', 'toEdge'], 4.2049)).toBe('ball to edge to 4.2');
	expect(said(['leftOut'], false)).toBe('left out to no');
	expect(said(['situation', 'lie'], 'first-cut')).toBe('lie to “first cut”');
	expect(said(['school'], 'trainedLadder')).toBe('school to “trained ladder”');
	expect(said(['shot', 'greenId'], 'green-kiln')).toBe('green');
	expect(said(['takenAt'], '2026-03-01T09:00:00.000Z')).toBe('when it was read');
	expect(said(['notes'], `${'word '.repeat(30)}`)).toBe(
		`notes to “${'word '.repeat(12).trim()} …”`
	);
	expect(said(['place'], { u: 1 })).toBe('place');
	const within = { clubs: [{ id: 'ida-sw', name: 'SW' }, { id: 'odd' }] };
	const inList = (id: string) => clashWords({ path: ['clubs', id, 'loft'], theirs: 57 }, within);
	expect([inList('ida-sw'), inList('odd'), inList('gone')]).toEqual([
		'clubs, SW, loft to 57',
		'clubs, odd, loft to 57',
		'clubs, gone, loft to 57'
	]);
});
