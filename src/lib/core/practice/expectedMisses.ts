import { median } from '../math/robust';
import { createRng, type Rng } from '../math/random';
import { DAY_SPREAD } from '../player/carryDays';
import type { Metres, Ratio } from '../units';
import { MISSES, missOf, type JudgedBall, type Miss, type MissedBall } from './habits';
import type { SeenBall } from './simulatedPupil';
import { isAsMeant, yardstickOf, type SeenForYardstick } from './yardstick';

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
const TIMES = 600;
/** What each of two looks at one miss costs: their inverses add up to one. */
const PRICE = { count: 1.5, lean: 3 } as const;
/** Nobody notes a landing nearer to the ball than this. */
const NOT_BEFORE: Metres = 0.2;

/** A kind whose pool is ready to be hit from. */
interface Aimed extends MissKind {
	/** How far short (+) or past of what is meant the middle of its well struck balls lies, in lengths of it. */
	lack: Ratio;
}

/** Balls of a pool as somebody would hit them who aims right: their middle where it was meant to be. */
function aimed({ balls, pool }: MissKind): Aimed {
	const [ball] = balls;
	if (!ball || pool.length === 0) return { balls, pool: [], lack: 0 };
	const byFlag = yardstickOf(ball.rules) === 'flag' && ball.flag !== null;
	const target = byFlag ? ball.flag! : (ball.meant ?? ball.landed[0]);
	const middle = median(pool.map(({ landed, finished }) => (byFlag ? finished : landed)[0]));
	const moved = pool.map(({ landed, finished, contact }): SeenBall => ({
		landed: [landed[0] + target - middle, landed[1]],
		finished: [finished[0] + target - middle, finished[1]],
		contact
	}));
	const struck = moved
		.filter(({ contact }) => contact === 'clean')
		.map(({ landed, finished }) => (byFlag ? finished : landed)[0]);
	const lack = struck.length > 0 && target > 0 ? 1 - median(struck) / target : 0;
	return { balls, pool: moved, lack };
}

/** What is asked of a ball to see whether it missed, and how. */
type Looked = JudgedBall & SeenForYardstick & Pick<MissedBall, 'flag'>;

const NOTHING_SAID: MissedBall['tags'] = [];
const SAID: Record<SeenBall['contact'], MissedBall['tags']> = {
	clean: NOTHING_SAID,
	heavy: ['heavy'],
	thin: ['thin']
};

/** A ball hit again by somebody of this skill, on a day as long or short as that; a bad strike may be said or not. */
function again(
	{ finished: ended, meant, flag, inferred, strokes, rules, tagged }: MissedBall,
	{ landed, finished, contact }: SeenBall,
	day: Ratio,
	saysSo: boolean
): Looked {
	const fallen = Math.max(NOT_BEFORE, landed[0] * day);
	// Written out: balls are hit again by the hundred thousand.
	const hit = {
		landed: [fallen, landed[1]] as const,
		finished: ended && ([finished[0] + fallen - landed[0], finished[1]] as const),
		tags: saysSo && tagged ? SAID[contact] : NOTHING_SAID,
		meant,
		flag,
		inferred,
		strokes,
		rules,
		asMeant: false
	};
	// Nobody says "good" of a simulated ball: one that was met clean is.
	hit.asMeant = rules.measure === 'strike' ? contact === 'clean' : isAsMeant(rules, flag ?? 0, hit);
	return hit;
}

/** What practice shows: how often each miss came, and how far it leans to each side. */
interface Shown {
	counts: ReadonlyMap<Miss, number>;
	/** In lengths of what was meant, by their medians. */
	lean: Readonly<Partial<Record<Miss, Ratio>>>;
}

/** Where a ball came down or ended against what was meant; null of one that was badly struck, or of which nobody knows. */
function offOf(ball: Looked): readonly [Ratio, Ratio] | null {
	const struck = ball.tags.some((tag) => tag === 'heavy' || tag === 'thin');
	if (struck || ball.rules.measure === 'strike') return null;
	if (ball.flag !== null) {
		if (!ball.finished || ball.flag <= 0) return null;
		return [ball.finished[0] / ball.flag - 1, ball.finished[1] / ball.flag];
	}
	if (ball.inferred || ball.meant === null || ball.meant <= 0) return null;
	return [ball.landed[0] / ball.meant - 1, ball.landed[1] / ball.meant];
}

