import { describe, expect, it } from 'vitest';
import { nearestByLoft, type Club } from '../club/club';
import { STANDARD_BAG } from '../club/standardBag';
import { createPlane } from '../ground/plane';
import { SURFACE } from '../ground/surfaces';
import { turfBetween } from '../ground/turf';
import { Outcome } from '../ball/simulate';
import { STILL_AIR } from '../ball/aerodynamics';
import { intend, PLAIN_LIE } from '../player/intent';
import { playIntended, solveCarry } from '../solve/solve';
import { straight } from '../player/intent';
import { DEFAULT_TECHNIQUE } from '../setup/technique';
import { fromFeet, radians, toFeet } from '../units';
import { readBalls, type ChippedBall } from './readBalls';

const pitchingWedge = nearestByLoft(STANDARD_BAG, radians(46))!;

/** A ball as the model itself would chip it on a green. */
function chipped(club: Club, carry: number, feet: number, firmness = 0): ChippedBall {
	const intent = intend(straight(club), PLAIN_LIE, DEFAULT_TECHNIQUE);
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

/** Short and long, low and high: firmness and speed move these rolls differently. */
const mixed = (firmness: number): ChippedBall[] =>
	[34, 46, 60].flatMap((loft) =>
		[3, 8, 14].map((carry) =>
			chipped(nearestByLoft(STANDARD_BAG, radians(loft))!, carry, 10, firmness)
		)
	);

describe('firmness', () => {
	it('is told apart from speed by balls of different flight', () => {
		const [soft, medium, firm] = [-1, 0, 1].map((firmness) => readBalls(mixed(firmness), []));
		expect(soft!.firmness).toBeLessThan(medium!.firmness);
		expect(firm!.firmness).toBeGreaterThan(medium!.firmness);
		expect(Math.abs(medium!.firmness)).toBeLessThan(0.3);
		for (const reading of [soft!, medium!, firm!])
			expect(Math.abs(toFeet(reading.speed) - 10)).toBeLessThan(1.5);
		expect(medium!.nearest).toBe('medium');
	});

	it('is what was believed before where one ball cannot tell', () => {
		const { firmness, firmnessError } = readBalls([chipped(pitchingWedge, 4, 10)], []);
		expect(Math.abs(firmness)).toBeLessThan(0.3);
		// The prior is a normal of 0.6, cut off at soft and firm.
		expect(firmnessError).toBeGreaterThan(0.35);
		expect(firmnessError).toBeLessThan(0.6);
	});

	it('is named by the half it lies in', () => {
		const many = (firmness: number) => [...mixed(firmness), ...mixed(firmness), ...mixed(firmness)];
		expect(readBalls(many(-1), []).nearest).toBe('soft');
		expect(readBalls(many(1), []).nearest).toBe('firm');
	});
});

describe('one more ball', () => {
	it('narrows the speed about as much as was promised', () => {
		const first = [chipped(pitchingWedge, 3, 9)];
		const { next } = readBalls(first, STANDARD_BAG);
		const after = readBalls([...first, chipped(next!.club, next!.carry, 9)], []);
		expect(after.error / next!.errorAfter).toBeGreaterThan(0.75);
		expect(after.error / next!.errorAfter).toBeLessThan(1.3);
	});

	it('is the one of all clubs and lengths that promises most', () => {
		const first = [chipped(pitchingWedge, 3, 9)];
		const { next } = readBalls(first, STANDARD_BAG);
		for (const club of STANDARD_BAG.filter(({ putter }) => !putter)) {
			const alone = readBalls(first, [club]).next!;
			expect(next!.errorAfter).toBeLessThanOrEqual(alone.errorAfter);
		}
		expect(
			readBalls(
				first,
				STANDARD_BAG.filter(({ putter }) => putter)
			).next
		).toBeNull();
	});

	it('is not asked for when the green is known as well as by a ramp', () => {
		const many = Array.from({ length: 8 }, () => mixed(0)).flat();
		const { error, next } = readBalls(many, STANDARD_BAG);
		expect(toFeet(error)).toBeLessThan(0.5);
		expect(next).toBeNull();
	});
});
