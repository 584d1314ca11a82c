import { describe, expect, it } from 'vitest';
import { carryTable } from '$lib/core/player/carryTable';
import { radians } from '$lib/core/units';
import { betweenMeasuredWords, markedWords } from './instead';
import { markWords, swingWords } from './swing';

describe('a backswing in words', () => {
	it.each([
		['clock', '9', 'swing to 9 o’clock'],
		['clock', '8:30', 'swing to 8:30'],
		['clock', '6:45', 'swing to 6:45'],
		['body', 'foot', 'club head a foot back'],
		['body', 'seam', 'hands to the trail-leg seam'],
		['body', 'knee to thigh', 'hands between knee and thigh'],
		['body', 'foot to seam', 'swing between a foot and trail-leg seam'],
		['shape', 'level', 'swing to shaft level'],
		['shape', 'Y to V', 'swing between Y and V']
	] as const)('%s %s', (vocabulary, name, words) => {
		expect(swingWords(name, vocabulary)).toBe(words);
	});

	it('keeps a mark of other words as it is', () => {
		expect(markWords('hip', 'shape')).toBe('hip');
		expect(markWords('hip', 'clock')).toBe('hip');
		expect(markWords('10', 'shape')).toBe('10');
	});

	it.each([
		[42, 'thigh'],
		[43, 'thigh'],
		[46, 'a touch past thigh'],
		[38, 'a touch short of thigh'],
		[53, 'half-way from thigh to hip'],
		[54, 'half-way from thigh to hip'],
		[118, 'shoulder'],
		[140, 'past shoulder'],
		[4, 'a foot']
	])('at %i°: %s', (angle, words) => {
		expect(markedWords(radians(angle), 'body')).toBe(words);
	});
});

describe('a backswing against measured ones', () => {
	const cells = carryTable(
		[
			['thigh', 9.1],
			['hip', 13.8]
		].map(([swing, carry]) => ({
			club: 'SW',
			swing: swing as string,
			flight: 'standard',
			carry: carry as number,
			stated: true
		})),
		0.07
	);
	const say = (angle: number) =>
		betweenMeasuredWords(radians(angle), cells, 'body', (metres) => `${metres} m`);

	it('names the two it lies between, or the one it goes past', () => {
		expect(say(46)).toBe('a touch past thigh: between thigh 9.1 m and hip 13.8 m');
		expect(say(65)).toBe('hip: as measured, 13.8 m');
		expect(say(30)).toBe('half-way from knee to thigh: shorter than thigh 9.1 m');
		expect(say(90)).toBe('ribs: longer than hip 13.8 m');
		expect(betweenMeasuredWords(1, [], 'body', String)).toBe('');
	});
});
