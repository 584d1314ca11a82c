import { describe, expect, it } from 'vitest';
import { MOST_AT_ONCE, readCarries } from './carries';

const read = (text: string) => readCarries(text, 1, 'm');

describe('typed carries', () => {
	it.each([
		['14', [14]],
		['14, 15, 13', [14, 15, 13]],
		['14 15;13', [14, 15, 13]],
		['14,5 15.5', [14.5, 15.5]],
		['14,5; 13,2', [14.5, 13.2]],
		['14 m, 15 m', [14, 15]],
		[' 14,\n15 ', [14, 15]]
	])('are read from %j', (text, carries) => {
		expect(read(text)).toEqual({ carries });
	});

	it('come in the unit they are typed in', () => {
		expect(readCarries('10', 0.9144, 'yd')).toEqual({ carries: [9.144] });
	});

	it.each([
		['', 'Type one carry'],
		['far', 'has no number'],
		['0', '0 m is no carry: it must be from 0.1 to 150 m'],
		['-3', '-3 m is no carry'],
		['14, 400', '400 m is no carry'],
		['1-4', '“1-4” is no number'],
		[
			Array.from({ length: 300 }, () => '9').join(' '),
			`300 carries are too many at once: at most ${MOST_AT_ONCE}`
		]
	])('are refused whole: %j', (text, words) => {
		const found = read(text);
		expect('problem' in found && found.problem).toContain(words);
	});
});
