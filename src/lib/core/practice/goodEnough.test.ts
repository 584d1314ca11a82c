import { describe, expect, it } from 'vitest';
import { createRng } from '../math/random';
import { clubNamed, practisedBall, truth } from '../../../../tests/support/practice';
import { ballsToGo, goodPaces, meanReach } from './goodEnough';
import { groupOf } from './grouping';
import { hitBalls } from './simulatedPupil';

const PACE = 0.9;

describe('how many more balls', () => {
	it('asks for four at least, for fewer the more there are, and for none when it is good', () => {
		expect(ballsToGo({ posterior: 0.1, n: 1 }, PACE)).toBe(3);
		const more = [4, 6, 8, 12].map((n) => ballsToGo({ posterior: 2, n }, PACE));
		expect(more).toEqual([...more].sort((a, b) => b - a));
		expect(more[0]! - more[1]!).toBe(2);
		expect(ballsToGo({ posterior: 0.5, n: 6 }, PACE)).toBe(0);
	});

	it('is just enough, with something to spare for stopping when it looks good', () => {
		const more = ballsToGo({ posterior: 1.6, n: 5 }, PACE);
		expect(meanReach(1.6, 5 + more)).toBeLessThanOrEqual(PACE / 1.2);
		expect(meanReach(1.6, 4 + more)).toBeGreaterThan(PACE / 1.2);
	});

	it('never asks without end', () => {
		expect(ballsToGo({ posterior: 50, n: 4 }, PACE)).toBe(40);
	});

	it('wants a chip to a pace and a long pitch to a tenth of itself', () => {
		expect([2, 9, 14, 40].map((carry) => goodPaces(carry, PACE))).toEqual([1, 1, 2, 4]);
	});

	// Whoever stops when it says so must be right as often as it says: the truth is the middle of many balls of the same pupil.
	it.each([
		['SW', 6, 'middle'],
		['PW', 10, 'high'],
		['LW', 12, 'scratch']
	] as const)('keeps its promise with a %s to %i m for a %s player', (name, carry, skill) => {
		const shot = { club: clubNamed(name), flight: 'standard', shape: 'straight' } as const;
		const who = truth({ skill });
		const asBall = (seen: ReturnType<typeof hitBalls>[number]) =>
			practisedBall({ landed: seen.landed, finished: seen.finished, meant: carry });
		const many = hitBalls(shot, carry, 3000, who, createRng(1), 0).map(asBall);
		const middle = groupOf(many, 0.07)!.carry.centre;
		const seeds = 200;
		let kept = 0;
		for (let seed = 1; seed <= seeds; seed++) {
			const balls = hitBalls(shot, carry, 60, who, createRng(100 + seed), 0).map(asBall);
			let n = 4;
			while (n < 60 && ballsToGo(groupOf(balls.slice(0, n), 0.07)!.carry, PACE) > 0) n++;
			const found = groupOf(balls.slice(0, n), 0.07)!.carry.centre;
			if (Math.abs(found - middle) <= PACE) kept++;
		}
		expect(kept / seeds).toBeGreaterThanOrEqual(0.9);
	});
});
