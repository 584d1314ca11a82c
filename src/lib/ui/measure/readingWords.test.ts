import { describe, expect, it } from 'vitest';
import { readingDraftSchema } from '$lib/io/work/reading';
import { ballsWords, nextBallWords } from './ballsWords';
import { compassOf, compassWords } from './compass';
import { speedWords, turfWords, whenWords } from './readingWords';

const say = (metres: number) => `${metres.toFixed(1)} m`;

describe('readings', () => {
	const reading = readingDraftSchema.parse({
		id: 'r',
		greenId: 'g',
		takenAt: '2026-05-04T08:00:00.000Z',
		stimpFeet: 9.46,
		errorFeet: 0.02,
		wet: true,
		grainTowards: 200,
		method: 'ramp',
		rolls: [{ place: 1, way: 'up', rollOut: 2.7 }]
	});

	it('say when they were taken, and that a date ahead of this clock is one', () => {
		const taken = Date.parse(reading.takenAt);
		expect(whenWords(reading, taken + 1000)).toMatch(/\d{4}.*\d\d:\d\d/);
		expect(whenWords(reading, taken - 3_500_000)).not.toContain('future');
		expect(whenWords(reading, taken - 3_700_000)).toContain('(in the future by this clock)');
	});

	it('are said with what they may be off by, never less than a ramp can tell', () => {
		expect(speedWords(reading)).toBe('9.5 ± 0.1 ft');
		expect(speedWords({ ...reading, errorFeet: null })).toBe('about 9.5 ft');
		expect(turfWords(reading)).toBe(
			'medium turf · wet · grain toward the bottom · from 1 ramp rolls'
		);
		expect(turfWords({ ...reading, rolls: [], grainTowards: null })).toBe(
			'medium turf · wet · no grain · ramp rolls'
		);
	});

	it('name eight directions of the map, all round', () => {
		expect([0, 44, 46, 359, -90, 725].map((bearing) => compassOf(bearing).bearing)).toEqual([
			0, 45, 45, 0, 270, 0
		]);
		expect(compassWords(135)).toBe('the bottom right');
	});

	it('say what balls tell, and what one more would', () => {
		const club = { id: 'PW', name: 'PW', loft: 0.8, bounce: 0.1, putter: false };
		const found = {
			speed: 3,
			error: 0.3,
			firmness: 0.2,
			firmnessError: 0.2,
			nearest: 'medium' as const,
			airShare: 0.364,
			next: { club, carry: 4, errorAfter: 0.18288 }
		};
		expect(ballsWords(found)).toBe(
			'Today’s percentage: 36 % in the air, 64 % rolling · medium turf.'
		);
		expect(ballsWords({ ...found, firmnessError: 0.6 })).toContain('hardly tell');
		expect(nextBallWords(found, say)).toBe(
			'One more with the PW, landed after 4.0 m, would bring it to ± 1.0 ft.'
		);
		expect(nextBallWords({ ...found, next: null }, say)).toContain('enough balls');
	});
});
