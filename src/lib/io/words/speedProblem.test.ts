import { describe, expect, it } from 'vitest';
import type { SpeedProblem } from '$lib/core/today/readRamp';
import { fromFeet } from '$lib/core/units';
import { lineProblemWords } from './line';
import { speedProblemWords } from './speedProblem';

describe('speedProblemWords', () => {
	it.each<[SpeedProblem, RegExp]>([
		[{ code: 'tooFewRolls', way: 'down', found: 1 }, /downhill has 1/],
		[
			{ code: 'rollOutOfRange', index: 2, length: fromFeet(60) },
			/Roll 3 of 60\.0 ft cannot be.*type it again/
		],
		[{ code: 'rollsDisagree', way: 'up', spread: fromFeet(4) }, /uphill rolls differ by 4\.0 ft/],
		[{ code: 'tooSteep', slope: 0.085 }, /slopes 9 %.*flatter one/],
		[
			{ code: 'placesDisagree', speeds: [fromFeet(8), fromFeet(11)] },
			/8\.0 ft, 11\.0 ft.*measure one of them again/
		]
	])('says what is wrong and what to do: %j', (problem, words) => {
		expect(speedProblemWords(problem)).toMatch(words);
	});
});

describe('lineProblemWords', () => {
	it('says what to drag where', () => {
		for (const problem of ['pinOffGreen', 'tooNear', 'tooFar'] as const)
			expect(lineProblemWords(problem)).toContain('drag');
	});
});
