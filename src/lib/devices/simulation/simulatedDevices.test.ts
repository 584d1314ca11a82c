import { describe, expect, it } from 'vitest';
import { readRamp } from '$lib/core/today/readRamp';
import { deviceReadingSchema } from '$lib/io/work/deviceReading';
import { toFeet } from '$lib/core/units';
import { isSimulated, simulatedReadings, simulationSchema } from './simulatedDevices';

const told = (query: Record<string, string>) => simulationSchema.parse(query);

describe('simulated devices', () => {
	it('send only readings that the app accepts, as many as asked, the same for the same seed', () => {
		for (const name of ['ramp', 'tape', 'level'] as const) {
			const first = [...simulatedReadings(name, told({ count: '7', seed: '5' }))];
			expect(first).toHaveLength(7);
			for (const reading of first)
				expect(deviceReadingSchema.safeParse(reading).success).toBe(true);
			expect([...simulatedReadings(name, told({ count: '7', seed: '5' }))]).toEqual(first);
		}
	});

	it('roll a ramp whose test finds the speed it was told', () => {
		const rolls = [
			...simulatedReadings('ramp', told({ stimpFeet: '11', slope: '1.5', count: '12' }))
		].map((reading) =>
			reading.device === 'ramp'
				? { way: reading.way, length: reading.rollOut }
				: { way: 'up' as const, length: 0 }
		);
		const found = readRamp([{ rolls }]);
		expect('speed' in found && Math.abs(toFeet(found.speed) - 11)).toBeLessThan(0.5);
	});

	it('refuse what no green is', () => {
		expect(simulationSchema.safeParse({ stimpFeet: '40' }).success).toBe(false);
		expect(simulationSchema.safeParse({ count: '1e9' }).success).toBe(false);
		expect(simulationSchema.safeParse({ pace: '1' }).success).toBe(false);
	});

	it('are three, and nothing inherited', () => {
		expect(isSimulated('ramp')).toBe(true);
		expect(isSimulated('toString')).toBe(false);
	});
});
