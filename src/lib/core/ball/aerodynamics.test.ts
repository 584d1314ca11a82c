import { describe, expect, it } from 'vitest';
import { airFactor, baseDrag, windShare } from './aerodynamics';

describe('the air', () => {
	it('drags by half its density and the ball’s cross-section over its mass', () => {
		expect(airFactor(1.2)).toBeCloseTo((1.2 * Math.PI * 0.02133 ** 2) / (2 * 0.04593), 12);
		expect(airFactor(0.6) * 2).toBeCloseTo(airFactor(1.2), 12);
	});

	it('drags more below the crisis than above it, half-way at its middle', () => {
		expect(baseDrag(2)).toBeGreaterThan(0.45);
		expect(baseDrag(60)).toBeLessThan(0.3);
		const crisis = (4.5e4 * 1.5e-5) / (2 * 0.02133);
		expect(baseDrag(crisis)).toBeCloseTo(0.37, 2);
	});

	it('blows as stated at two metres and not at all on the ground', () => {
		expect(windShare(2)).toBeCloseTo(1, 2);
		expect(windShare(0)).toBe(0);
		expect(windShare(0.3)).toBeLessThan(windShare(1));
	});
});
