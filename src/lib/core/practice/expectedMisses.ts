import { median } from '../math/robust';
import { createRng, type Rng } from '../math/random';
import { DAY_SPREAD } from '../player/carryDays';
import type { Metres, Ratio } from '../units';
import { MISSES, missOf, type Miss, type MissedBall } from './habits';
import type { SeenBall } from './simulatedPupil';
import { isAsMeant, yardstickOf } from './yardstick';

/** Balls of a session that were to do the same, and what balls of a pupil of this skill do who means the same. */
export interface MissKind {
	balls: readonly MissedBall[];
	pool: readonly SeenBall[];
}

/** How often a miss is to be expected of this skill. */
export interface ExpectedMiss {
	/** Of all balls, on average. */
	count: number;
	/** How often luck alone shows as many as were seen, or more. */
	luck: Ratio;
}

/** So many times the whole practice is hit again. */
const TIMES = 400;
/** Nobody notes a landing nearer to the ball than this. */
const NOT_BEFORE: Metres = 0.2;

/** Balls of a pool as somebody would hit them who aims right: their middle where it was meant to be. */
function aimed({ balls, pool }: MissKind): SeenBall[] {
	const [ball] = balls;
	if (!ball || pool.length === 0) return [];
	const byFlag = yardstickOf(ball.rules) === 'flag' && ball.flag !== null;
	const target = byFlag ? ball.flag! : (ball.meant ?? ball.landed[0]);
	const middle = median(pool.map(({ landed, finished }) => (byFlag ? finished : landed)[0]));
	return pool.map(({ landed, finished, contact }) => ({
		landed: [landed[0] + target - middle, landed[1]],
		finished: [finished[0] + target - middle, finished[1]],
		contact
	}));
}

/** A ball hit again by somebody of this skill, on a day as long or short as that; a bad strike may be said or not. */
function again(
	ball: MissedBall,
	{ landed, finished, contact }: SeenBall,
	day: Ratio,
	saysSo: boolean
): MissedBall {
	const fallen = Math.max(NOT_BEFORE, landed[0] * day);
	const hit = {
		...ball,
		landed: [fallen, landed[1]] as const,
		finished: ball.finished && ([finished[0] + fallen - landed[0], finished[1]] as const),
		tags: saysSo && ball.tagged && contact !== 'clean' ? [contact] : []
	};
	// Nobody says "good" of a simulated ball: one that was met clean is.
	const said =
		ball.rules.measure === 'strike' && contact === 'clean' ? ['good' as const] : hit.tags;
	const asMeant = isAsMeant(ball.rules, ball.flag ?? 0, { ...hit, tags: said });
	return { ...hit, asMeant };
}

/** How often each miss comes when all balls are hit once more. */
function missesOnce(kinds: readonly MissKind[], rng: Rng, saysSo: boolean): Map<Miss, number> {
	const days = new Map<string, Ratio>();
	const counts = new Map<Miss, number>();
	for (const { balls, pool } of kinds)
		for (const ball of balls) {
			const day = days.get(ball.day) ?? 1 + DAY_SPREAD * rng.normal();
			days.set(ball.day, day);
			const miss = missOf(again(ball, pool[Math.floor(rng.uniform() * pool.length)]!, day, saysSo));
			if (miss) counts.set(miss, (counts.get(miss) ?? 0) + 1);
		}
	return counts;
}

/**
 * How often each miss is to be expected of a skill, and how often luck alone shows as many as there were: the whole practice is hit again by
 * players who aim right, whose days differ.
 *
 * @param kinds each with a pool that is not empty; those with an empty one are passed over
 * @param seed decides the luck
 */
export function expectedMisses(
	kinds: readonly MissKind[],
	seed: number
): ReadonlyMap<Miss, ExpectedMiss> {
	const known = kinds
		.map((kind) => ({ balls: kind.balls, pool: aimed(kind) }))
		.filter(({ pool }) => pool.length > 0);
	const seen = new Map<Miss, number>();
	for (const { balls } of known)
		for (const ball of balls) {
			const miss = missOf(ball);
			if (miss) seen.set(miss, (seen.get(miss) ?? 0) + 1);
		}
	const times = [true, false].map((saysSo) => {
		const rng = createRng(seed);
		return Array.from({ length: TIMES }, () => missesOnce(known, rng, saysSo));
	});
	const held = (miss: Miss, all: readonly ReadonlyMap<Miss, number>[]): ExpectedMiss => {
		const counts = all.map((one) => one.get(miss) ?? 0);
		const asMany = counts.filter((count) => count >= (seen.get(miss) ?? 0)).length;
		return {
			count: counts.reduce((sum, count) => sum + count, 0) / TIMES,
			luck: (asMany + 1) / (TIMES + 1)
		};
	};
	// Not everybody says of every ball how it was struck: what is not said is seen as short or long. The likelier of both is taken.
	return new Map(
		MISSES.map((miss) => {
			const [said, unsaid] = times.map((all) => held(miss, all)) as [ExpectedMiss, ExpectedMiss];
			return [miss, unsaid.luck > said.luck ? unsaid : said];
		})
	);
}