/**
 * What balls show.
 *
 * @param lacks of each ball's kind: whoever aims right has the middle of well struck balls where it was meant
 */
function shownBy(balls: readonly Looked[], lacks: readonly Ratio[]): Shown {
	const counts = new Map<Miss, number>();
	const along: Ratio[] = [];
	const across: Ratio[] = [];
	balls.forEach((ball, i) => {
		const miss = missOf(ball);
		if (miss) counts.set(miss, (counts.get(miss) ?? 0) + 1);
		const off = offOf(ball);
		if (!off) return;
		along.push(off[0] + (lacks[i] ?? 0));
		across.push(off[1]);
	});
	if (across.length === 0) return { counts, lean: {} };
	const [far, side] = [median(along), median(across)];
	return { counts, lean: { short: -far, long: far, left: -side, right: side } };
}

/** What the balls show when all are hit once more. */
function hitAgain(kinds: readonly Aimed[], rng: Rng, saysSo: boolean): Shown {
	const days = new Map<string, Ratio>();
	const hit: Looked[] = [];
	const lacks: Ratio[] = [];
	for (const { balls, pool, lack } of kinds) {
		// The pool is a sample, too, and what it says of the skill itself unsure: it is drawn anew, as far as it is hit from.
		const drawn: (SeenBall | undefined)[] = [];
		const any = () => Math.floor(rng.uniform() * pool.length);
		for (const ball of balls) {
			const day = days.get(ball.day) ?? 1 + DAY_SPREAD * rng.normal();
			days.set(ball.day, day);
			hit.push(again(ball, (drawn[any()] ??= pool[any()]!), day, saysSo));
			lacks.push(lack);
		}
	}
	return shownBy(hit, lacks);
}

/**
 * How often each miss is to be expected of a skill, and how often luck alone shows as many as there were, or leans as far to its side: the
 * whole practice is hit again by players who aim right, whose days differ.
 *
 * @param kinds each with a pool that is not empty; those with an empty one are passed over
 * @param seed decides the luck
 */
export function expectedMisses(
	kinds: readonly MissKind[],
	seed: number
): ReadonlyMap<Miss, ExpectedMiss> {
	const known = kinds.map(aimed).filter(({ pool }) => pool.length > 0);
	const seen = shownBy(
		known.flatMap(({ balls }) => balls),
		[]
	);
	const times = [true, false].map((saysSo) => {
		const rng = createRng(seed);
		return Array.from({ length: TIMES }, () => hitAgain(known, rng, saysSo));
	});
	const luckOf = (as: number): Ratio => (as + 1) / (TIMES + 1);
	const held = (miss: Miss, all: readonly Shown[]): ExpectedMiss => {
		const counts = all.map((one) => one.counts.get(miss) ?? 0);
		const often = seen.counts.get(miss) ?? 0;
		const count = counts.reduce((sum, of) => sum + of, 0) / TIMES;
		const asMany = luckOf(counts.filter((of) => of >= often).length);
		const leans = seen.lean[miss];
		if (leans === undefined || often === 0) return { count, luck: asMany };
		// A wide spread hides where the middle lies from whoever counts misses: both are looked at, and both looks are paid for.
		const asFar = luckOf(all.filter((one) => (one.lean[miss] ?? 0) >= leans).length);
		return { count, luck: Math.min(1, PRICE.count * asMany, PRICE.lean * asFar) };
	};
	// Not everybody says of every ball how it was struck: what is not said is seen as short or long. The likelier of both is taken.
	return new Map(
		MISSES.map((miss) => {
			const [said, unsaid] = times.map((all) => held(miss, all)) as [ExpectedMiss, ExpectedMiss];
			return [miss, unsaid.luck > said.luck ? unsaid : said];
		})
	);
}
