import { describe, expect, it } from 'vitest';
import { roll } from '../ball/roll';
import { skid } from '../ball/skid';
import { BallState } from '../ball/state';
import { BALL, ROLL } from '../constants';
import { createPlane } from '../ground/plane';
import { SURFACE } from '../ground/surfaces';
import { createRng } from '../math/random';
import { fromFeet } from '../units';
import {
	readTimedPutts,
	rollingDeceleration,
	type TimedPutt,
	type TimedReading
} from './timedPutt';

/** A putt of the engine on a plane: struck with a fifth of the spin of a rolling ball. */
function putted(feet: number, speed: number, slope = 0): { length: number; time: number } {
	const ground = createPlane({
		kind: 'plane',
		slopeAlong: slope,
		slopeAcross: 0,
		edge: 0,
		fringe: SURFACE.smoothFringe
	});
	const ball = Object.assign(new BallState(), { vx: speed, wz: (-0.2 * speed) / BALL.radius });
	skid(ball, ground, null, fromFeet(feet));
	expect(roll(ball, ground, fromFeet(feet), null)).toBe('rest');
	return { length: ball.x, time: ball.t };
}

const read = (putts: TimedPutt[], slope: number | null = null): TimedReading => {
	const found = readTimedPutts(putts, slope);
	if ('code' in found) throw new Error(found.code);
	return found;
};
const both = (feet: number, slope: number, speeds = [2.2, 2.6]): TimedPutt[] =>
	speeds.flatMap((speed) => [
		{ way: 'up' as const, ...putted(feet, speed, slope) },
		{ way: 'down' as const, ...putted(feet, speed, -slope) }
	]);

describe('a timed putt', () => {
	it.each([7, 10, 13])('gives back the green speed the engine rolled it on (%i ft)', (feet) => {
		for (const speed of [1.6, 2.4, 3.2]) {
			const { length, time } = putted(feet, speed);
			const deceleration = rollingDeceleration(length, time);
			expect(ROLL.rampSpeed ** 2 / (2 * deceleration) / fromFeet(feet)).toBeCloseTo(1, 2);
		}
		// The plain rule d = ½ a t² takes the slide for rolling, and the green for slower.
		const { length, time } = putted(feet, 2.4);
		const plain = ROLL.rampSpeed ** 2 / 2 / ((2 * length) / time ** 2);
		expect(plain).toBeLessThan(0.995 * fromFeet(feet));
	});

	it('takes the slope out of putts both ways, and finds it', () => {
		for (const slope of [0, 0.012, -0.02]) {
			const found = read(both(10, slope));
			expect(found.slope).toBeCloseTo(slope, 3);
			expect(found.speed / fromFeet(10)).toBeCloseTo(1, 1);
		}
	});

	it('needs one way only where the slope is known', () => {
		const up = both(9, 0.015).filter(({ way }) => way === 'up');
		expect(read(up, 0.015).speed / fromFeet(9)).toBeCloseTo(1, 1);
		expect(read(up, 0.015).slope).toBe(0.015);
		expect(readTimedPutts(up)).toMatchObject({ code: 'tooFew', way: 'down', found: 0 });
	});

	it('promises an error that a thumb and a tape keep', () => {
		const rng = createRng(5);
		let within = 0;
		const trials = 200;
		for (let trial = 0; trial < trials; trial++) {
			const late = 0.15 * rng.normal();
			const noisy = both(10, 0.01, [2, 2.3, 2.6]).map(({ way, length, time }) => ({
				way,
				length: length * (1 + 0.01 * rng.normal()) + 0.03 * rng.normal(),
				time: time + late + 0.1 * rng.normal()
			}));
			const { speed, error } = read(noisy);
			if (Math.abs(speed - fromFeet(10)) < 1.645 * error) within++;
		}
		expect(within / trials).toBeGreaterThan(0.84);
		expect(within / trials).toBeLessThan(0.98);
	});

	it('grows surer with longer putts, and with many only as far as the thumb is no longer what counts', () => {
		const few = read(both(10, 0)).error;
		const many = read(Array.from({ length: 10 }, () => both(10, 0)).flat()).error;
		expect(many).toBeLessThan(few);
		expect(many).toBeGreaterThan(0.5 * few);
		expect(read(both(10, 0, [3, 3.2])).error).toBeLessThan(few);
	});

	it('finds a thumb that is always late by putts of two lengths, and takes it off', () => {
		const late = (speeds: number[], by: number) =>
			read(both(10, 0.01, speeds).map((putt) => ({ ...putt, time: putt.time + by })));
		const lengths = [1.6, 1.6, 1.6, 3.4, 3.4, 3.4];
		for (const by of [0.2, -0.2]) {
			const { lag, speed } = late(lengths, by);
			expect(lag! / by).toBeGreaterThan(0.5);
			const unseen = late([2.2, 2.4], by);
			expect(unseen.lag).toBeNull();
			const off = (found: number) => Math.abs(found - fromFeet(10));
			expect(off(speed)).toBeLessThan(0.6 * off(unseen.speed));
			expect(off(unseen.speed)).toBeLessThan(2.2 * unseen.error);
		}
		expect(late(lengths, 0).lag).toBeNull();
	});

	it('is less sure one way, by what a slope that was found may be off', () => {
		const up = both(10, 0, [2.4, 2.6, 2.8]).filter(({ way }) => way === 'up');
		const one = read(up, 0);
		const back = read([...up, ...up.map((putt) => ({ ...putt, way: 'down' as const }))], 0);
		// 0.4 % of 5/7 g against the deceleration of a green of ten feet.
		const pull = (5 / 7) * 9.80665 * 0.004;
		const bySlope = (fromFeet(10) * pull) / (1.83 ** 2 / 2 / fromFeet(10));
		expect(one.error).toBeGreaterThan(bySlope);
		expect(one.error ** 2 - bySlope ** 2).toBeGreaterThan(0.8 * back.error ** 2);
		expect(back.error).toBeLessThan(one.error);
	});

	it.each([
		['tooFew', [], null],
		['tooFew', both(10, 0).slice(0, 3), null],
		['outOfRange', [...both(10, 0), { way: 'up' as const, length: 0.4, time: 2 }], null],
		['outOfRange', [...both(10, 0), { way: 'up' as const, length: 4, time: NaN }], null],
		['outOfRange', [...both(10, 0), { way: 'up' as const, length: 4, time: 40 }], null],
		['disagree', [...both(10, 0), { way: 'down' as const, length: 3, time: 6 }], null],
		['tooSteep', both(10, 0), 0.08]
	])('refuses nonsense: %s', (code, putts, slope) => {
		expect(readTimedPutts(putts, slope)).toMatchObject({ code });
	});
});
