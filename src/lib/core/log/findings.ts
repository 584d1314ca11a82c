import { grouped } from '../math/grouped';
import type { Metres } from '../units';
import { holding } from './holm';
import { offsetOf, type Miss, type Offset } from './offset';
import type { Direction, Scored } from './score';

/** What results are grouped by: all of them, or those that have one thing in common. */
export const GROUPINGS = ['all', 'lie', 'club', 'slope', 'swing', 'day'] as const;
export type Grouping = (typeof GROUPINGS)[number];

/** A scored result with what it may be grouped by. */
export interface Grouped extends Scored {
	groups: Readonly<Record<Exclude<Grouping, 'all'>, string>>;
}

/** Results that share something and are off in common, in one direction. */
export interface Finding {
	grouping: Grouping;
	/** Which of them; empty for all. */
	group: string;
	direction: Direction;
	offset: Offset;
	/** Whether it holds although so many others were looked at. */
	holds: boolean;
}

/** Where results end is looked at everywhere; what explains it only for all and by lie, so that fewer looks have to be paid for. */
const LOOKS: readonly [Grouping, readonly Direction[]][] = [
	['all', ['end', 'side', 'landing', 'landingSide', 'run', 'ratio']],
	['lie', ['end', 'landing', 'run']],
	['club', ['end']],
	['slope', ['end']],
	['swing', ['end']],
	['day', ['end']]
];

/** A look at one direction of one group, of which nobody knows yet whether it holds beside all others. */
export type Look = Omit<Finding, 'holds'>;

/**
 * Looks at what results are off by, in all and in groups.
 *
 * @param scored results
 * @returns every look of which there are enough results, one after another: thousands of results take a while
 */
export function* looksAt(scored: readonly Grouped[]): Generator<Look> {
	for (const [grouping, directions] of LOOKS)
		for (const [group, members] of groupsOf(scored, grouping))
			for (const direction of directions) {
				const offset = offsetOf(
					members.flatMap(({ misses }): Miss[] => {
						const miss = misses[direction];
						return miss ? [miss] : [];
					})
				);
				if (offset) yield { grouping, group, direction, offset };
			}
}

/**
 * Which looks hold although so many were taken.
 *
 * @param looks at the same results
 * @param level of all looks together: with nothing behind them one is told no more often than this
 * @returns all of them, the surest first
 */
export function findingsOf(looks: readonly Look[], level = 0.1): Finding[] {
	const holds = holding(
		looks.map(({ offset }) => offset.luck),
		level
	);
	return looks
		.map((look, i) => ({ ...look, holds: holds[i]! && isSeen(look) }))
		.sort((a, b) => a.offset.luck - b.offset.luck);
}

/** Nobody sees where a ball ends better than this, nor would anybody play otherwise for it. */
const SEEN: Metres = 0.05;
const SEEN_RATIO = 0.02;

const isSeen = ({ direction, offset: { centre } }: Look): boolean =>
	Math.abs(centre) >= (direction === 'ratio' ? SEEN_RATIO : SEEN);

/** By what they share; a group that is everybody says nothing that all do not say. */
function groupsOf(scored: readonly Grouped[], grouping: Grouping): Map<string, Grouped[]> {
	if (grouping === 'all') return new Map([['', [...scored]]]);
	const found = grouped(scored, ({ groups }) => groups[grouping]);
	return found.size > 1 ? found : new Map<string, Grouped[]>();
}
