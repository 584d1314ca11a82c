import { describe, expect, it } from 'vitest';
import { ratioFigure, ratioWords } from './ratio';

/** Nothing here breaks over a line: the spaces are firm. */
const plain = (text: string) => text.replaceAll('\u00a0', ' ');
const ball = (carry: number, roll: number) => ({ carry, roll });

describe('air and ground', () => {
	it.each([
		[3, 6.9, '1 : 2.3', '30 %', '×2.3'],
		[4, 4, '1 : 1', '50 %', '×1'],
		[1, 11.2, '1 : 11', '8 %', '×11'],
		[10, 0.4, '1 : 0', '96 %', '×0'],
		[0, 8, '–', '–', '–']
	])('%f m and %f m are a figure in every way of saying it', (carry, roll, ...figures) => {
		const said = (['ratio', 'share', 'units'] as const).map((style) =>
			plain(ratioFigure(ball(carry, roll), style))
		);
		expect(said).toEqual(figures);
	});

	it('is a plain fraction where nobody could pace the difference, else percent', () => {
		const share = (carry: number, roll: number) =>
			plain(ratioWords(ball(carry, roll), 'share', 0.9));
		expect(share(3, 6.2)).toBe('a third in the air');
		expect(share(5, 5.2)).toBe('half in the air');
		expect(share(3, 6.9)).toBe('30 % in the air');
		// A third of thirty metres is ten: eleven and a half are more than half a pace off.
		expect(share(11.5, 18.5)).toBe('38 % in the air');
		// Of a short chip half a pace is a large share: a figure is truer than a wrong fraction.
		expect(share(1.2, 1.8)).toBe('40 % in the air');
	});

	it('is paced in units, or said as a ratio', () => {
		expect(ratioWords(ball(2.7, 5.4), 'units', 0.9)).toBe('3 paces and 2 units of it');
		expect(ratioWords(ball(0.9, 2.7), 'units', 0.9)).toBe('1 pace and 3 units of it');
		expect(ratioWords(ball(3, 6.9), 'ratio', 0.9)).toBe('1\u00a0:\u00a02.3');
	});
});
