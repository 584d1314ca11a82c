import { describe, expect, it } from 'vitest';
import type { Device } from '$lib/devices/device';
import type { DeviceReading } from '$lib/io/work/deviceReading';
import { RampReader } from './rampReader.svelte';

describe('RampReader', () => {
	const rolled = (...lengths: number[]): Device => ({
		name: 'ramp',
		// eslint-disable-next-line @typescript-eslint/require-await -- a device answers over time
		async *readings(): AsyncGenerator<DeviceReading> {
			for (const [i, rollOut] of lengths.entries())
				yield { device: 'ramp', way: i % 2 ? 'down' : 'up', rollOut };
		}
	});

	it('asks for one thing after the other and goes on only with two rolls', () => {
		const test = new RampReader();
		expect(test.step).toEqual({ kind: 'place', place: 0 });
		test.next();
		expect(test.step).toEqual({ kind: 'rolls', place: 0, way: 'up' });
		test.next();
		expect(test.at).toBe(1);
		test.add(0, 'up', 2.8);
		test.add(0, 'up', 2.9);
		test.next();
		expect(test.step).toEqual({ kind: 'rolls', place: 0, way: 'down' });
		expect('code' in test.reading).toBe(true);
		test.add(0, 'down', 3.2);
		test.add(0, 'down', 3.3);
		test.next();
		expect(test.step).toEqual({ kind: 'result' });
		expect('speed' in test.reading && test.reading.speed).toBeCloseTo(3.04, 1);
		test.back();
		expect(test.step.kind).toBe('rolls');
	});

	it('adds a second place and keeps every roll with its place', () => {
		const test = new RampReader();
		test.add(0, 'up', 2.8);
		test.addPlace();
		expect(test.step).toEqual({ kind: 'place', place: 1 });
		test.add(1, 'down', 3.1);
		expect(test.rolls).toEqual([
			{ place: 1, way: 'up', rollOut: 2.8 },
			{ place: 2, way: 'down', rollOut: 3.1 }
		]);
		test.remove(0, 'up', 0);
		expect(test.rolls).toHaveLength(1);
		test.addPlace();
		test.addPlace();
		expect(test.places).toHaveLength(3);
	});

	it('takes from a ramp the rolls of the way it is asked for, and tells of one that fails', async () => {
		const test = new RampReader();
		await test.measure(rolled(2.5, 3.1, 2.6, 3), 0, 'up');
		expect(test.places[0]!.up).toEqual([2.5, 2.6]);
		expect(test.measuring).toBe(false);
		const broken: Device = {
			name: 'ramp',
			// eslint-disable-next-line require-yield, @typescript-eslint/require-await -- it fails before it reads
			async *readings() {
				throw new Error('The device does not answer.');
			}
		};
		await test.measure(broken, 0, 'down');
		expect(test.failure).toContain('does not answer');
	});
});
