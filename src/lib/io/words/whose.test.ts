import { expect, test } from 'vitest';
import { playsWords, whom, whose, YOU } from './whose';

test('speaks to whoever has no name, and of everybody else', () => {
	expect([whose(YOU, 'bag'), whose('Ida', 'bag')]).toEqual(['Your bag', 'The bag of Ida']);
	expect([playsWords(YOU), playsWords('Ida')]).toEqual(['You play', 'Ida plays']);
	expect([whom(YOU), whom('Ida')]).toEqual(['you', 'Ida']);
});
