import type { TimedProblem } from '$lib/core/today/timedPutt';
import { toPercent } from '$lib/core/units';

const WAY = { up: 'one way', down: 'the other way' };

/** Why timed putts give no green speed, and what to do. */
export function timedProblemWords(problem: TimedProblem): string {
	switch (problem.code) {
		case 'tooFew':
			return `Two putts each way are the least: ${WAY[problem.way]} has ${problem.found}. One way is enough where the slope is known.`;
		case 'outOfRange':
			return `Putt ${problem.index + 1} cannot be: length and time do not go together, or it was under a metre. Take it out or put it again.`;
		case 'disagree':
			return `The putts ${WAY[problem.way]} do not agree: a thumb was late, or one hit a mark. Take it out and putt another.`;
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
