import { describe, expect, it } from 'vitest';
import { airDensity } from './airDensity';

describe('airDensity', () => {
	it('has the standard atmosphere’s values (ISO 2533:1975)', () => {
		expect(airDensity(0, 15)).toBeCloseTo(1.225, 3);
		expect(airDensity(1000, 8.5)).toBeCloseTo(1.112, 3);
		expect(airDensity(2000, 2)).toBeCloseTo(1.0066, 3);
	});

	it('thins with height and warmth', () => {
		expect(airDensity(1500, 20)).toBeLessThan(airDensity(0, 20));
		expect(airDensity(0, 35)).toBeLessThan(airDensity(0, 5));
	});
});
