import { Solver } from 'odex';
import { describe, expect, it } from 'vitest';
import { airFactor, baseDrag, type Air } from '$lib/core/ball/aerodynamics';
import { fly } from '$lib/core/ball/flight';
import { strike, type Delivery } from '$lib/core/ball/impact';
import { BallState } from '$lib/core/ball/state';
import { AERODYNAMICS, AIR, BALL, GRAVITY } from '$lib/core/constants';
import { createRng } from '$lib/core/math/random';
import { between, planeScene, randomDelivery } from '../support/scenes';

const { ground } = planeScene();
const MILLIMETRE = 2e-4;

/** The profile of the wind, carried on smoothly below the ground: an integrator of high order stumbles over a kink where it ends. */
const windAt = (y: number): number =>
	(y * (AIR.windHeight + AIR.windHalfHeight)) / ((y + AIR.windHalfHeight) * AIR.windHeight);

const launched = (delivery: Delivery): BallState => {
	const ball = new BallState();
	strike(delivery, ball);
	return ball;
};

/** The same forces, integrated by Hairer and Wanner's extrapolation method to a tight tolerance, to the level of the start, which lies near a given time. */
function referenceLanding(delivery: Delivery, air: Air, near: number): [number, number] {
	const ball = launched(delivery);
	const spin = Math.hypot(ball.wx, ball.wy, ball.wz);
	const axis = [ball.wx / spin, ball.wy / spin, ball.wz / spin] as const;
	const k = airFactor(air.density);
	const derivative = (t: number, s: number[]): number[] => {
		const share = windAt(s[1]!);
		const r = [s[3]! - air.windAlong * share, s[4]!, s[5]! - air.windAcross * share] as const;
		const v = Math.hypot(...r);
		const surface = BALL.radius * spin * Math.exp(-t / AERODYNAMICS.spinDecayTime);
		const ratio = surface / v;
		const drag = k * v * (baseDrag(v) + AERODYNAMICS.spinDrag * ratio);
		const lift = k * v * AERODYNAMICS.liftFactor * ratio ** AERODYNAMICS.liftExponent;
		return [
			s[3]!,
			s[4]!,
			s[5]!,
			lift * (axis[1] * r[2] - axis[2] * r[1]) - drag * r[0],
			lift * (axis[2] * r[0] - axis[0] * r[2]) - drag * r[1] - GRAVITY,
			lift * (axis[0] * r[1] - axis[1] * r[0]) - drag * r[2]
		];
	};
	const solver = new Solver(derivative, 6, {
		absoluteTolerance: 1e-9,
		relativeTolerance: 1e-9,
		denseOutput: false
	});
	const start = [0, 0, 0, ball.vx, ball.vy, ball.vz];
	let t = near;
	let end = start;
	for (let i = 0; i < 3; i++) {
		end = solver.solve(0, start, t).y;
		if (Math.abs(end[1]!) < 1e-6) break;
		// Newton's step in time to the level of the start.
		t -= end[1]! / end[4]!;
	}
	return [end[0]!, end[2]!];
}

describe('flight against outside references', () => {
	it('lands within a fifth of a millimetre of a tight-tolerance integrator (odex, Hairer and Wanner)', () => {
		const rng = createRng(11);
		const misses: string[] = [];
		for (let seed = 0; seed < 250; seed++) {
			const delivery = { ...randomDelivery(rng), clubSpeed: between(rng, 3, 26) };
			const windy = seed % 3 === 0;
			const air = {
				density: between(rng, 0.9, 1.3),
				windAlong: windy ? between(rng, -6, 6) : 0,
				windAcross: windy ? between(rng, -6, 6) : 0
			};
			const ball = launched(delivery);
			if (ball.vy < 0.3) continue;
			fly(ball, ground, air, []);
			const [x, z] = referenceLanding(delivery, air, ball.t);
			const error = Math.hypot(ball.x - x, ball.z - z);
			if (!(error < MILLIMETRE)) misses.push(`${seed}: ${(error * 1000).toFixed(2)} mm`);
		}
		expect(misses).toEqual([]);
	});

	it('flies v² sin 2θ / g without air (vacuum range, any textbook)', () => {
		for (const [speed, angle] of [
			[8, 0.5],
			[15, 0.9],
			[25, 0.35]
		] as const) {
			const ball = new BallState();
			ball.vx = speed * Math.cos(angle);
			ball.vy = speed * Math.sin(angle);
			fly(ball, ground, { density: 0, windAlong: 0, windAcross: 0 }, []);
			expect(ball.x).toBeCloseTo((speed ** 2 * Math.sin(2 * angle)) / GRAVITY, 6);
			expect(ball.apex).toBeCloseTo((speed * Math.sin(angle)) ** 2 / (2 * GRAVITY), 4);
		}
	});

	it('keeps the drag between the levels of Bearman and Harvey (1976), falling through the crisis', () => {
		const speeds = [2, 8, 14, 16, 20, 40, 60];
		const drags = speeds.map(baseDrag);
		expect([...drags].sort((a, b) => b - a)).toEqual(drags);
		expect(drags[0]).toBeGreaterThan(0.47);
		expect(drags.at(-1)).toBeLessThan(0.26);
	});
});
