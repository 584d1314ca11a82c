import type { SpeedProblem } from '$lib/core/today/readRamp';
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
