import { describe, expect, it } from 'vitest';
import { PULL } from './rollFriction';
import { restOnSlope, RestOnSlope } from './restOnSlope';
import { BallState } from './state';

const FRICTION = 0.6;

function rested(vx: number, vz: number, gradientX: number, gradientZ: number): RestOnSlope | null {
	const out = new RestOnSlope();
	const ball = Object.assign(new BallState(), { x: 1, z: -2, vx, vz });
	return restOnSlope(ball, FRICTION, gradientX, gradientZ, out) ? out : null;
}

describe('rest on a slope', () => {
	it('is v²/2a away on the level and straight up or down the slope, after v/a', () => {
		for (const slope of [0, 0.03, -0.03]) {
			const a = FRICTION + PULL * slope;
			const rest = rested(1.2, 1.6, 0.6 * slope, 0.8 * slope)!;
			expect(rest.x).toBeCloseTo(1 + (0.6 * 4) / (2 * a), 12);
			expect(rest.z).toBeCloseTo(-2 + (0.8 * 4) / (2 * a), 12);
			expect(rest.time).toBeCloseTo(2 / a, 12);
		}
	});

	it('goes over into the level one without a jump', () => {
		const level = rested(2, 0, 0, 0)!;
		const nearly = rested(2, 0, 0, 1e-9)!;
		expect(nearly.x).toBeCloseTo(level.x, 7);
		expect(nearly.z).toBeCloseTo(level.z, 7);
	});

	it('lies on the low side, and mirrors', () => {
		const [right, left] = [rested(2, 0, 0.01, -0.03)!, rested(2, 0, 0.01, 0.03)!];
		expect(right.z).toBeGreaterThan(-1.9);
		expect(left.z + 2).toBeCloseTo(-(right.z + 2), 12);
		expect(left.x).toBeCloseTo(right.x, 12);
	});

	it('is met along the line of fall: the corner lies ahead of the ball and straight above the rest', () => {
		const rest = rested(1.5, -0.4, 0.02, -0.03)!;
		const ahead = (rest.cornerX - 1) * -0.4 - (rest.cornerZ + 2) * 1.5;
		expect(ahead).toBeCloseTo(0, 12);
		const fall = (rest.x - rest.cornerX) * 0.03 - (rest.z - rest.cornerZ) * -0.02;
		expect(fall).toBeCloseTo(0, 12);
	});

	it('is where the ball is when it does not move, and nowhere on a slope that holds no ball', () => {
		expect(rested(0, 0, 0.02, 0.02)).toMatchObject({
			x: 1,
			z: -2,
			time: 0,
			cornerX: 1,
			cornerZ: -2
		});
		const steep = FRICTION / PULL;
		expect(rested(1, 0, 0.99 * steep, 0)).not.toBeNull();
		expect(rested(1, 0, 1.01 * steep, 0)).toBeNull();
		expect(rested(0, 0, 1.01 * steep, 0)).toBeNull();
	});
});
