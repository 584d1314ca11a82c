import { shareOf, type Share } from '../math/share';
import { median } from '../math/robust';
import { mean, standardError } from '../plan/race/statistics';
import type { Metres } from '../units';

/** One shot that was played to the end, beside what was expected of it. */
export interface Holed {
	/** This one counted; null where nobody counted. */
	strokes: number | null;
	/** That were expected; null where nothing was forecast. */
	expected: number | null;
	/** How far from the hole it ended, metres; 0 where it was holed. */
	leave: Metres | null;
}

/** What shots came to. */
export interface Reckoning {
	n: number;
	/** Those that were played to the end. */
	counted: number;
	/** Strokes a shot, of those that were counted; NaN for none. */
	strokes: number;
	/** Strokes over what was expected, a shot, and one standard error; null where too few have both. */
	over: { mean: number; error: number; n: number } | null;
	upAndDown: Share;
	fourOrMore: Share;
	/** The middle leave; NaN where none is known. */
	leave: Metres;
}

const UP_AND_DOWN = 2;
const MANY = 4;
const FEWEST_TO_COMPARE = 6;

/**
 * What shots came to.
 *
 * @param shots any number, in any order
 */
export function reckon(shots: readonly Holed[]): Reckoning {
	const strokes = shots.flatMap((shot) => (shot.strokes === null ? [] : [shot.strokes]));
	const over = shots.flatMap(({ strokes: played, expected }) =>
		played === null || expected === null ? [] : [played - expected]
	);
	const share = (test: (n: number) => boolean) =>
		shareOf(strokes.filter(test).length, strokes.length);
	return {
		n: shots.length,
		counted: strokes.length,
		strokes: mean(strokes),
		over:
			over.length < FEWEST_TO_COMPARE
				? null
				: { mean: mean(over), error: standardError(over), n: over.length },
		upAndDown: share((n) => n <= UP_AND_DOWN),
		fourOrMore: share((n) => n >= MANY),
		leave: median(shots.flatMap(({ leave }) => (leave === null ? [] : [leave])))
	};
}
