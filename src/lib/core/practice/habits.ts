import { shareOf, type Share } from '../math/share';
import type { Metres, Ratio } from '../units';
import type { DrillId } from './drills';
import type { PractisedBall, StrikeTag } from './practised';
import type { CountedBy } from './yardstick';

/** In what way a ball was not as meant, as far as it was seen. */
export const MISSES = [
	'heavy',
	'thin',
	'left',
	'right',
	'short',
	'long',
	'runs-on',
	'checks'
] as const;
export type Miss = (typeof MISSES)[number];

/** By what misses are sorted. */
export interface MissedBall extends PractisedBall {
	lie: string;
	/** Day of the session, as a person writes it: 2026-10-18. */
	day: string;
	/** Where it was to end; null where only the landing was meant. */
	flag: Metres | null;
	/** By what its drill counts. */
	rules: CountedBy;
	/** Whether strikes were looked at in its session. */
	tagged: boolean;
	/** Whether its drill counts it as done as meant: the one yardstick, the same that the session's score has. */
	asMeant: boolean;
}

/** What a miss is read off. */
export type JudgedBall = Pick<
	MissedBall,
	'asMeant' | 'tags' | 'rules' | 'landed' | 'finished' | 'meant' | 'flag' | 'inferred'
>;

/** The drill that treats a miss (common practice, no source). */
export const TREATED_BY: Readonly<Record<Miss, DrillId>> = {
	heavy: 'sole-on-turf',
	thin: 'sole-on-turf',
	left: 'rehearse-to-spot',
	right: 'rehearse-to-spot',
	short: 'swing-matrix',
	long: 'swing-matrix',
	'runs-on': 'landing-box',
	checks: 'three-flights'
};

const TAGGED: readonly (StrikeTag & Miss)[] = ['heavy', 'thin', 'left', 'right'];
/** Along the line or to the side, whichever is farther off. */
const sideOrLength = (along: Metres, right: Metres): Miss =>
	Math.abs(right) > Math.abs(along) ? (right < 0 ? 'left' : 'right') : along < 0 ? 'short' : 'long';

/**
 * What went wrong with a ball: what was said of the strike first; a ball meant to land somewhere is judged by its landing, one meant to end
 * somewhere by its end, and by its run where it landed right.
 *
 * @param ball with what was meant
 * @returns null for a ball that did what it was to do, or of which nothing more is known
 */
export function missOf(ball: JudgedBall): Miss | null {
	if (ball.asMeant) return null;
	const said = TAGGED.find((tag) => ball.tags.includes(tag));
	if (said) return said;
	if (ball.rules.measure === 'strike') return null;
	const landed = ball.landed[0] - (ball.meant ?? ball.landed[0]);
	if (ball.flag === null) return ball.inferred ? null : sideOrLength(landed, ball.landed[1]);
	if (!ball.finished) return null;
	const [off, right] = [ball.finished[0] - ball.flag, ball.finished[1]];
	const landedRight =
		!ball.inferred && ball.meant !== null && Math.abs(landed) <= ball.rules.tolerance;
	if (landedRight && Math.abs(off) > Math.abs(right)) return off > 0 ? 'runs-on' : 'checks';
	return sideOrLength(off, right);
}

/** Somebody without any habit is told of one no more often than this, whichever. */
const FALSE_ALARM: Ratio = 0.05;

/** How often a miss happens. */
export interface Habit {
	miss: Miss;
	share: Share;
	/** How many of as many balls are to be expected of this skill; null where nobody knows. */
	expected: number | null;
	/** Whether it happens more often than this skill and luck explain. */
	stands: boolean;
	treatedBy: DrillId;
}

/**
 * How often each miss happens: first those that stand out from what the skill does, then the others, each the most frequent first.
 *
 * @param balls in any order
 * @param expected of this skill; without it nothing stands out
 */
export function habitsOf(
	balls: readonly MissedBall[],
	expected: ReadonlyMap<Miss, { count: number; luck: Ratio }> = new Map()
): Habit[] {
	const counts = new Map<Miss, number>();
	for (const ball of balls) {
		const miss = missOf(ball);
		if (miss) counts.set(miss, (counts.get(miss) ?? 0) + 1);
	}
	return [...counts]
		.map(([miss, hits]) => ({
			miss,
			share: shareOf(hits, balls.length),
			expected: expected.get(miss)?.count ?? null,
			stands: (expected.get(miss)?.luck ?? 1) < FALSE_ALARM / MISSES.length,
			treatedBy: TREATED_BY[miss]
		}))
		.sort((a, b) => Number(b.stands) - Number(a.stands) || b.share.hits - a.share.hits);
}

/** Where misses gather: shares of balls that were not as meant, by one thing. */
export interface MissesBy {
	name: string;
	share: Share;
	/** What goes wrong most often there; null where nothing does. */
	most: Miss | null;
}

/**
 * Misses by club, lie, swing or day.
 *
 * @param by what names the heap of a ball
 * @returns the worst heap first
 */
export function missesBy(
	balls: readonly MissedBall[],
	by: (ball: MissedBall) => string
): MissesBy[] {
	const heaps = new Map<string, MissedBall[]>();
	for (const ball of balls) heaps.set(by(ball), [...(heaps.get(by(ball)) ?? []), ball]);
	return [...heaps]
		.map(([name, heap]) => ({
			name,
			share: shareOf(heap.filter(({ asMeant }) => !asMeant).length, heap.length),
			most: habitsOf(heap)[0]?.miss ?? null
		}))
		.sort((a, b) => b.share.hits / b.share.of - a.share.hits / a.share.of);
}
