import { describe, expect, it } from 'vitest';
import { createPlane } from '../ground/plane';
import type { Ground } from '../ground/ground';
import { SURFACE } from '../ground/surfaces';
import { roll } from './roll';
import { BallState } from './state';

const SPEED = 3.048;
const plane = (slopeAlong: number, slopeAcross = 0): Ground =>
	createPlane({
		kind: 'plane',
		slopeAlong,
		slopeAcross,
		edge: 0,
		fringe: SURFACE.smoothFringe
	});
/** The same ground without its closed form: the ball is stepped. */
const stepped = (ground: Ground): Ground => ({ ...ground, patch: () => false });
const moving = (vx: number, vz: number): BallState =>
	Object.assign(new BallState(), { x: 0.4, z: -0.3, t: 1, vx, vz });

describe('roll', () => {
	it.each([
		[1.83, 0, 0],
		[1.2, 0.9, 0],
		[2, 0, 0.03],
		[1.5, 0, -0.02]
	])('at (%f, %f) m/s on a slope of %f ends where and when v²/2a says', (vx, vz, slope) => {
		const braking = 1.83 ** 2 / (2 * SPEED) + (5 / 7) * 9.81 * slope;
		const speed = Math.hypot(vx, vz);
		const length = speed ** 2 / (2 * braking);
		for (const ground of [plane(slope), stepped(plane(slope))]) {
			const ball = moving(vx, vz);
			expect(roll(ball, ground, SPEED, null)).toBe('rest');
			expect(ball.x).toBeCloseTo(0.4 + (vx / speed) * length, 2);
			expect(ball.z).toBeCloseTo(-0.3 + (vz / speed) * length, 2);
			expect(ball.t).toBeCloseTo(1 + speed / braking, 2);
			expect([ball.vx, ball.vz]).toEqual([0, 0]);
		}
	});

	it('is the longer the slower the ball is braked on lucky turf', () => {
		const length = (deviate: number) => {
			const ball = moving(1.5, 0);
			roll(ball, plane(0), SPEED, null, deviate);
			return ball.x - 0.4;
		};
		expect(length(1)).not.toBeCloseTo(length(0), 2);
		expect(Math.abs(length(1) / length(0) - 1)).toBeLessThan(0.1);
	});

	it('never rests where the slope is steeper than the grass holds', () => {
		const held = 1.83 ** 2 / (2 * SPEED) / ((5 / 7) * 9.81);
		expect(roll(moving(0.5, 0), plane(-held * 0.9), SPEED, null)).toBe('rest');
		expect(roll(moving(0.5, 0), plane(-held * 1.1), SPEED, null)).toBe('runaway');
	});

	it('breaks toward the low side, and mirrors', () => {
		const end = (across: number) => {
			const ball = Object.assign(moving(2, 0), { z: 0 });
			roll(ball, plane(0, across), SPEED, null);
			return ball;
		};
		const [right, left] = [end(0.02), end(-0.02)];
		expect(right.z).toBeGreaterThan(0.1);
		expect(left.z).toBeCloseTo(-right.z, 9);
		expect(left.x).toBeCloseTo(right.x, 9);
	});
});
