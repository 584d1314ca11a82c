import { Outcome } from '../ball/simulate';
import { LIES } from '../lie/lies';
import { possiblePlays, wantedPlays } from '../plan/ladder/possiblePlays';
import { callSchool, schoolFacts, type SchoolCall } from '../plan/explain/schoolCalls';
import { plan } from '../plan/plan';
import type { Question } from '../plan/question/question';
import type { PlanRequest } from '../plan/question/request';
import { localSampler } from '../plan/race/localSampler';
import type { Play } from '../player/intent';
import { speedOfSwing } from '../player/swingLength';
import { schoolOf } from '../schools/registry';
import type { SchoolId } from '../schools/school';
import { playIntended } from '../solve/solve';
import {
	bestOfEach,
	FEW,
	heightOf,
	least,
	LEAST_CARRY,
	ShotJudge,
	type Committed,
	type Valued,
	type WayRead
} from './shotJudge';
import type { Metres } from '../units';
import { READ_STEPS, type LieAnswer, type ReadStep } from './steps';

/** One step of a reading, and what it cost. */
export interface StepCost {
	step: ReadStep;
	/** Strokes lost by this step, those before it as they were chosen and those after it as well as they could be. */
	cost: number;
	/** Ties count as right. */
	right: boolean;
}

/** What a rule of thumb would have said, and what that loses. */
export interface RuleRead {
	call: SchoolCall;
	loss: number;
}

/** What came of a reading. */
export interface ShotReading {
	/** Every answer about the lie that is right. */
	lie: readonly LieAnswer[];
	steps: StepCost[];
	/** What it cost in all: the sum of the steps. */
	loss: number;
	theirs: WayRead;
	best: WayRead;
	/** Null where no rule is held to, or where it says nothing here. */
	rule: RuleRead | null;
}

/** A step that costs less than this is a tie with the best. */
export const TIE = 0.05;
/** Of the lie: an answer is right where the lie takes more of the carry than this, or adds so much to the roll (assumption). */
const LIE_TELLS = { carry: 0.07, roll: 0.15 } as const;
/** Few samples choose the plays that are looked at; all are held against each other on equal luck. */
const PLANNED = 60;
/** Ratios that differ by less, as a logarithm, are one: nobody says them closer. */
const SAME_RATIO = 0.15;
/** Who lands this near has landed there. */
const SAME_SPOT: Metres = 0.25;
/** So many of the best plays are tried from other landing spots. */
const MOVED = 5;

/**
 * How a ball comes out of a lie: every answer that is right.
 *
 * @param question opened
 */
export function lieAnswers(question: Question): LieAnswer[] {
	const { situation, request } = question;
	if (LIES[situation.lie].sand) return ['sand'];
	const play = wantedPlays(question, possiblePlays(request.bag, situation)).find(
		({ flight }) => flight === 'standard'
	);
	if (!play) return ['clean'];
	const even = question.within({ ...situation, lie: 'fairway' });
	const speed = question.fastest(play) / 3;
	const of = (one: Question) => playIntended(one.intent(play), one.bare, speed, 0, new Outcome());
	const [here, there] = [of(question), of(even)];
	const short = here.carry < there.carry * (1 - LIE_TELLS.carry);
	const share = (out: Outcome) => out.roll / Math.max(0.1, out.carry);
	const runs = share(here) > share(there) * (1 + LIE_TELLS.roll);
	const answers: LieAnswer[] = [
		...(short ? (['short'] as const) : []),
		...(runs ? (['runs'] as const) : [])
	];
	return answers.length > 0 ? answers : ['clean'];
}

/** Whether the seven steps can say a play: neither a shaped ball nor a putt. */
const canBeSaid = ({ shape, flight }: Play): boolean => shape === 'straight' && flight !== 'putt';

/**
 * Judges how somebody read a shot. Each step is charged with what it loses when those before it are as they were chosen and those after
 * it as good as they can be, so that the steps add up to the whole. All ways are played with the same luck.
 *
 * @param request without the putter; its samples do not count
 * @param committed as it was read
 * @param school whose rule is looked at beside it; it changes nothing else
 */
