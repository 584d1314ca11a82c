import { describe, expect, it } from 'vitest';
import { formatLength, inUnit, lengthStyle } from './lengths';
import { parseNumber } from './parse';
import { strokesWords } from './strokes';

const range = { low: 0, high: 80, symbol: 'm' };

describe('lengths', () => {
	it('shows one length in every unit', () => {
		expect(formatLength(9.144, lengthStyle('metres', 0.9))).toBe('9.1 m');
		expect(formatLength(9.144, lengthStyle('yards', 0.9))).toBe('10.0 yd');
		expect(formatLength(9.144, lengthStyle('feet', 0.9))).toBe('30 ft');
		expect(formatLength(9, lengthStyle('paces', 0.75))).toBe('12.0 paces');
	});

	it('comes back from a unit unchanged', () => {
		for (const unit of ['metres', 'yards', 'feet', 'paces'] as const) {
			const style = lengthStyle(unit, 0.83);
			expect(inUnit(7.3, style) * style.size).toBeCloseTo(7.3, 12);
		}
	});

	it('never shows a negative zero', () => {
		expect(formatLength(-0.01, lengthStyle('metres', 0.9))).toBe('0.0 m');
	});
});

describe('parseNumber', () => {
	it.each([
		['3.5', 3.5],
		['3,5', 3.5],
		[' 12 m ', 12],
		['7yd', 7]
	])('reads %j', (text, value) => {
		expect(parseNumber(text, range)).toEqual({ value });
	});

	it('reads a minus of either kind', () => {
		expect(parseNumber('−2', { ...range, low: -5 })).toEqual({ value: -2 });
		expect(parseNumber('-2', { ...range, low: -5 })).toEqual({ value: -2 });
	});

	it.each([
		['', 'Type a number.'],
		['far', '“far” is not a number.'],
		['1e9', '“1e9” is not a number.'],
		['-1', 'Between 0 and 80 m, please.'],
		['900', 'Between 0 and 80 m, please.']
	])('says what is wrong with %j', (text, problem) => {
		expect(parseNumber(text, range)).toEqual({ problem });
	});
});

describe('strokesWords', () => {
	it('rounds to a twentieth', () => {
		expect(strokesWords(2.4306)).toBe('2.45');
		expect(strokesWords(2.42)).toBe('2.40');
	});
});
