import { describe, expect, it } from 'vitest';
import type { Swing } from '$lib/devices/phone/phoneSensors';
import { until } from '../../../../../tests/support/soon';
import { PaceCounter } from './paceCounter.svelte';

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
