import { carryTable } from '../../src/lib/core/player/carryTable';
import { PROFILE, type Skill } from '../../src/lib/core/player/player';
import { balls, middleOf, PLANS, SHAPES, type Truth } from './pupils';

/** Balls a cell has. */
export const COUNTS = [3, 8, 15, 30] as const;
/** Relative spread of a ball's carry on one day, skill by skill; ours, a little under what the app presumes. */
const SPREADS: Readonly<Record<Skill, number>> = {
	expert: 0.12,
	scratch: 0.16,
	middle: 0.22,
	high: 0.28
};
const DAYS = 0.06;
const CARRY = 12;

/** How often the interval of a cell held the truth, for one kind of pupil. */
export interface HeldRow {
	skill: Skill;
	shape: string;
	plan: string;
	/** In the order of `COUNTS`. */
	held: number[];
}

/** @param trials cells a figure */
export function heldCarries(trials: number): HeldRow[] {
	const skills = Object.keys(SPREADS) as Skill[];
	return PLANS.flatMap((plan) =>
		SHAPES.flatMap((shape) =>
			skills.map((skill) => {
				const truth: Truth = { carry: CARRY, spread: SPREADS[skill], days: DAYS, shape, plan };
				const middle = middleOf(truth);
				const held = COUNTS.map((n) => {
					let inside = 0;
					for (let trial = 0; trial < trials; trial++) {
						const facts = balls(truth, n, 1 + trial * 7919 + n).map(({ day, carry }) => ({
							club: 'SW',
							swing: '9',
							flight: 'standard',
							carry,
							day,
							stated: false
						}));
						const [cell] = carryTable(facts, PROFILE[skill].dispersion.speed);
						if (cell!.low <= middle && middle <= cell!.high) inside++;
					}
					return inside / trials;
				});
				return { skill, shape, plan, held };
			})
		)
	);
}
