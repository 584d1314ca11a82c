import { expect, it } from 'vitest';
import { claimWords } from './claimWords';

/** The spaces are firm: no line breaks in a ratio. */
const plain = (text: string) => text.replaceAll('\u00a0', ' ');

it('says whether what a rule claims holds today, may hold, or what happens instead', () => {
	const today = { ratio: 2.4, low: 1.6, high: 3.2 };
	const said = (claim: number) => plain(claimWords(claim, today, 'ratio'));
	expect(said(2.5)).toBe('1 : 2.5, holds today');
	expect(said(3)).toBe('1 : 3, may hold');
	expect(said(1)).toBe('1 : 1, not today: 1 : 2.4');
});
