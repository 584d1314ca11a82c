import { describe, expect, it } from 'vitest';
import { bagClub, carryCells } from '../../../../tests/support/bag';
import { BagWords, daysWords } from './bagWords';

describe('words of the bag', () => {
	const words = new BagWords([bagClub('SW', 56), bagClub('GW', 51)], 'clock', (m) => `${m} m`);
	const [eight, nine] = carryCells(['SW', '8', 10], ['SW', '9', 22]);

	it('say on how many days a cell was measured, where it was', () => {
		// 6 % of 22 m are 1.3 m: 3 m over the root of 4 balls is more, over the root of 9 less.
		const cell = { ...nine!, mean: 22, posterior: 3, days: 1, n: 4 };
		expect(daysWords(cell)).toBe(', all of one day');
		expect(daysWords({ ...cell, n: 9 })).toContain('another day would tell more');
		expect(daysWords({ ...cell, n: 9, days: 3 })).toBe(' from 3 days');
		expect(daysWords({ ...cell, n: 1 })).toBe('');
		expect(daysWords({ ...cell, stated: true })).toBe('');
	});

	it('say gaps, overlaps and contradictions', () => {
		expect(words.gap({ from: 10, to: 22, below: eight!, above: nine! })).toBe(
			'Nothing between 10 m (8 o’clock SW) and 22 m (9 o’clock SW).'
		);
		expect(words.overlap({ one: nine!, other: { ...eight!, club: 'GW' } })).toBe(
			'9 o’clock SW and 8 o’clock GW go the same, 22 m.'
		);
		expect(words.contradiction({ ...nine!, contradiction: 'exchanged' })).toBe(
			'9 o’clock SW does not fit the swing beside it: it looks exchanged with its neighbour.'
		);
		expect(words.contradiction(nine!)).toBe('');
		expect(words.swing({ club: 'gone', swing: '6:30' })).toBe('6:30 a club that is gone');
	});

	it('say what measuring would save', () => {
		const worth = { club: 'SW', swing: '8', flight: 'standard' as const, strokes: 0.12, shots: 3 };
		expect(words.worth(worth)).toBe(
			'8 o’clock SW: 3 of the saved shots call for it, and guessing its length costs 0.04 of a stroke each time.'
		);
	});
});
