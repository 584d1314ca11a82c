import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { simulate } from '$lib/core/ball/simulate';
import { radians, YARD } from '$lib/core/units';
import { countUnits } from '$lib/core/schools/ruleOfTwelve';
import { delivery, planeScene } from '../support/scenes';

describe('a whole shot', () => {
	it('is finite and ends with a status over the whole range of input', () => {
		fc.assert(
			fc.property(
				fc.record({
					clubSpeed: fc.double({ min: 0.1, max: 60, noNaN: true }),
					attack: fc.double({ min: -30, max: 30, noNaN: true }),
					loft: fc.double({ min: 0, max: 85, noNaN: true }),
					friction: fc.double({ min: 0, max: 1, noNaN: true }),
					face: fc.double({ min: -45, max: 45, noNaN: true }),
					along: fc.double({ min: -0.3, max: 0.3, noNaN: true }),
					across: fc.double({ min: -0.3, max: 0.3, noNaN: true }),
					stimp: fc.double({ min: 3, max: 18, noNaN: true })
				}),
				(input) => {
					const out = simulate(
						delivery({
							clubSpeed: input.clubSpeed,
							attackAngle: radians(input.attack),
							dynamicLoft: radians(input.loft),
							friction: input.friction,
							faceToPath: radians(input.face)
						}),
						planeScene({ along: input.along, across: input.across, stimp: input.stimp, edge: 2 })
					);
					const numbers = [
						out.carry,
						out.apex,
						out.landingX,
						out.finishX,
						out.finishZ,
						out.roll,
						out.time
					];
					return numbers.every(Number.isFinite) && ['rest', 'runaway'].includes(out.status);
				}
			),
			{ numRuns: 300, seed: 2002 }
		);
	});

	it('is the same every time', () => {
		const first = { ...simulate(delivery(), planeScene({ across: 0.02 })) };
		simulate(delivery({ clubSpeed: 20 }), planeScene());
		expect({ ...simulate(delivery(), planeScene({ across: 0.02 })) }).toEqual(first);
	});
});

/** Rules of thumb of the trade: common practice, no source. */
describe('rules of thumb', () => {
	const ratio = (loft: number, speed: number, scene = planeScene()) => {
		const out = simulate(delivery({ dynamicLoft: radians(loft), clubSpeed: speed }), scene);
		return out.roll / out.carry;
	};

	it('rolls a pitching wedge about as far as it carries, from a medium carry on a normal-paced level green', () => {
		const out = simulate(
			delivery({ dynamicLoft: radians(42), clubSpeed: 10, headMass: 0.287 }),
			planeScene({ stimp: 8.5 })
		);
		expect(out.carry).toBeGreaterThan(8);
		expect(out.carry).toBeLessThan(13);
		expect(out.roll / out.carry).toBeGreaterThan(0.85);
		expect(out.roll / out.carry).toBeLessThan(1.35);
	});

	it('rolls less with more loft, more on a faster green, more downhill', () => {
		const lofts = [30, 38, 46, 54, 60].map((loft) => ratio(loft, 8));
		expect([...lofts].sort((a, b) => b - a)).toEqual(lofts);
		expect(ratio(46, 8, planeScene({ stimp: 12 }))).toBeGreaterThan(
			ratio(46, 8, planeScene({ stimp: 8 }))
		);
		expect(ratio(46, 8, planeScene({ along: -0.02 }))).toBeGreaterThan(ratio(46, 8));
		expect(ratio(46, 8, planeScene({ along: 0.02 }))).toBeLessThan(ratio(46, 8));
	});

	it.each([
		[4, 8, 10],
		[3, 9, 9],
		[2, 2, 11],
		[1, 4, 8],
		[4, 6, 11],
		[4.1, 7.9, 10]
	])('takes the roll in carries from twelve: carry %i, roll %i → club %i', (carry, roll, club) => {
		expect(countUnits(carry * YARD, roll * YARD).number).toBe(club);
	});
});