export async function judgeReading(
	request: PlanRequest,
	committed: Committed,
	school: SchoolId | 'free' = 'free'
): Promise<ShotReading> {
	const judge = new ShotJudge({ ...request, samples: PLANNED });
	const { question } = judge;
	const { options } = await plan(question, localSampler(question));
	const planned = options
		.filter(({ candidate: { play } }) => canBeSaid(play))
		.map(({ candidate: { play, solution } }) =>
			judge.value({ play, speed: solution.speed, aim: solution.aim })
		);
	const plays = wantedPlays(question, possiblePlays(request.bag, question.situation)).filter(
		canBeSaid
	);
	const ofHeight = plays.filter((play) => heightOf(play) === committed.height);
	const playable = ofHeight.length > 0 ? ofHeight : plays;
	const spot = Math.max(LEAST_CARRY, committed.landing);
	// What comes later is as good as can be: the aim that was chosen is one of those that may be.
	const aim = Math.atan2(committed.aside, question.pin);
	const landed = playable.map((play) => judge.landed(play, spot, aim));

	const withClub = playable.filter(({ club }) => club.id === committed.club);
	const ofClub = plays.filter(({ club }) => club.id === committed.club);
	const own = withClub.length > 0 ? withClub : ofClub.length > 0 ? ofClub : playable;
	const clubs = own.map((play) => judge.landed(play, spot, aim));
	const club = least(clubs);
	// One height and one club may be two plays, face open or not: the swing is taken for the one that it fits.
	const { player } = request;
	const swung = least(
		own.flatMap((play) => {
			const known = player.swings[play.club.id]?.known ?? [];
			const speed = speedOfSwing(committed.swing, known, question.fastest(play));
			return [judge.value(judge.straight(play, speed)), judge.value({ play, speed, aim })];
		})
	);
	const theirs = judge.value({ play: swung.play, speed: swung.speed, aim });

	const off = (shot: Valued) =>
		Math.abs(Math.log((judge.ratio(shot) + 0.1) / (committed.ratio + 0.1)));
	// What was played is itself a way with that club, if it lands where it was to.
	const played = Math.abs(judge.ball(theirs).landingX - spot) < SAME_SPOT ? [theirs] : [];
	const offs = landed.map(off);
	const nearest = Math.min(...offs);
	const asSaid = played.filter((shot) => off(shot) <= SAME_RATIO);
	const byRatio = least([...landed.filter((_, i) => offs[i]! <= nearest + SAME_RATIO), ...asSaid]);
	const rule = ruleOf(judge, school);
	const looked = [...planned, ...landed, ...clubs, swung, theirs, ...(rule ? [rule.played] : [])];
	const spotOfBest = judge.ball(least(looked)).landingX;
	const around = plays.map((play) => judge.landed(play, spotOfBest, undefined, FEW));
	const moved = bestOfEach([...looked, ...around])
		.slice(0, MOVED)
		.map((one) => judge.moved(judge.value(one)));
	const everything = [...looked, ...moved];
	const best = least(everything);
	const high = everything.filter(({ play }) => heightOf(play) === committed.height);
	const values = {
		height: high.length > 0 ? least(high).strokes : least(landed).strokes,
		landing: least([...landed, ...clubs, ...played]).strokes,
		ratio: byRatio.strokes,
		club: least([club, ...played]).strokes,
		swing: swung.strokes,
		aim: theirs.strokes
	};
	const lie = lieAnswers(question);
	let before = best.strokes;
	const steps = READ_STEPS.map((step): StepCost => {
		if (step === 'lie') return { step, cost: 0, right: lie.includes(committed.lie) };
		const cost = values[step] - before;
		before = values[step];
		return { step, cost, right: cost < TIE };
	});
	return {
		lie,
		steps,
		loss: theirs.strokes - best.strokes,
		theirs: judge.read(theirs),
		best: judge.read(best),
		rule: rule && { call: rule.call, loss: rule.played.strokes - best.strokes }
	};
}

/** What a school says here, landed where it says. */
function ruleOf(judge: ShotJudge, id: SchoolId | 'free') {
	const { question } = judge;
	const school = schoolOf(id);
	const call = school ? callSchool(school, schoolFacts(question), question) : null;
	return call && { call, played: judge.landed(call.advice.play, call.advice.carry) };
}
