import { describe, expect, it } from 'vitest';
import { createPlane } from '../ground/plane';
import type { Ground } from '../ground/ground';
import { BEHAVIOUR } from '../ground/behaviour';
import { SURFACE } from '../ground/surfaces';
import { groundWith } from '../../../../tests/support/scenes';
import { captureSpeed } from './capture';
import { roll } from './roll';
import { BallState, PathRecorder } from './state';

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
const stepped = (ground: Ground): Ground => groundWith(ground, { patch: () => false });
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

describe('a fold', () => {
	/** Falls from both sides, steeper than the grass holds, to a line across the way. */
	const valley: Ground = {
		height: (x) => 0.12 * Math.abs(x - 2),
		sample(x, _z, out) {
			out.height = 0.12 * Math.abs(x - 2);
			out.gradientX = x < 2 ? -0.12 : 0.12;
			out.gradientZ = 0;
			out.kind = SURFACE.green;
		},
		patch(x, _z, out) {
			out.fromX = x < 2 ? -Infinity : 2;
			out.toX = x < 2 ? 2 : Infinity;
			out.fromZ = -Infinity;
			out.toZ = Infinity;
			return true;
		}
	};

	it('holds a ball that rocks in it, after as long as that takes', () => {
		for (const ground of [valley, stepped(valley)]) {
			const ball = Object.assign(new BallState(), { vx: 1.2 });
			expect(roll(ball, ground, SPEED, null)).toBe('rest');
			expect(Math.abs(ball.x - 2)).toBeLessThan(0.05);
			expect(ball.t).toBeLessThan(30);
		}
	});

	it('does not hold a ball that runs along it', () => {
		const ball = Object.assign(new BallState(), { x: 2, vz: 1.5 });
		expect(roll(ball, valley, SPEED, null)).toBe('rest');
		expect(ball.z).toBeGreaterThan(1);
		expect(Math.abs(ball.x - 2)).toBeLessThan(0.05);
	});
});

describe('a side', () => {
	/** Green as wide as a corridor, rough on both sides of it. */
	const corridor = groundWith(plane(0, 0.02), {
		sample(x, z, out) {
			plane(0, 0.02).sample(x, z, out);
			if (Math.abs(z) > 0.6) out.kind = SURFACE.rough;
		},
		patch(_x, z, out) {
			out.fromX = -Infinity;
			out.toX = Infinity;
			out.fromZ = Math.abs(z) <= 0.6 ? -0.6 : z > 0 ? 0.6 : -Infinity;
			out.toZ = Math.abs(z) <= 0.6 ? 0.6 : z > 0 ? Infinity : -0.6;
			return true;
		}
	});

	it.each([1, -1])('ends what is known of the slope, to the right and to the left (%d)', (side) => {
		const end = (ground: Ground) => {
			const ball = Object.assign(new BallState(), { vx: 0.6, vz: side * 1.6 });
			expect(roll(ball, ground, SPEED, null)).toBe('rest');
			return ball;
		};
		const [known, looked] = [end(corridor), end(stepped(corridor))];
		expect(Math.abs(known.z)).toBeGreaterThan(0.6);
		expect(Math.abs(known.z)).toBeLessThan(Math.abs(end(plane(0, 0.02)).z) - 0.3);
		expect(Math.hypot(known.x - looked.x, known.z - looked.z)).toBeLessThan(0.01);
	});
});

describe('a border', () => {
	const fringed = (edge: number): Ground =>
		createPlane({
			kind: 'plane',
			slopeAlong: 0,
			slopeAcross: 0,
			edge,
			fringe: SURFACE.smoothFringe
		});
	const friction = 1.83 ** 2 / (2 * SPEED);
	const share = BEHAVIOUR.speed[SURFACE.smoothFringe]!;

	it('is met where it is: what is run on either side is braked by its own grass', () => {
		for (const ground of [fringed(1), stepped(fringed(1))])
			for (const from of [0, 0.13, 0.29, 0.41, 0.66]) {
				const ball = Object.assign(new BallState(), { x: from, vx: 2.2 });
				roll(ball, ground, SPEED, null);
				const squared = 2.2 ** 2 - (2 * friction * (1 - from)) / share;
				expect(Math.abs(ball.x - (1 + squared / (2 * friction)))).toBeLessThan(0.006);
			}
	});

	it('stops a ball short of it as if it were not there', () => {
		const ball = Object.assign(new BallState(), { vx: 1 });
		roll(ball, fringed(3), SPEED, null);
		expect(ball.x).toBeCloseTo(share / (2 * friction), 9);
	});

	it('moves the end of a roll no more than the ball was moved', () => {
		const end = (from: number) => {
			const ball = Object.assign(new BallState(), { x: from, vx: 2.4, vz: 0.3 });
			roll(ball, stepped(fringed(1)), SPEED, null);
			return ball.x;
		};
		for (let from = 0; from < 0.9; from += 0.02)
			expect(Math.abs(end(from + 0.001) - end(from))).toBeLessThan(0.012);
	});
});

