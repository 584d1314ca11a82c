import { expect, it } from 'vitest';
import { CAPTURE, HOLE_RADIUS } from '../constants';
import { captureSpeed, freeFallSpeed } from './capture';

it('takes the fastest ball over its middle, three quarters of that halfway out, none at the rim', () => {
	expect(captureSpeed(0, 0)).toBe(CAPTURE.centralSpeed);
	expect(captureSpeed(HOLE_RADIUS / 2, 0)).toBeCloseTo(0.75 * CAPTURE.centralSpeed, 12);
	expect(captureSpeed(HOLE_RADIUS, 0)).toBe(0);
	expect(captureSpeed(2 * HOLE_RADIUS, 0)).toBe(0);
});

it('takes a faster ball uphill than down, by gravity’s share of the fall, and never less than none', () => {
	const fall = Math.sqrt((2 * 0.021335) / 9.81);
	expect(captureSpeed(0, 0.04) - captureSpeed(0, 0)).toBeCloseTo(0.5 * 9.81 * fall * 0.04, 4);
	expect(captureSpeed(0, -0.04)).toBeCloseTo(2 * captureSpeed(0, 0) - captureSpeed(0, 0.04), 12);
	expect(captureSpeed(0, -20)).toBe(0);
});

it('lies near the speed of free fall across the hole', () => {
	// (2R − r)√(g/2r) with a hole of 108 mm and a ball of 42.67 mm: Holmes (1991), from memory.
	expect(freeFallSpeed).toBeCloseTo(1.31, 1);
	expect(CAPTURE.centralSpeed / freeFallSpeed).toBeGreaterThan(0.9);
});
