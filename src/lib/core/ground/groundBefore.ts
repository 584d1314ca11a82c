import type { LieId } from '../lie/lies';
import type { FringeId } from './surfaces';

/** What most likely grows between ball and edge where nobody has said it: more of what the ball lies in (common practice, no source). */
const GROUND: Readonly<Record<LieId, FringeId>> = {
	tight: 'smooth',
	fairway: 'smooth',
	fringe: 'smooth',
	'sitting-up': 'smooth',
	'first-cut': 'grainy',
	'sitting-down': 'grainy',
	sand: 'grainy',
	'semi-rough': 'rough',
	'deep-rough': 'rough'
};

/** The ground before the edge that goes with a lie. */
export const groundBefore = (lie: LieId): FringeId => GROUND[lie];
