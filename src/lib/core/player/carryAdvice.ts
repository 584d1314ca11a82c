import type { Metres } from '../units';
import { ENOUGH_BALLS, type CarryCell } from './carryTable';

/** Carries that no measured swing reaches. */
export interface CarryGap {
	from: Metres;
	to: Metres;
	/** The cells on both sides. */
	below: CarryCell;
	above: CarryCell;
}

/** Two swings of different clubs that carry the same. */
export interface CarryOverlap {
	one: CarryCell;
	other: CarryCell;
}

/** A hole between two means this wide is one, whatever the spread. */
const LEAST_GAP: Metres = 3;
/** A hole is no hole while balls of both sides often fall into it: so many of their deviations. */
const GAP_DEVIATIONS = 1.3;
/** Means nearer than this share of their spread cannot be told apart by where the balls land. */
const SAME_SHARE = 0.35;
const SAME_WITHIN: Metres = 0.6;

/** By rising mean. */
const sorted = (cells: readonly CarryCell[]): CarryCell[] =>
	[...cells].sort((a, b) => a.mean - b.mean);

/**
 * Holes in what a player can carry, between the shortest and the longest measured swing.
 *
 * @param cells of one flight; any order
 * @returns the widest first
 */
export function carryGaps(cells: readonly CarryCell[]): CarryGap[] {
	const row = sorted(cells);
	return row
		.slice(1)
		.map((above, i): CarryGap => {
			const below = row[i]!;
			return { from: below.mean, to: above.mean, below, above };
		})
		.filter(
			({ from, to, below, above }) =>
				to - from > Math.max(LEAST_GAP, (GAP_DEVIATIONS * (below.posterior + above.posterior)) / 2)
		)
		.sort((a, b) => b.to - b.from - (a.to - a.from));
}

/** Whether enough is known of a cell to say that another goes as far. */
const isKnown = ({ n, stated }: CarryCell): boolean => stated || n >= ENOUGH_BALLS;

/**
 * Pairs of swings with different clubs of which one would do; of swings with few balls nobody can say so.
 *
 * @param cells of one flight; any order
 * @returns the closest first
 */
export function carryOverlaps(cells: readonly CarryCell[]): CarryOverlap[] {
	const row = sorted(cells.filter(isKnown));
	const apart = ({ one, other }: CarryOverlap) => Math.abs(one.mean - other.mean);
	return row
		.flatMap((one, i) => row.slice(i + 1).map((other): CarryOverlap => ({ one, other })))
		.filter(
			(pair) =>
				pair.one.club !== pair.other.club &&
				apart(pair) <=
					Math.min(SAME_WITHIN, SAME_SHARE * Math.min(pair.one.posterior, pair.other.posterior))
		)
		.sort((a, b) => apart(a) - apart(b));
}
