import { describe, expect, it } from 'vitest';
import { surfaceTilt, type StillTilt } from '$lib/core/today/phoneTilt';
import { surfaceTiltWords } from './tilt';
import { lagWords, timedProblemWords } from './speedProblem';

const still = (along: number, across: number): StillTilt => ({
	along,
	across,
	noise: 0.001,
	samples: 40
});
const words = (along: number, across: number) =>
	surfaceTiltWords(surfaceTilt(still(along, across), still(-along, -across)), 'toward the pin');

describe('a slope found by the phone', () => {
	it.each([
		[0.02, 0, '2.0 ± 0.5 %, rising toward the pin'],
		[-0.02, 0.001, '2.0 ± 0.5 %, falling toward the pin'],
		[0, -0.03, '3.0 ± 0.5 %, falling 90° to the right of the pin'],
		[0, 0.03, '3.0 ± 0.5 %, falling 90° to the left of the pin'],
		[-0.02, -0.02, '2.8 ± 0.5 %, falling 45° to the right of the pin'],
		[0.02, 0.02, '2.8 ± 0.5 %, rising 45° to the right of the pin'],
		[0.02, -0.02, '2.8 ± 0.5 %, rising 45° to the left of the pin'],
		[0.001, 0, 'Level, as far as a phone can tell: within 0.5 %']
	])('rises %f along and %f across', (along, across, said) => {
		expect(words(along, across)).toBe(said);
	});
});

it('says why timed putts give no speed, and what to do', () => {
	expect(timedProblemWords({ code: 'tooFew', way: 'down', found: 1 })).toContain(
		'the other way has 1'
	);
	expect(timedProblemWords({ code: 'outOfRange', index: 2 })).toContain('Putt 3');
	expect(timedProblemWords({ code: 'disagree', way: 'up' })).toContain('one way do not agree');
	expect(timedProblemWords({ code: 'tooSteep', slope: 0.08 })).toContain('slopes 8 %');
});

it('says of a thumb that it is late, early, or may be', () => {
	expect(lagWords(0.148)).toContain('0.15 s late');
	expect(lagWords(-0.1)).toContain('0.10 s early');
	expect(lagWords(null)).toContain('two lengths');
});
