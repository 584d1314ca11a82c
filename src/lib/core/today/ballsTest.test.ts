import { describe, expect, it } from 'vitest';
import { nearestByLoft, type Club } from '../club/club';
import { STANDARD_BAG } from '../club/standardBag';
import { createPlane } from '../ground/plane';
import { SURFACE } from '../ground/surfaces';
import { turfBetween } from '../ground/turf';
import { Outcome } from '../ball/simulate';
import { STILL_AIR } from '../ball/aerodynamics';
import { intend } from '../player/intent';
import { playIntended, solveCarry } from '../plan/solve';
import { straight } from '../schools/school';
import { DEFAULT_TECHNIQUE } from '../setup/technique';
import { fromFeet, radians, toFeet } from '../units';
import { readBalls, type ChippedBall } from './ballsTest';

const pitchingWedge = nearestByLoft(STANDARD_BAG, radians(46))!;

/** A ball as the model itself would chip it on a green. */
function chipped(club: Club, carry: number, feet: number, firmness = 0): ChippedBall {
	const intent = intend(
		straight(club),
		{ lie: 'fairway', wet: false, ball: 'soft', firmness: 'medium' },
		DEFAULT_TECHNIQUE
	);
	const scene = {
		ground: createPlane({
			kind: 'plane',
			slopeAlong: 0,
			slopeAcross: 0,
			edge: 0,
			fringe: SURFACE.green
		}),
		greenSpeed: fromFeet(feet),
		turf: turfBetween(firmness),
		air: STILL_AIR,
		obstacles: [],
		hole: null
	} as const;
	const { speed } = solveCarry(intent, scene, carry, 30);
	const out = playIntended(intent, scene, speed, 0, new Outcome());
	return { club, carry: out.carry, roll: out.roll, slope: 0 };
}

const balls = (feet: number, firmness = 0): ChippedBall[] =>
	[3, 4, 5, 6].map((carry) => chipped(pitchingWedge, carry, feet, firmness));

describe('readBalls', () => {
	it.each([8, 10, 12])('finds the speed of a %i ft green from four balls', (feet) => {
		const { speed, error } = readBalls(balls(feet), STANDARD_BAG);
		expect(Math.abs(toFeet(speed) - feet)).toBeLessThan(1);
		expect(toFeet(error)).toBeLessThan(1.6);
	});

	it('reads a slower green from shorter rolls', () => {
		expect(readBalls(balls(8), []).speed).toBeLessThan(readBalls(balls(11), []).speed);
	});

	it('gives the day’s percentage as it was seen', () => {
		const two = [
			{ club: pitchingWedge, carry: 4, roll: 8, slope: 0 },
			{ club: pitchingWedge, carry: 5, roll: 7, slope: 0 }
		];
		expect(readBalls(two, []).airShare).toBeCloseTo(9 / 24, 12);
	});

	it('does not depend on the order of the balls, and is surer with more of them', () => {
		const four = balls(10);
		const reading = readBalls(four, []);
		expect(readBalls([...four].reverse(), []).speed).toBeCloseTo(reading.speed, 9);
		expect(reading.error).toBeLessThan(readBalls(four.slice(0, 1), []).error);
	});

	it('names a next ball that would narrow it, from the bag it was given', () => {
		const { next, error } = readBalls(balls(10).slice(0, 1), [pitchingWedge]);
		expect(next?.club).toBe(pitchingWedge);
		expect(next!.errorAfter).toBeLessThan(error);
		expect(readBalls(balls(10), []).next).toBeNull();
	});

	it('does not take a runaway uphill roll for a fast level green', () => {
		const level = readBalls([{ club: pitchingWedge, carry: 4, roll: 6, slope: 0 }], []);
		const downhill = readBalls([{ club: pitchingWedge, carry: 4, roll: 6, slope: -0.03 }], []);
		expect(downhill.speed).toBeLessThan(level.speed);
	});

	it('throws without balls', () => {
		expect(() => readBalls([], [])).toThrow(RangeError);
	});
});
