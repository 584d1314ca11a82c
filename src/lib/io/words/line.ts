import type { LineProblem } from '$lib/core/green/lineOfPlay';
import type { Stretch } from '$lib/core/plan/studies/lieOfTheLand';
import { toPercent, type Metres } from '$lib/core/units';

const WORDS: Record<LineProblem | 'tooFar', string> = {
	pinOffGreen: 'The pin does not stand on the green: drag it onto the putting surface.',
	tooNear: 'Ball and pin are less than a pace apart: drag the ball away from the pin.',
	tooFar: 'The ball is more than 80 m from the pin: drag it nearer.'
};

/** Why there is no line of play, and what to do. */
export const lineProblemWords = (problem: LineProblem | 'tooFar'): string => WORDS[problem];

/** Slopes under this are level to an eye: percent. */
const LEVEL = 0.5;
const percent = (of: number): string => {
	const size = Math.abs(of);
	return size < 3 ? (Math.round(size * 2) / 2).toString() : Math.round(size).toString();
};

/** How a stretch falls: "falls left to right, about 2 %, and rises about 1 %". */
export function fallWords({ along, across }: Pick<Stretch, 'along' | 'across'>): string {
	const [up, right] = [toPercent(along), toPercent(across)];
	const side =
		Math.abs(right) < LEVEL
			? ''
			: `falls ${right > 0 ? 'left to right' : 'right to left'}, about ${percent(right)} %`;
	const way =
		Math.abs(up) < LEVEL ? '' : `${up > 0 ? 'rises' : 'falls away'} about ${percent(up)} %`;
	return [side, way].filter(Boolean).join(', and ') || 'is level';
}

/**
 * What an eye should see of a shot, in sentences.
 *
 * @param stretches of `lieOfTheLand`
 * @param toEdge where the green begins
 */
export function landWords(
	stretches: readonly Stretch[],
	toEdge: Metres,
	say: (metres: Metres) => string
): string {
	const alike = new Set(stretches.map(fallWords));
	if (alike.size === 1) return `All the way it ${[...alike][0]}.`;
	return stretches
		.map((stretch, i) => {
			const length = say(stretch.to - stretch.from);
			const last = i === stretches.length - 1;
			const before = stretch.to <= toEdge + 1e-6;
			const what = before
				? 'The ground before the green'
				: last
					? `The last ${length}`
					: `The first ${length} of the green`;
			return `${what} ${fallWords(stretch)}.`;
		})
		.join(' ');
}
