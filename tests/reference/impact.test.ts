import { describe, expect, it } from 'vitest';
import { launchOf, strike } from '$lib/core/ball/impact';
import { BallState } from '$lib/core/ball/state';
import { simulate } from '$lib/core/ball/simulate';
import { BALL } from '$lib/core/constants';
import { createRng } from '$lib/core/math/random';
import { degrees, radians, rpm } from '$lib/core/units';
import { delivery, planeScene, randomDelivery } from '../support/scenes';

describe('impact', () => {
	it('launches a 40 m pitch at 30–33° with 5800–6700 rpm from 21–23 m/s (launch-monitor common knowledge, no single source)', () => {
		const pitch = delivery({ clubSpeed: 22, dynamicLoft: radians(47), attackAngle: radians(-4) });
		const ball = new BallState();
		strike(pitch, ball);
		const launch = launchOf(ball);
		expect(degrees(launch.angle)).toBeGreaterThan(29.5);
		expect(degrees(launch.angle)).toBeLessThan(33);
		expect(rpm(launch.spin)).toBeGreaterThan(5500);
		expect(rpm(launch.spin)).toBeLessThan(6700);
		const { carry } = simulate(pitch, planeScene());
		expect(carry).toBeGreaterThan(36);
		expect(carry).toBeLessThan(50);
	});

	it('spins less and launches higher with less friction (direction of published groove studies)', () => {
		const launchWith = (friction: number) => {
			const ball = new BallState();
			strike(delivery({ friction }), ball);
			return launchOf(ball);
		};
		const clean = launchWith(0.4);
		const rough = launchWith(0.15);
		expect(rough.spin).toBeLessThan(clean.spin);
		expect(rough.angle).toBeGreaterThan(clean.angle);
	});

	it('gives a square central hit no spin and the speed of a one-dimensional collision (Cross 2014)', () => {
		const ball = new BallState();
		strike(
			delivery({
				dynamicLoft: radians(20),
				attackAngle: radians(20),
				headMass: 0.25,
				clubSpeed: 10
			}),
			ball
		);
		const speed = (1.8 * 10 * 0.25) / (0.25 + BALL.mass);
		expect(launchOf(ball).spin).toBeCloseTo(0, 9);
		expect(launchOf(ball).ballSpeed).toBeCloseTo(speed, 6);
	});

	it('mirrors left and right exactly', () => {
		const rng = createRng(5);
		for (let seed = 0; seed < 60; seed++) {
			const shot = randomDelivery(rng);
			const right = simulate(shot, planeScene({ along: 0.01, across: 0.02 }));
			const left = simulate(
				{ ...shot, aim: -shot.aim, faceToPath: -shot.faceToPath },
				planeScene({ along: 0.01, across: -0.02 })
			);
			expect(left.landingX, `seed ${seed}`).toBeCloseTo(right.landingX, 9);
			expect(left.landingZ, `seed ${seed}`).toBeCloseTo(-right.landingZ, 9);
			expect(left.finishZ, `seed ${seed}`).toBeCloseTo(-right.finishZ, 6);
		}
	});

	it('starts and curves to the right with the face open to the path', () => {
		const open = simulate(delivery({ faceToPath: radians(8) }), planeScene());
		expect(open.landingZ).toBeGreaterThan(0);
		expect(open.finishZ).toBeGreaterThan(open.landingZ);
	});
});
