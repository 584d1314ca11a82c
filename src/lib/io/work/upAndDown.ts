import { SURFACE } from '$lib/core/ground/surfaces';
import { remainingInto, type Remaining } from '$lib/core/plan/race/cost';
import { YARD, type Ratio } from '$lib/core/units';
import { costsOf, type Golfer, type Standard } from './player';

/** How often somebody gets up and down from 20 yards of grass, as their strokes from there say. */
export function upAndDownOf(golfer: Pick<Golfer, 'costs' | keyof Standard>): Ratio {
	const out: Remaining = { strokes: 0, one: 0, two: 0 };
	remainingInto(20 * YARD, SURFACE.grainyFringe, costsOf(golfer), out);
	return out.two;
}
