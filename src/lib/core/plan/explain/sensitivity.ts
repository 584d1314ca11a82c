import { Outcome } from '../../ball/simulate';
import type { LieId } from '../../lie/lies';
import { quantileSorted } from '../../math/quantiles';
import { FOOT, YARD, fromPercent, type Metres } from '../../units';
import { guessFrom, solveCandidate, type Candidate } from '../ladder/candidate';
import { planSwing, type PlannedSwing } from '../ladder/swing';
import type { Question } from '../question/question';
import type { Situation } from '../question/situation';
import { playIntended } from '../../solve/solve';
import { shotOf } from '../race/localSampler';
import { drawDeviates, sampleFinishes } from '../race/sample';

/** How far the finish of one and the same swing moves, past (+) or short (−), when the world is not as thought. */
export interface Sensitivity {
	/** One foot of green speed more or less. */
	stimpPlus1: Metres;
	stimpMinus1: Metres;
	/** One percent more uphill or downhill. */
	slopePlus1: Metres;
	slopeMinus1: Metres;
	/** The hole one pace (a yard) farther or nearer than thought, with the edge where it is. */
	distancePlus1: Metres;
	distanceMinus1: Metres;
	/** The ball sits one step worse. */
	worseLie: Metres;
	/** The same play for a pin one pace farther and nearer: what to swing instead. */
	farther: PlannedSwing;
	nearer: PlannedSwing;
}

/** The lie one step worse than another; the worst are their own. */
export const WORSE_LIE: Readonly<Record<LieId, LieId>> = {
	tight: 'sitting-down',
	fairway: 'first-cut',
	fringe: 'first-cut',
	'first-cut': 'semi-rough',
	'sitting-up': 'first-cut',
	'sitting-down': 'semi-rough',
	'semi-rough': 'deep-rough',
	'deep-rough': 'deep-rough',
	sand: 'sand'
};

const steeper = (situation: Situation, percent: number): Situation => ({
	...situation,
	survey: situation.survey && {
		...situation.survey,
		tilt: situation.survey.tilt + fromPercent(percent)
	},
	segments: situation.segments.map((segment) => ({
		...segment,
		slopeAlong: segment.slopeAlong + fromPercent(percent)
	}))
});

/** Balls whose middle one stands in where the intended one is led astray by a kink of the ground. */
const BALLS = 65;

/** Where the middle one of a player's balls ends along the line. */
function middleOf(question: Question, { play, solution }: Candidate): Metres {
	const { speed, aim } = solution;
	const shot = { ...shotOf(question, { play, speed, aim }), scene: question.bare };
	const { x } = sampleFinishes(shot, drawDeviates(question.request.seed, BALLS), 0, BALLS);
	return quantileSorted(x.sort(), 0.5);
}

/** What moves a ball by less is not seen. */
const SEEN: Metres = 0.05;

/** More and less of one thing cannot both move a ball the same way, but where it meets a kink. */
export const runTheSameWay = (more: Metres, less: Metres): boolean =>
	more * less > 0 && Math.min(Math.abs(more), Math.abs(less)) > SEEN;

/**
 * Replays a solved shot in worlds that differ by a little: the intended ball, or the middle one of some where that one would go the same way
 * for more and for less.
 *
 * @param question opened
 * @param candidate that is called
 */
export function sensitivityOf(question: Question, candidate: Candidate): Sensitivity {
	const { situation } = question;
	const { aim, outcome } = candidate.solution;
	const change = (situation: Situation): Metres => {
		const other = question.within(situation);
		const played = playIntended(
			other.intent(candidate.play),
			other.bare,
			candidate.solution.speed,
			aim,
			new Outcome()
		);
		return played.finishX - outcome.finishX - (other.pin - question.pin);
	};
	const ofMany = (situation: Situation): Metres =>
		middleOf(question.within(situation), candidate) - middleOf(question, candidate);
	const bothWays = (by: (sign: 1 | -1) => Situation): { more: Metres; less: Metres } => {
		const [more, less] = [change(by(1)), change(by(-1))];
		if (!runTheSameWay(more, less)) return { more, less };
		return { more: ofMany(by(1)), less: ofMany(by(-1)) };
	};
	const speed = bothWays((sign) => ({
		...situation,
		greenSpeed: Math.max(FOOT, situation.greenSpeed + sign * FOOT)
	}));
	const slope = bothWays((sign) => steeper(situation, sign));
	const farther = (by: Metres) =>
		change({ ...situation, edgeToPin: Math.max(0.1, situation.edgeToPin + by) });
	const instead = (by: Metres): PlannedSwing => {
		const { play, target } = candidate;
		const from = { ...guessFrom(candidate), hopeless: false };
		const moved = solveCandidate(question, play, Math.max(0.2, target + by), {
			from,
			around: true
		});
		return planSwing(play.club, moved.solution.speed, question.request.player);
	};
	return {
		stimpPlus1: speed.more,
		stimpMinus1: speed.less,
		slopePlus1: slope.more,
		slopeMinus1: slope.less,
		distancePlus1: farther(YARD),
		distanceMinus1: farther(-YARD),
		farther: instead(YARD),
		nearer: instead(-YARD),
		worseLie: change({ ...situation, lie: WORSE_LIE[situation.lie] })
	};
}
