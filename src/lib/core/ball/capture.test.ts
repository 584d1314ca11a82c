import { expect, it } from 'vitest';
import { CAPTURE, HOLE_RADIUS } from '../constants';
import { GroundSample } from '../ground/ground';
import { captureSpeed, drops, freeFallSpeed } from './capture';
import { BallState } from './state';

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

it('asks the speed that the ball has over the hole, between that at the two ends of the piece', () => {
	const ball = Object.assign(new BallState(), { x: 1 });
	const level = new GroundSample();
	const over = (from: number, to: number, hole = { x: 2, z: 0 }) =>
		drops(ball, 3, 0, from * from, to * to, hole, level);
	// Half-way, 2 m/s and 0.9 m/s are √((4 + 0.81)/2) = 1.55 m/s: below the 1.63 that the hole takes.
	expect(over(2, 0.9)).toBe(true);
	expect(over(2, 1.3)).toBe(false);
	expect(over(2, 0.9, { x: 1.2, z: 0 })).toBe(false);
	expect(over(2.4, 0, { x: 2.9, z: 0 })).toBe(true);
});

it('drops nothing beside the piece, before it or behind it', () => {
	const ball = Object.assign(new BallState(), { x: 1 });
	for (const hole of [
		{ x: 2, z: 0.055 },
		{ x: 0.9, z: 0 },
		{ x: 3.1, z: 0 }
	])
		expect(drops(ball, 3, 0, 0.01, 0.01, hole, new GroundSample())).toBe(false);
	expect(drops(ball, 1, 0, 0.01, 0.01, { x: 1, z: 0 }, new GroundSample())).toBe(false);
});
