import type { PlanRequest } from '../plan/question/request';
import { CONTACTS, type Finishes } from '../plan/race/sample';
import { mean } from '../plan/race/statistics';
import { calledShot, playCalled } from '../plan/studies/calledShot';
import { MISSES, missOf, type Miss, type MissedBall } from '../practice/habits';
import { isAsMeant } from '../practice/yardstick';
import type { Metres, Ratio } from '../units';

/** What one miss costs on one shot. */
export interface MissExtra {
	miss: Miss;
	/** How many of the balls it is. */
	share: Ratio;
	/** Strokes that such a ball costs more than one that did what it was to do. */
	strokes: number;
}

const BALLS = 600;
/** Of fewer balls nobody can say what they cost. */
const ENOUGH = 6;
/** A ball that ends within this of where the shot was to end did what it was to do: a share of its length, and so much at least (assumption). */
const NEAR = { share: 0.12, least: 1 } as const;

/** What a shot was to do. */
export interface MeantShot {
	landing: Metres;
	finish: Metres;
	/** Sideways, where it is aimed to end. */
	side: Metres;
}

/** A simulated ball as practice counts misses. */
function missedBall(
	{ x, z, landingX, landingZ, contact }: Finishes,
	i: number,
	{ landing, finish, side }: MeantShot
): MissedBall {
	const tolerance = Math.max(NEAR.least, NEAR.share * finish);
	const rules = { measure: 'finish', mark: 'flag', tolerance } as const;
	const met = CONTACTS[contact[i]!]!;
	const ball: MissedBall = {
		club: '',
		swing: '',
		flight: 'standard',
		shape: 'straight',
		landed: [landingX[i]!, landingZ[i]!],
		finished: [x[i]!, z[i]! - side],
		meant: landing,
		inferred: false,
		tags: met === 'clean' ? [] : [met],
		strokes: null,
		lie: '',
		day: '',
		flag: finish,
		rules,
		tagged: true,
		asMeant: false
	};
	return { ...ball, asMeant: isAsMeant(rules, finish, ball) };
}

/**
 * What each miss costs more than a ball that did what it was to do.
 *
 * @param finishes of one shot
 * @param meant what it was to do
 * @returns misses that come often enough for something to be said
 */
export function extrasOf(finishes: Finishes, meant: MeantShot): MissExtra[] {
	const { strokes } = finishes;
	const kinds = Array.from(strokes, (_, i) => missOf(missedBall(finishes, i, meant)));
	const of = (kind: Miss | null) => [...strokes].filter((_, i) => kinds[i] === kind);
	const good = of(null);
	if (good.length < ENOUGH) return [];
	return MISSES.flatMap((miss): MissExtra[] => {
		const missed = of(miss);
		if (missed.length < ENOUGH) return [];
		return [{ miss, share: missed.length / strokes.length, strokes: mean(missed) - mean(good) }];
	});
}

/**
 * What each miss costs on a shot that is played as it is called.
 *
 * @param request few samples are enough: they only choose the call
 * @returns null where a putter is called, or nothing
 */
export async function missExtras(request: PlanRequest): Promise<MissExtra[] | null> {
	const called = await calledShot(request);
	if (!called) return null;
	const { carry, roll, finishZ } = called.candidate.solution.outcome;
	const meant = { landing: carry, finish: carry + roll, side: finishZ };
	return extrasOf(playCalled(called, BALLS), meant);
}
