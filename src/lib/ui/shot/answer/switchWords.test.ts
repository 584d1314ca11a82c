import { expect, it } from 'vitest';
import type { Choice } from '$lib/ui/call/choices';
import { switchWords } from './switchWords';

const choice = (club: string, swing: string, strokes?: number, flight = 'standard') =>
	({
		candidate: { play: { club: { name: club }, flight, faceOpen: 0, shape: 'straight' } },
		swing: { name: swing },
		option: strokes === undefined ? null : { statistics: { expectedStrokes: strokes } }
	}) as unknown as Choice;
const ida = { name: 'Ida', skill: 'scratch' as const };
const bo = { name: 'Bo', skill: 'high' as const };

it('says who, from which call to which, and what it costs', () => {
	expect(
		switchWords(
			{ pupil: ida, choice: choice('LW', '8', 2.6) },
			{ pupil: bo, choice: choice('SW', '9', 3) }
		)
	).toBe(
		'Bo (handicap 28) instead of Ida (scratch): from LW standard to SW standard, 0.4 of a stroke more.'
	);
});

it('names skills only where they differ, and says what stays', () => {
	const same = { pupil: ida, choice: choice('SW', '9', 2.6) };
	const other = { name: 'Eve', skill: 'scratch' as const };
	expect(switchWords(same, { pupil: other, choice: choice('SW', '9', 2.62) })).toBe(
		'Eve instead of Ida: the same call, the SW standard, for as many strokes.'
	);
	expect(switchWords(same, { pupil: other, choice: choice('SW', '8', 2.4) })).toBe(
		'Eve instead of Ida: still SW standard, another swing, 0.2 of a stroke less.'
	);
});

it('has no other swing to speak of with a putter, and no strokes before they are in', () => {
	expect(
		switchWords(
			{ pupil: ida, choice: choice('Putter', 'foot', undefined, 'putt') },
			{ pupil: bo, choice: choice('Putter', 'knee', undefined, 'putt') }
		)
	).toMatch(/the same call, the Putter\.$/);
});
