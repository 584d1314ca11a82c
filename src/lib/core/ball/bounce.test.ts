import { describe, expect, it } from 'vitest';
import { GroundSample } from '../ground/ground';
import { SURFACE, type SurfaceKind } from '../ground/surfaces';
import { turfOf } from '../ground/turf';
import { bounce } from './bounce';
import { BallState } from './state';

const surface = (kind: SurfaceKind = SURFACE.green, gradientX = 0, gradientZ = 0): GroundSample =>
	Object.assign(new GroundSample(), { kind, gradientX, gradientZ });
const falling = (vy: number, vx = 0, vz = 0): BallState =>
	Object.assign(new BallState(), { vx, vy, vz });
/** Restitution of the source for a speed into the turf, worked out here once more. */
const restitution = (v: number) => 0.51 - 0.0375 * v + 0.000903 * v * v;

describe('a ball that drops straight down', () => {
	it.each([1, 3, 6])('from %i m/s rises with the restitution of the source', (v) => {
		const ball = falling(-v);
		expect(bounce(ball, surface(), turfOf('medium', false), 0)).toBe(true);
		expect(ball.vy).toBeCloseTo(restitution(v) * v, 9);
		expect(ball.vx).toBeCloseTo(0, 9);
	});

	it('rises by the turf, the surface and its luck, each a factor', () => {
		const height = (kind: SurfaceKind, firmness: 'soft' | 'medium' | 'firm', luck: number) => {
			const ball = falling(-4);
			bounce(ball, surface(kind), turfOf(firmness, false), luck);
			return ball.vy / (restitution(4) * 4);
		};
		expect(height(SURFACE.green, 'soft', 0)).toBeCloseTo(0.82, 9);
		expect(height(SURFACE.green, 'firm', 0)).toBeCloseTo(1.14, 9);
		expect(height(SURFACE.grainyFringe, 'medium', 0)).toBeCloseTo(0.82, 9);
		expect(height(SURFACE.grainyFringe, 'medium', 1)).toBeCloseTo(0.82 * 1.2, 9);
		expect(height(SURFACE.grainyFringe, 'firm', -1)).toBeCloseTo(1.14 * 0.82 * 0.8, 9);
		expect(height(SURFACE.roughFringe, 'medium', 2)).toBeCloseTo(0.6 * 1.56, 9);
	});

	it('hops only where it would rise five millimetres', () => {
		const least = Math.sqrt(2 * 9.81 * 0.005);
		const into = (rise: number) => {
			let v = rise / 0.5;
			for (let i = 0; i < 20; i++) v = rise / restitution(v);
			return v;
		};
		expect(bounce(falling(-into(1.01 * least)), surface(), turfOf('medium', false), 0)).toBe(true);
		expect(bounce(falling(-into(0.99 * least)), surface(), turfOf('medium', false), 0)).toBe(false);
	});
});

describe('a ball that stays down', () => {
	it.each([
		[0.1, 0],
		[0, -0.08],
		[-0.05, 0.06]
	])('moves along a surface of slopes %f and %f', (gradientX, gradientZ) => {
		const ball = falling(-0.2, 1.5, 0.4);
		expect(
			bounce(ball, surface(SURFACE.green, gradientX, gradientZ), turfOf('medium', false), 0)
		).toBe(false);
		expect(ball.vy).toBeCloseTo(gradientX * ball.vx + gradientZ * ball.vz, 12);
	});

	it('is left alone when it moves away from the ground already', () => {
		const ball = falling(0.5, 2);
		expect(bounce(ball, surface(), turfOf('medium', false), 0)).toBe(false);
		expect([ball.vx, ball.vy]).toEqual([2, 0.5]);
	});
});

describe('a bounce on a slope', () => {
	it('is the bounce on the level, turned', () => {
		const slope = 0.12;
		const angle = Math.atan(slope);
		const level = falling(-3, 4, 0.7);
		level.wz = 60;
		const turned = new BallState();
		const [c, s] = [Math.cos(angle), Math.sin(angle)];
		Object.assign(turned, {
			vx: c * level.vx - s * level.vy,
			vy: s * level.vx + c * level.vy,
			vz: level.vz,
			wz: level.wz
		});
		bounce(level, surface(), turfOf('medium', false), 0);
		bounce(turned, surface(SURFACE.green, slope), turfOf('medium', false), 0);
		expect(turned.vx).toBeCloseTo(c * level.vx - s * level.vy, 9);
		expect(turned.vy).toBeCloseTo(s * level.vx + c * level.vy, 9);
		expect(turned.vz).toBeCloseTo(level.vz, 9);
		expect(turned.wz).toBeCloseTo(level.wz, 7);
	});
});
