import { describe, expect, it } from 'vitest';
import { bounce, turfRestitution, turfTilt } from '$lib/core/ball/bounce';
import { BallState } from '$lib/core/ball/state';
import { BALL } from '$lib/core/constants';
import { GroundSample } from '$lib/core/ground/ground';
import { turfOf } from '$lib/core/ground/turf';
import { createRng } from '$lib/core/math/random';
import { degrees, radians } from '$lib/core/units';
import { between } from '../support/scenes';

const level = new GroundSample();
const turf = turfOf('medium', false);

const energy = (b: BallState): number =>
	(b.vx ** 2 +
		b.vy ** 2 +
		b.vz ** 2 +
		BALL.inertia * BALL.radius ** 2 * (b.wx ** 2 + b.wy ** 2 + b.wz ** 2)) /
	2;

/** Penner, The run of a golf ball, Canadian Journal of Physics 80 (2002); the numbers from memory. */
describe('bounce', () => {
	it('tilts the turf by 15.4° at the paper’s own point and not at all at grazing', () => {
		const angle = radians(44.4);
		const tilt = turfTilt(18.6 * Math.cos(angle), 18.6 * Math.sin(angle));
		expect(degrees(tilt)).toBeCloseTo(15.4, 9);
		expect(turfTilt(1e-9, 10)).toBeCloseTo(0, 9);
		expect(turfTilt(10, 0)).toBe(0);
	});

	it('has the paper’s restitution, level above 20 m/s', () => {
		expect(turfRestitution(0)).toBe(0.51);
		expect(turfRestitution(10)).toBeCloseTo(0.51 - 0.375 + 0.0903, 12);
		expect(turfRestitution(25)).toBe(0.12);
	});

	it('leaves a gripping ball rolling: v = 5/7 vₓ − 2/7 rω in the frame of the dent', () => {
		const ball = new BallState();
		Object.assign(ball, { vx: 2, vy: -6, wz: 30 });
		bounce(ball, level, { restitution: 1, tilt: 0 }, 0);
		expect(ball.vx).toBeCloseTo((5 / 7) * 2 - (2 / 7) * BALL.radius * 30, 9);
		expect(BALL.radius * ball.wz).toBeCloseTo(-ball.vx, 9);
	});

	it('never gains energy, whatever comes down on whatever slope', () => {
		const rng = createRng(3);
		for (let seed = 0; seed < 500; seed++) {
			const ball = new BallState();
			Object.assign(ball, {
				vx: between(rng, -5, 20),
				vy: between(rng, -20, -0.2),
				vz: between(rng, -5, 5),
				wx: between(rng, -200, 200),
				wy: between(rng, -200, 200),
				wz: between(rng, -600, 900)
			});
			const surface = new GroundSample();
			surface.gradientX = between(rng, -0.3, 0.3);
			surface.gradientZ = between(rng, -0.3, 0.3);
			const before = energy(ball);
			bounce(ball, surface, turf, between(rng, -3, 3));
			expect(energy(ball), `seed ${seed}`).toBeLessThanOrEqual(before * (1 + 1e-9));
		}
	});

	it('answers firm turf with a higher hop than soft', () => {
		const hop = (firmness: 'soft' | 'firm') => {
			const ball = new BallState();
			Object.assign(ball, { vx: 5, vy: -6, wz: 200 });
			bounce(ball, level, turfOf(firmness, false), 0);
			return ball.vy;
		};
		expect(hop('firm')).toBeGreaterThan(hop('soft'));
	});
});