describe('the hole', () => {
	const HOLE = { x: 3, z: 0 };
	/** A ball that rolls at the hole, with the speed it would have there. */
	const rolled = (speedThere: number, offset = 0, slope = 0, ground = plane(slope)) => {
		const braking = 1.83 ** 2 / (2 * SPEED) + (5 / 7) * 9.81 * slope;
		const start = Math.sqrt(speedThere ** 2 + 2 * braking * 3);
		const ball = Object.assign(new BallState(), { vx: start, z: offset });
		return { status: roll(ball, ground, SPEED, HOLE), ball };
	};

	it.each([
		['closed', (slope: number) => plane(slope)],
		['stepped', (slope: number) => stepped(plane(slope))]
	])('takes what is slow enough at its offset and slope (%s)', (_, ground) => {
		for (const [offset, slope] of [
			[0, 0],
			[0.03, 0],
			[-0.045, 0],
			[0, 0.03],
			[0.02, -0.02]
		] as const) {
			const most = captureSpeed(Math.abs(offset), slope);
			expect(rolled(0.93 * most, offset, slope, ground(slope)).status).toBe('holed');
			expect(rolled(1.07 * most, offset, slope, ground(slope)).status).toBe('rest');
		}
		expect(rolled(0.2, 0.06, 0, ground(0)).status).toBe('rest');
	});

	it.each([
		['closed', (ground: Ground) => ground],
		['stepped', stepped]
	])('takes a ball that breaks into it, and lets one pass that breaks past it (%s)', (_, as) => {
		const ground = as(plane(0, 0.02));
		const end = (hole: { x: number; z: number } | null) => {
			const ball = Object.assign(new BallState(), { vx: 1.7 });
			return { status: roll(ball, ground, SPEED, hole), ball };
		};
		const { ball: free } = end(null);
		const recorder = new PathRecorder();
		roll(Object.assign(new BallState(), { vx: 1.7 }), ground, SPEED, null, 0, recorder);
		// A place on the path where the ball is slow, and the same place moved across it by more than the hole.
		const [, x, , z] = recorder.points.find(([, x]) => x > 0.9 * free.x)!;
		expect(end({ x, z }).status).toBe('holed');
		expect(end({ x, z: z + 0.12 }).status).toBe('rest');
		expect(end({ x, z: z - 0.12 }).ball.x).toBeCloseTo(free.x, 2);
	});

	it('holds the ball in its middle, at rest', () => {
		const { ball } = rolled(0.6, 0.02);
		expect([ball.x, ball.z, ball.vx, ball.vz]).toEqual([3, 0, 0, 0]);
	});

	it('is not reached by a ball that stops short or rolls away from it', () => {
		const short = Object.assign(new BallState(), { vx: 1 });
		expect(roll(short, plane(0), SPEED, HOLE)).toBe('rest');
		expect(short.x).toBeCloseTo(1 / (2 * (1.83 ** 2 / (2 * SPEED))), 6);
		const away = Object.assign(new BallState(), { x: 4, vx: 1 });
		expect(roll(away, plane(0), SPEED, HOLE)).toBe('rest');
		expect(away.x).toBeGreaterThan(4.5);
	});
});

describe('a roll over changing ground', () => {
	it('is braked by the fringe it crosses, as it is on the green behind it', () => {
		const ground = createPlane({
			kind: 'plane',
			slopeAlong: 0,
			slopeAcross: 0,
			edge: 1,
			fringe: SURFACE.smoothFringe
		});
		const green = 1.83 ** 2 / (2 * SPEED);
		const fringe = green / BEHAVIOUR.speed[SURFACE.smoothFringe]!;
		const ball = Object.assign(new BallState(), { vx: 2 });
		roll(ball, ground, SPEED, null);
		expect(ball.x).toBeCloseTo(1 + (4 - 2 * fringe) / (2 * green), 1);
	});

	it('draws a path that ends where the ball rests, on the ground', () => {
		const recorder = new PathRecorder();
		const ball = Object.assign(new BallState(), { vx: 1.5, vz: 0.2 });
		roll(ball, plane(0.02, 0.01), SPEED, null, 0, recorder);
		const [t, x, y, z] = recorder.points.at(-1)!;
		expect([t, x, z]).toEqual([ball.t, ball.x, ball.z]);
		expect(y).toBeCloseTo(0.02 * x - 0.01 * z, 9);
	});

	it('stops where sand or water begins', () => {
		const trap = groundWith(plane(0), {
			patch: () => false,
			sample: (x, z, out) => {
				plane(0).sample(x, z, out);
				if (x > 1) out.kind = SURFACE.sand;
			}
		});
		const ball = Object.assign(new BallState(), { vx: 3 });
		expect(roll(ball, trap, SPEED, null)).toBe('rest');
		expect(ball.x).toBeGreaterThan(1);
		expect(ball.x).toBeLessThan(1.3);
		expect(ball.vx).toBe(0);
	});

	it('runs away off the map where it goes downhill for ever', () => {
		const ball = Object.assign(new BallState(), { vx: 1 });
		expect(roll(ball, plane(-0.3), SPEED, null)).toBe('runaway');
		expect(ball.x).toBeGreaterThan(150);
	});
});
