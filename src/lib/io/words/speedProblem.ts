import type { SpeedProblem } from '$lib/core/today/readRamp';
import type { TimedProblem } from '$lib/core/today/timedPutt';
import { toFeet, toPercent } from '$lib/core/units';

const feet = (metres: number): string => `${toFeet(metres).toFixed(1)} ft`;
const WAY = { up: 'uphill', down: 'downhill' };

/** Why a set of rolls gives no green speed, and what to do. */
export function speedProblemWords(problem: SpeedProblem): string {
	switch (problem.code) {
		case 'tooFewRolls':
			return `Two rolls each way are the least: ${WAY[problem.way]} has ${problem.found}.`;
		case 'rollOutOfRange':
			return `Roll ${problem.index + 1} of ${feet(problem.length)} cannot be: a ramp ball rolls between 1.5 and 40 ft. Take it out or type it again.`;
		case 'rollsDisagree':
			return `The ${WAY[problem.way]} rolls differ by ${feet(problem.spread)}: one was pushed or hit a mark. Take it out and roll another.`;
		case 'tooSteep':
			return `This place slopes ${toPercent(problem.slope).toFixed(0)} %, too steep to correct for. Find a flatter one.`;
		case 'placesDisagree':
			return `The places do not agree (${problem.speeds.map(feet).join(', ')}): measure one of them again, or they are two different greens.`;
	}
}

const PUTTED = { up: 'one way', down: 'the other way' };

/** Why timed putts give no green speed, and what to do. */
export function timedProblemWords(problem: TimedProblem): string {
	switch (problem.code) {
		case 'tooFew':
			return `Two putts each way are the least: ${PUTTED[problem.way]} has ${problem.found}. One way is enough where the slope is known.`;
		case 'outOfRange':
			return `Putt ${problem.index + 1} cannot be: length and time do not go together, or it was under a metre. Take it out or put it again.`;
		case 'disagree':
			return `The putts ${PUTTED[problem.way]} do not agree: a thumb was late, or one hit a mark. Take it out and putt another.`;
		case 'tooSteep':
			return `This place slopes ${toPercent(problem.slope).toFixed(0)} %, too steep to correct for. Find a flatter one.`;
	}
}

/** What timed putts say of the thumb. */
export function lagWords(lag: number | null): string {
	if (lag === null)
		return 'A thumb may be a tenth of a second late every time: putts of two lengths, one twice as long as the other, show it.';
	const by = Math.abs(lag).toFixed(2);
	return `This thumb is about ${by} s ${lag > 0 ? 'late' : 'early'} every time: taken off.`;
}
