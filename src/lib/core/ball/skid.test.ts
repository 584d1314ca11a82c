import { describe, expect, it } from 'vitest';
import { createPlane } from '../ground/plane';
import type { Ground } from '../ground/ground';
import { SURFACE } from '../ground/surfaces';
import { roll } from './roll';
import { skid } from './skid';
import { BallState } from './state';

const SPEED = 3.048;
const HOLE = { x: 3, z: 0 };
const plane = (slopeAlong: number): Ground =>
	createPlane({
		kind: 'plane',
		slopeAlong,
		slopeAcross: 0,
		edge: 0,
		fringe: SURFACE.smoothFringe
	});

describe('the skid', () => {
	const skidded = (change: Partial<BallState>, ground = plane(0)) => {
		const ball = Object.assign(new BallState(), { vx: 2 }, change);
		expect(skid(ball, ground, null, SPEED)).toBe('rest');
		return ball;
	};
	const radius = 0.021335;

	it('ends rolling: five sevenths of the speed without spin, less with backspin, none lost by a ball that rolls', () => {
		expect(skidded({}).vx / 2).toBeCloseTo(5 / 7, 2);
		expect(skidded({ wz: 40 }).vx).toBeLessThan(skidded({}).vx);
		expect(skidded({ wz: -150 }).vx).toBeGreaterThan(2);
		const rolling = skidded({ wz: -2 / radius });
		expect(rolling.vx).toBeCloseTo(2, 2);
		expect(rolling.x).toBeLessThan(0.01);
		const sideways = skidded({ vx: 0, vz: 2, wx: 2 / radius });
		expect(sideways.vz).toBeCloseTo(2, 2);
		expect(skidded({ vx: 0, vz: 2, wx: -40 }).vz).toBeLessThan(skidded({ vx: 0, vz: 2 }).vz);
	});

	it('takes the time in which friction makes up the slip, and moves by the mean speed', () => {
		const ball = skidded({});
		expect(ball.x).toBeCloseTo(((2 + ball.vx) / 2) * ball.t, 9);
		expect(ball.t).toBeGreaterThan(0.02);
	});

	it('mirrors, and speeds up downhill by gravity', () => {
		const right = skidded({ vz: 0.5, wx: 20 });
		const left = skidded({ vz: -0.5, wx: -20 });
		expect([left.x, left.z, left.vz]).toEqual([right.x, -right.z, -right.vz]);
		const down = skidded({}, plane(-0.1));
		expect(down.vx - skidded({}).vx).toBeCloseTo(9.81 * 0.1 * down.t, 6);
	});

	it('leaves long grass without a jump, however fast the ball came and wherever it lay', () => {
		const rough = createPlane({
			kind: 'plane',
			slopeAlong: 0,
			slopeAcross: 0,
			edge: 0.6,
			fringe: SURFACE.roughFringe
		});
		const end = (vx: number, x = 0) => {
			const ball = Object.assign(new BallState(), { x, vx });
			skid(ball, rough, null, SPEED);
			roll(ball, rough, SPEED, null);
			return ball.x;
		};
		for (let vx = 3; vx < 5; vx += 0.01) {
			const step = end(vx + 0.005) - end(vx);
			expect(step, `${vx}`).toBeGreaterThan(-0.01);
			expect(step, `${vx}`).toBeLessThan(0.1);
		}
		for (let x = 0; x < 0.55; x += 0.01)
			expect(Math.abs(end(4, x + 0.002) - end(4, x)), `${x}`).toBeLessThan(0.05);
	});

	it('is slowed by long grass while it slides, and mirrors there, too', () => {
		const rough = createPlane({
			kind: 'plane',
			slopeAlong: 0,
			slopeAcross: 0,
			edge: 50,
			fringe: SURFACE.rough
		});
		const inGrass = skidded({ vx: 4, vz: 0.6, wz: 200, wx: 9 }, rough);
		const onGreen = skidded({ vx: 4, vz: 0.6, wz: 200, wx: 9 });
		expect(Math.hypot(inGrass.vx, inGrass.vz)).toBeLessThan(
			0.8 * Math.hypot(onGreen.vx, onGreen.vz)
		);
		const mirrored = skidded({ vx: 4, vz: -0.6, wz: 200, wx: -9 }, rough);
		expect(mirrored.x).toBeCloseTo(inGrass.x, 12);
		expect(mirrored.z).toBeCloseTo(-inGrass.z, 12);
		expect(mirrored.wx).toBeCloseTo(-inGrass.wx, 12);
		expect(inGrass.t).toBeGreaterThan(0);
	});

	it('takes a ball that skids over it', () => {
		const over = (vx: number) => {
			const ball = Object.assign(new BallState(), { x: 2.9, vx });
			return skid(ball, plane(0), HOLE, SPEED);
		};
		expect(over(1.2)).toBe('holed');
		expect(over(2.5)).toBe('rest');
		expect(skid(Object.assign(new BallState(), { x: 2.9, vx: 1.2 }), plane(0), null, SPEED)).toBe(
			'rest'
		);
	});
});
