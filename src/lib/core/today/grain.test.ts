import { expect, it } from 'vitest';
import { radians } from '../units';
import { grainAlong } from './grain';

it.each([
	[null, 0, 'none'],
	[0, 0, 'with'],
	[0, 180, 'against'],
	[90, 0, 'none'],
	[350, 20, 'with'],
	[30, 250, 'against'],
	[0, 60, 'with'],
	[0, 61, 'none']
])('grain toward %s° and a line toward %i° is %s', (grain, line, expected) => {
	expect(grainAlong(grain === null ? null : radians(grain), radians(line))).toBe(expected);
});
