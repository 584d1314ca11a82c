import { Solver } from 'odex';
import { describe, expect, it } from 'vitest';
import { captureSpeed, freeFallSpeed } from '$lib/core/ball/capture';
import { roll } from '$lib/core/ball/roll';
import { BallState } from '$lib/core/ball/state';
import { GRAVITY, ROLL } from '$lib/core/constants';
import { levelGreenSpeed } from '$lib/core/ground/greenSpeed';
import { createRng } from '$lib/core/math/random';
import { fromFeet } from '$lib/core/units';
import { between, groundWith, planeScene } from '../support/scenes';

const rolled = (
	along: number,
	across: number,
	stimp: number,
	vx: number,
	vz = 0,
	hole: { x: number; z: number } | null = null,
	closed = true
) => {
	const scene = planeScene({ along, across, stimp });
	// Without its patch the ground is stepped over.
	const ground = closed ? scene.ground : groundWith(scene.ground, { patch: () => false });
	const ball = new BallState();
	Object.assign(ball, { vx, vz });
	const status = roll(ball, ground, scene.greenSpeed, hole);
	return { ball, status };
};

describe('roll', () => {
	it('rolls the standard ramp’s ball the green speed (USGA stimpmeter booklet: 6.00 ft/s)', () => {
		for (const stimp of [6, 9.5, 13]) {
			const { ball } = rolled(0, 0, stimp, ROLL.rampSpeed);
			expect(Math.abs(ball.x / fromFeet(stimp) - 1)).toBeLessThan(0.01);
		}
	});

	it('obeys S = 2 S↑ S↓ / (S↑ + S↓) from ramp balls both ways (Brede 1991)', () => {
		for (const [slope, stimp] of [
			[0.01, 9],
			[0.025, 11],
			[0.04, 8]
		] as const) {
			const up = rolled(slope, 0, stimp, ROLL.rampSpeed).ball.x;
			const down = rolled(-slope, 0, stimp, ROLL.rampSpeed).ball.x;
			expect(up).toBeLessThan(down);
			expect(Math.abs(levelGreenSpeed(up, down) / fromFeet(stimp) - 1)).toBeLessThan(0.001);
		}
	});

	it('comes to rest where a general-purpose integrator says across a slope: within a millimetre in closed form, two step by step', () => {
		const rng = createRng(21);
		for (let seed = 0; seed < 40; seed++) {
			const along = between(rng, -0.025, 0.025);
			const across = between(rng, 0.002, 0.03);
			const vx = between(rng, 1, 3);
			const vz = between(rng, -0.8, 0.8);
			const friction = ROLL.rampSpeed ** 2 / (2 * fromFeet(10));
			const g = (5 / 7) * GRAVITY;
			const derivative = (_: number, s: number[]) => {
				const v = Math.max(1e-9, Math.hypot(s[2]!, s[3]!));
				return [
					s[2]!,
					s[3]!,
					(-friction * s[2]!) / v - g * along,
					(-friction * s[3]!) / v + g * across
				];
			};
			const at = new Solver(derivative, 4, {
				absoluteTolerance: 1e-9,
				relativeTolerance: 1e-9
			}).integrate(0, [0, 0, vx, vz]);
			// The last 0.2 mm are left out: the direction of a ball that stands still is no number.
			let t = 0;
			let state = at(0);
			while (Math.hypot(state[2]!, state[3]!) > 0.01 && t < 30) state = at((t += 0.002));
			const [x, z] = state as [number, number];
			for (const [closed, most] of [
				[true, 0.001],
				[false, 0.002]
			] as const) {
				const { ball } = rolled(along, across, 10, vx, vz, null, closed);
				expect(Math.hypot(ball.x - x, ball.z - z), `seed ${seed}, ${closed}`).toBeLessThan(most);
				expect(Math.abs(ball.t - t), `seed ${seed}, ${closed}`).toBeLessThan(0.05);
			}
		}
	});

	it('reports a slope that holds no ball instead of looping', () => {
		expect(rolled(-0.12, 0, 12, 0.5).status).toBe('runaway');
		expect(rolled(0.12, 0.01, 12, 0.5).status).toBe('runaway');
	});
});

/** Holmes, Putting: how a golf ball and hole interact, American Journal of Physics 59 (1991); from memory. */
describe('capture', () => {
	it('takes a central ball up to 1.63 m/s and none at the rim', () => {
		expect(captureSpeed(0, 0)).toBeCloseTo(1.63, 9);
		expect(captureSpeed(0.054, 0)).toBe(0);
		expect(captureSpeed(0.02, 0)).toBeGreaterThan(captureSpeed(0.04, 0));
	});

	it('has 1.31 m/s for free fall past the rim: (2R − r)√(g/2r)', () => {
		expect(freeFallSpeed).toBeCloseTo(1.31, 2);
	});

	it('holes a rolling ball below the limit and lets a faster one pass', () => {
		const hole = { x: 2, z: 0 };
		const friction = ROLL.rampSpeed ** 2 / (2 * fromFeet(10));
		const launch = (atHole: number) => Math.sqrt(atHole ** 2 + 2 * friction * hole.x);
		expect(rolled(0, 0, 10, launch(1.55), 0, hole).status).toBe('holed');
		expect(rolled(0, 0, 10, launch(1.75), 0, hole).status).toBe('rest');
		expect(rolled(0.01, 0.0001, 10, launch(1.2), 0, { x: 2, z: 0.3 }).status).toBe('rest');
	});
});
