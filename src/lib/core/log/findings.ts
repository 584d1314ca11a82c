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

/**
 * Looks at what results are off by, in all and in groups.
 *
 * @param scored results
 * @param level of all looks together: with nothing behind them one is told no more often than this
 * @returns every look of which there are enough results, the surest first
 */
export function findingsOf(scored: readonly Grouped[], level = 0.1): Finding[] {
	const found = LOOKS.flatMap(([grouping, directions]) =>
		[...groupsOf(scored, grouping)].flatMap(([group, members]) =>
			directions.flatMap((direction) => {
				const offset = offsetOf(
					members.flatMap(({ misses }): Miss[] => {
						const miss = misses[direction];
						return miss ? [miss] : [];
					})
				);
				return offset ? [{ grouping, group, direction, offset }] : [];
			})
		)
	);
	const holds = holding(
		found.map(({ offset }) => offset.luck),
		level
	);
	return found
		.map((finding, i) => ({ ...finding, holds: holds[i]! }))
		.sort((a, b) => a.offset.luck - b.offset.luck);
}

/** By what they share; a group that is everybody says nothing that all do not say. */
function groupsOf(scored: readonly Grouped[], grouping: Grouping): Map<string, Grouped[]> {
	if (grouping === 'all') return new Map([['', [...scored]]]);
	const found = new Map<string, Grouped[]>();
	for (const one of scored) {
		const group = one.groups[grouping];
		const members = found.get(group);
		if (members) members.push(one);
		else found.set(group, [one]);
	}
	return found.size > 1 ? found : new Map<string, Grouped[]>();
}
