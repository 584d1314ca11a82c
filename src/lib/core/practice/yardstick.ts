import type { Metres } from '../units';
import type { Drill } from './drill';
import type { PractisedBall } from './practised';

/** By what a drill counts its balls. */
export type CountedBy = Pick<Drill, 'measure' | 'mark' | 'tolerance'>;

/** What a ball is held against: how it was struck, how many strokes it took, a flag, a mark to land at, or only the line to it. */
export type Yardstick = 'strike' | 'strokes' | 'flag' | 'mark' | 'line';

/** A drill that lays nothing on the green says nothing of how far a ball is to go. */
export function yardstickOf({ measure, mark }: CountedBy): Yardstick {
	if (measure === 'strike' || measure === 'strokes') return measure;
	return mark === 'flag' ? 'flag' : mark === 'none' ? 'line' : 'mark';
}

/** What is held against it. */
export type SeenForYardstick = Pick<
	PractisedBall,
	'landed' | 'finished' | 'meant' | 'inferred' | 'tags' | 'strokes'
>;

/**
 * How far a ball was off what it was meant to do: from the flag where it ended, from its mark or its line where it landed.
 *
 * @param at where the flag of the drill stands
 * @returns null where that was not seen
 */
export function offBy(rules: CountedBy, at: Metres, ball: SeenForYardstick): Metres | null {
	const { landed, finished, meant, inferred } = ball;
	if (rules.mark === 'flag') return finished && Math.hypot(finished[0] - at, finished[1]);
	if (inferred) return null;
	const [along, right] = landed;
	return yardstickOf(rules) === 'line'
		? Math.abs(right)
		: Math.hypot(along - (meant ?? along), right);
}

/** Whether a ball did what it was meant to do: the one yardstick of a score, a page and a habit. */
export function isAsMeant(rules: CountedBy, at: Metres, ball: SeenForYardstick): boolean {
	if (ball.tags.includes('wild')) return false;
	if (rules.measure === 'strike') return ball.tags.includes('good');
	if (rules.measure === 'strokes') return (ball.strokes ?? Infinity) <= 2;
	return (offBy(rules, at, ball) ?? Infinity) <= rules.tolerance;
}
