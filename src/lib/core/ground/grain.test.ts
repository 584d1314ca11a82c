import { expect, it } from 'vitest';
import { radians } from '../units';
import { grainAcross, grainAlong, grainedSpeed } from './grain';

it.each([
	[null, 0, 'none'],
	[0, 0, 'with'],
	[0, 180, 'against'],
	[90, 0, 'left'],
	[270, 0, 'right'],
	[350, 20, 'with'],
	[30, 250, 'against'],
	[0, 60, 'with'],
	[0, 61, 'right']
])('grain toward %s° and a line toward %i° is %s', (grain, line, expected) => {
	expect(grainAlong(grain === null ? null : radians(grain), radians(line))).toBe(expected);
});

it('is a tenth quicker with the grain and as much slower against it', () => {
	expect(grainedSpeed(3, 'none')).toBe(3);
	expect(grainedSpeed(3, 'with')).toBeCloseTo(3.3, 12);
	expect(grainedSpeed(3, 'against') * 1.1).toBeCloseTo(3, 12);
});

it('pulls across the line to the side it grows to, and changes no speed', () => {
	expect(grainAcross('right')).toBeGreaterThan(0);
	expect(grainAcross('left')).toBe(-grainAcross('right'));
	for (const grain of ['none', 'with', 'against'] as const) expect(grainAcross(grain)).toBe(0);
	expect(grainedSpeed(3, 'left')).toBe(3);
});
