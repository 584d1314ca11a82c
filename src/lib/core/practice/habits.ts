import { shareOf, type Share } from '../math/share';
import type { Metres } from '../units';
import type { DrillId } from './drills';
import type { PractisedBall, StrikeTag } from './practised';

/** What went wrong with a ball, as far as it was seen. */
export type Miss = 'heavy' | 'thin' | 'left' | 'right' | 'short' | 'long' | 'runs-on' | 'checks';

/** By what misses are sorted. */
export interface MissedBall extends PractisedBall {
	lie: string;
	/** Day of the session, as a person writes it: 2026-10-18. */
	day: string;
	/** How far it was to roll; null where nothing was forecast. */
	meantRoll: Metres | null;
	tolerance: Metres;
}

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
/** Off line by more than this share of the carry is left or right (assumption: some 8°). */
const OFF_LINE = 0.14;
/** A roll that differs by more than this share and length from what was meant. */
const ROLL_SHARE = 0.35;
const ROLL_LENGTH: Metres = 0.6;

/**
 * What went wrong with a ball: what was said of the strike first, then where it landed, then how it ran.
 *
 * @param ball with what was meant
 * @returns null for a ball that did what it was to do
 */
export function missOf(ball: MissedBall): Miss | null {
	const said = TAGGED.find((tag) => ball.tags.includes(tag));
	if (said) return said;
	const [along, right] = ball.landed;
	const off = ball.meant === null ? 0 : along - ball.meant;
	if (Math.abs(off) > ball.tolerance) return off < 0 ? 'short' : 'long';
	if (Math.abs(right) > Math.max(ball.tolerance / 2, OFF_LINE * along))
		return right < 0 ? 'left' : 'right';
	if (!ball.finished || ball.meantRoll === null) return null;
	const ran = ball.finished[0] - along - ball.meantRoll;
	if (Math.abs(ran) <= Math.max(ROLL_LENGTH, ROLL_SHARE * ball.meantRoll)) return null;
	return ran > 0 ? 'runs-on' : 'checks';
}

/** How often a miss happens. */
export interface Habit {
	miss: Miss;
	share: Share;
	treatedBy: DrillId;
}

/**
 * How often each miss happens, the most frequent first.
 *
 * @param balls in any order
 */
export function habitsOf(balls: readonly MissedBall[]): Habit[] {
	const counts = new Map<Miss, number>();
	for (const ball of balls) {
		const miss = missOf(ball);
		if (miss) counts.set(miss, (counts.get(miss) ?? 0) + 1);
	}
	return [...counts]
		.map(([miss, hits]) => ({
			miss,
			share: shareOf(hits, balls.length),
			treatedBy: TREATED_BY[miss]
		}))
		.sort((a, b) => b.share.hits - a.share.hits);
}

/** Where misses gather: shares of balls that went wrong, by one thing. */
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
			share: shareOf(heap.filter((ball) => missOf(ball) !== null).length, heap.length),
			most: habitsOf(heap)[0]?.miss ?? null
		}))
		.sort((a, b) => b.share.hits / b.share.of - a.share.hits / a.share.of);
}
