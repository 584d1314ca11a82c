import { describe, expect, it } from 'vitest';
import type { Tilt } from '$lib/core/today/phoneTilt';
import type { Sensor } from '$lib/devices/sensor';
import { simulatedTilt } from '$lib/devices/simulation/simulatedTilt';
import { until } from '../../../../../tests/support/soon';
import { TiltReader } from './tiltReader.svelte';

const TRUTH = { along: 0.02, across: -0.03 };

describe('a slope measured with the phone', () => {
	it('asks for two lays, the second turned, and finds the slope without the phone’s own fault', async () => {
		const reader = new TiltReader();
		expect([reader.step, reader.found]).toEqual(['first', null]);
		await reader.measure(simulatedTilt(TRUTH, false, 1));
		expect([reader.step, reader.measuring]).toEqual(['turned', false]);
		await reader.measure(simulatedTilt(TRUTH, true, 2));
		expect(reader.step).toBe('done');
		expect(reader.found!.along).toBeCloseTo(0.02, 3);
		expect(reader.found!.across).toBeCloseTo(-0.03, 3);
		reader.reset();
		expect([reader.step, reader.found]).toEqual(['first', null]);
	});

	it('waits as long as the phone moves, and stops when it is told to', async () => {
		const shaking: Sensor<Tilt> = {
			async *samples(signal) {
				for (let i = 0; !signal.aborted; i++) {
					yield { along: 0.1 * Math.sin(i), across: 0 };
					await Promise.resolve();
					if (i % 50 === 0) await new Promise((resolve) => setTimeout(resolve));
				}
			}
		};
		const reader = new TiltReader();
		const measured = reader.measure(shaking);
		await until(() => reader.progress === 1);
		expect(reader.step).toBe('first');
		reader.stop();
		await measured;
		expect([reader.measuring, reader.failure, reader.step]).toEqual([false, '', 'first']);
	});

	it('says why nothing can be measured', async () => {
		const refused: Sensor<Tilt> = {
			// eslint-disable-next-line require-yield
			async *samples() {
				await Promise.resolve();
				throw new Error('The tilt sensor was not allowed.');
			}
		};
		const reader = new TiltReader();
		await reader.measure(refused);
		expect(reader.failure).toBe('The tilt sensor was not allowed.');
		expect(reader.measuring).toBe(false);
	});
});
