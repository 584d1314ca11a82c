import { describe, expect, it } from 'vitest';
import { toFeet } from '$lib/core/units';
import { readingDraftSchema } from '$lib/io/work/reading';
import { TimedReader } from './timedReader.svelte';

describe('putts timed with the thumb', () => {
	it('take one touch at the strike and one at rest, and are noted with how far they rolled', () => {
		const reader = new TimedReader();
		reader.note(5);
		expect(reader.putts).toEqual([]);
		reader.touch(1000);
		expect([reader.struck, reader.time]).toEqual([1000, null]);
		reader.touch(4200);
		expect([reader.struck, reader.time]).toEqual([null, 3.2]);
		reader.note(5);
		expect(reader.putts).toEqual([{ way: 'up', length: 5, time: 3.2 }]);
		expect(reader.time).toBeNull();
		reader.touch(9000);
		reader.forget();
		expect([reader.struck, reader.time]).toEqual([null, null]);
	});

	it('are taken out one by one, and kept to the centimetre and hundredth', () => {
		const reader = new TimedReader();
		for (const [i, length] of [4, 5, 6.128].entries()) {
			reader.touch(0);
			reader.touch(3000 + 4 * i);
			reader.note(length);
		}
		reader.remove(1);
		expect(reader.putts.map(({ length }) => length)).toEqual([4, 6.128]);
		expect(reader.rolls).toEqual([
			{ place: 1, way: 'up', rollOut: 4, seconds: 3 },
			{ place: 1, way: 'up', rollOut: 6.13, seconds: 3.01 }
		]);
	});

	it('give the green speed of both ways, or of one where the slope is known', () => {
		const reader = new TimedReader();
		const putt = (way: 'up' | 'down', length: number, seconds: number) => {
			reader.way = way;
			reader.touch(0);
			reader.touch(1000 * seconds);
			reader.note(length);
		};
		putt('up', 5, 3.3);
		putt('up', 5.2, 3.35);
		expect(reader.reading).toMatchObject({ code: 'tooFew', way: 'down' });
		reader.slope = 0;
		const level = reader.reading;
		expect('speed' in level && toFeet(level.speed)).toBeGreaterThan(4);
		reader.slope = null;
		putt('down', 5.1, 3.4);
		putt('down', 5, 3.3);
		expect(reader.reading).toHaveProperty('speed');
		const kept = readingDraftSchema.shape.rolls.parse(reader.rolls);
		expect(kept).toHaveLength(4);
		expect(kept[2]).toEqual({ place: 1, way: 'down', rollOut: 5.1, seconds: 3.4 });
		reader.remove(3);
		expect(reader.reading).toMatchObject({ code: 'tooFew' });
	});
});
