import { describe, expect, it } from 'vitest';
import { toFeet } from '$lib/core/units';
import type { Swing } from '$lib/devices/phone/phoneSensors';
import { readingDraftSchema } from '$lib/io/reading';
import { until } from '../../../../tests/support/planner';
import { PaceCounter } from './paceCounter.svelte';
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

describe('a walk in paces', () => {
	it('goes leg by leg, one touch where each ends, and can go back', () => {
		const counter = new PaceCounter(2, () => 0.8);
		for (let i = 0; i < 5; i++) counter.step();
		counter.step(-1);
		counter.turn();
		expect([counter.at, counter.done]).toEqual([1, false]);
		for (let i = 0; i < 10; i++) counter.step();
		counter.turn();
		expect(counter.done).toBe(true);
		counter.step();
		counter.turn();
		expect(counter.distances.map(({ distance }) => Number(distance.toFixed(9)))).toEqual([3.2, 8]);
		expect(counter.distances[1]!.error).toBeGreaterThan(counter.distances[0]!.error);
		counter.back();
		expect([counter.at, counter.legs]).toEqual([1, [4, 10]]);
	});

	it('is counted by the phone until the last leg is walked', async () => {
		const counter = new PaceCounter(1, () => 1);
		const listened = counter.listen({
			async *samples(signal) {
				for (let i = 0; !signal.aborted; i++) {
					const time = i / 60;
					yield { size: 9.81 + 3 * Math.sin(2 * Math.PI * 1.8 * time), time } satisfies Swing;
					if (i % 60 === 0) await new Promise((resolve) => setTimeout(resolve, 1));
				}
			}
		});
		await until(() => counter.legs[0]! >= 9);
		expect(counter.listening).toBe(true);
		counter.turn();
		await listened;
		expect([counter.listening, counter.done, counter.failure]).toEqual([false, true, '']);
	});
});
