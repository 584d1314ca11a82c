import { describe, expect, it } from 'vitest';
import { createPlane } from '../ground/plane';
import type { Ground } from '../ground/ground';
import { SURFACE } from '../ground/surfaces';
import { AERODYNAMICS } from '../constants';
import { STILL_AIR } from './aerodynamics';
import { fly, type Obstacle } from './flight';
import { BallState, PathRecorder } from './state';

const plane = (slopeAlong = 0, slopeAcross = 0): Ground =>
	createPlane({ kind: 'plane', slopeAlong, slopeAcross, edge: 0, fringe: SURFACE.smoothFringe });
const LEVEL = plane();
/** How often a flight of some steps asks for the ground. */
const LOOKS = 14;
/** A chip of some seven metres with backspin. */
const launched = (change: Partial<BallState> = {}): BallState =>
	Object.assign(new BallState(), { vx: 7, vy: 5.5, wz: 250 }, change);
const flown = (obstacles: readonly Obstacle[], ball = launched(), ground = LEVEL) => ({
	ball,
	status: fly(ball, ground, STILL_AIR, obstacles)
});

/** The height of the free flight at a station, read off its recorded path between points a few millimetres apart. */
function heightAt(x: number): number {
	const recorder = new PathRecorder();
	fly(launched(), LEVEL, STILL_AIR, [], recorder);
	const after = recorder.points.findIndex((point) => point[1] >= x);
	const [[, xa, ya], [, xb, yb]] = [recorder.points[after - 1]!, recorder.points[after]!];
	return ya + ((x - xa) / (xb - xa)) * (yb - ya);
}

describe('a flight over something that stands in the way', () => {
	it.each([0.6, 2.5, 4.4, 6])(
		'clears what is a little lower at %f m and is stopped by what is higher',
		(at) => {
			const height = heightAt(at);
			expect(flown([{ at, height: height - 0.03 }]).status).toBe('landed');
			const { status, ball } = flown([{ at, height: height + 0.03 }]);
			expect(status).toBe('blocked');
			expect(ball.x).toBeCloseTo(at, 3);
			expect(ball.y).toBeCloseTo(height, 2);
		}
	);

	it('is stopped by the first of several, in whatever order they are told', () => {
		const wall = (at: number) => ({ at, height: 9 });
		expect(flown([wall(4), wall(2.9), wall(3)]).ball.x).toBeCloseTo(2.9, 3);
		expect(flown([{ at: 2, height: 0.1 }, wall(3)]).ball.x).toBeCloseTo(3, 3);
	});

	it('passes what it starts beyond and lands before what is farther', () => {
		const free = flown([]).ball;
		for (const at of [-1, 0, free.x + 0.001]) {
			const { status, ball } = flown([{ at, height: 9 }]);
			expect(status).toBe('landed');
			expect(ball.x).toBe(free.x);
		}
	});

	it('is not stopped on the way back by what it flies away from', () => {
		expect(flown([{ at: -2, height: 9 }], launched({ vx: -7 })).status).toBe('landed');
	});

	it('is stopped in the same step in which it would land, where that comes first', () => {
		const { x } = flown([]).ball;
		const { status, ball } = flown([{ at: x - 0.02, height: 0.5 }]);
		expect(status).toBe('blocked');
		expect(ball.x).toBeCloseTo(x - 0.02, 3);
	});
});

describe('a landing', () => {
	it.each([
		[0, 0],
		[0.2, 0],
		[-0.15, 0.1],
		[0.05, -0.3]
	])('lies on ground that slopes %f along and %f across', (along, across) => {
		const ground = plane(along, across);
		const { status, ball } = flown([], launched({ vz: 0.8 }), ground);
		expect(status).toBe('landed');
		expect(Math.abs(ball.y - ground.height(ball.x, ball.z))).toBeLessThan(1e-7);
	});

	it('asks the ground a few times only, though it bends', () => {
		let asked = 0;
		const bowl: Ground = {
			...LEVEL,
			height: (x, z) => {
				asked++;
				return 0.02 * (x - 5) ** 2 + 0.01 * z * z - 0.5;
			}
		};
		const { ball } = flown([], launched(), bowl);
		const least = bowl.height(ball.x, ball.z);
		expect(Math.abs(ball.y - least)).toBeLessThan(1e-7);
		expect(asked).toBeLessThan(24);
	});

	it.each([-0.1, 0, 0.1, 0.3])('is found in a look or two at even ground of slope %f', (slope) => {
		let asked = 0;
		const even = plane(slope);
		const ground: Ground = { ...even, height: (x, z) => (asked++, even.height(x, z)) };
		for (const vy of [3, 5.5, 9]) {
			asked = 0;
			const { ball } = flown([], launched({ vy }), ground);
			expect(Math.abs(ball.y - even.height(ball.x, ball.z))).toBeLessThan(1e-7);
			expect(asked, `vy ${vy}`).toBeLessThanOrEqual(LOOKS);
		}
	});

	it.each([0.31, 0.5, 0.77])('is on the face of a step of %d m that it flies into', (up) => {
		// No parabola says where the ground jumps.
		const wall: Ground = { ...LEVEL, height: (x) => (x > 6 ? up : 0) };
		const { ball } = flown([], launched({ vx: 10, vy: 3.2 }), wall);
		expect(Math.abs(ball.x - 6)).toBeLessThan(1e-6);
		expect(ball.y).toBeGreaterThan(0);
		expect(ball.y).toBeLessThan(up);
	});

	it('is where it stands for a ball that cannot leave the ground', () => {
		const { status, ball } = flown([], launched({ vx: 2, vy: 0.1 }), plane(0.5));
		expect(status).toBe('landed');
		expect(ball.x).toBeLessThan(0.01);
	});

	it('of a ball that only just leaves the ground is beyond where it began', () => {
		const { ball } = flown([], launched({ vx: 2, vy: 1.2 }), plane(0.5));
		expect(ball.x).toBeGreaterThan(0.01);
		expect(Math.abs(ball.y - 0.5 * ball.x)).toBeLessThan(1e-7);
	});

	it('comes with less spin by the time it took, and with the top of the flight', () => {
		const { ball } = flown([]);
		expect(ball.wz).toBeCloseTo(250 * Math.exp(-ball.t / AERODYNAMICS.spinDecayTime), 6);
		const recorder = new PathRecorder();
		fly(launched(), LEVEL, STILL_AIR, [], recorder);
		expect(ball.apex).toBeCloseTo(Math.max(...recorder.points.map((point) => point[2])), 2);
	});

	it('is the same whether the path is drawn or not, to a tenth of a millimetre, and the path ends there', () => {
		const recorder = new PathRecorder();
		const drawn = launched();
		fly(drawn, LEVEL, STILL_AIR, [], recorder);
		const { ball } = flown([]);
		expect(Math.abs(drawn.x - ball.x)).toBeLessThan(1e-4);
		// The velocity is read off within a step: long steps and short ones agree on it.
		for (const key of ['vx', 'vy', 'vz'] as const)
			expect(Math.abs(drawn[key] - ball[key]), key).toBeLessThan(1e-3);
		expect(recorder.points.at(-1)).toEqual([drawn.t, drawn.x, drawn.y, drawn.z]);
		const times = recorder.points.map(([t]) => t);
		expect(times).toEqual([...times].sort((a, b) => a - b));
		expect(recorder.points.length).toBeGreaterThan(20);
	});

	it('of a ball that falls for ever is none', () => {
		const hollow: Ground = { ...LEVEL, height: () => -1e9 };
		expect(flown([], launched(), hollow).status).toBe('timeout');
	});
});
