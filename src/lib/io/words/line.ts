import type { LineProblem } from '$lib/core/green/lineOfPlay';

const WORDS: Record<LineProblem | 'tooFar', string> = {
	pinOffGreen: 'The pin does not stand on the green: drag it onto the putting surface.',
	tooNear: 'Ball and pin are less than a pace apart: drag the ball away from the pin.',
	tooFar: 'The ball is more than 80 m from the pin: drag it nearer.'
};

/** Why there is no line of play, and what to do. */
export const lineProblemWords = (problem: LineProblem | 'tooFar'): string => WORDS[problem];
