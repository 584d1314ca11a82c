import { Outcome } from '../../ball/simulate';
import type { LieId } from '../../lie/lies';
import { FOOT, YARD, fromPercent, type Metres } from '../../units';
import { guessFrom, solveRung, type Rung } from '../ladder/rung';
import { planSwing, type PlannedSwing } from '../ladder/swing';
import type { Question } from '../question/question';
import type { Situation } from '../question/situation';
import { playIntended } from '../../solve/solve';

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

/**
 * Replays a solved shot in worlds that differ by a little.
 *
 * @param question opened
 * @param rung that is called
 */
export function sensitivityOf(question: Question, rung: Rung): Sensitivity {
	const { situation } = question;
	const { speed, aim, outcome } = rung.solution;
	const change = (situation: Situation): Metres => {
		const other = question.within(situation);
		const played = playIntended(other.intent(rung.play), other.bare, speed, aim, new Outcome());
		return played.finishX - outcome.finishX - (other.pin - question.pin);
	};
	const faster = (by: Metres) =>
		change({ ...situation, greenSpeed: Math.max(FOOT, situation.greenSpeed + by) });
	const farther = (by: Metres) =>
		change({ ...situation, edgeToPin: Math.max(0.1, situation.edgeToPin + by) });
	const instead = (by: Metres): PlannedSwing => {
		const { play, target } = rung;
		const from = { ...guessFrom(rung), hopeless: false };
		const moved = solveRung(question, play, Math.max(0.2, target + by), { from, around: true });
		return planSwing(play.club, moved.solution.speed, question.request.player);
	};
	return {
		stimpPlus1: faster(FOOT),
		stimpMinus1: faster(-FOOT),
		slopePlus1: change(steeper(situation, 1)),
		slopeMinus1: change(steeper(situation, -1)),
		distancePlus1: farther(YARD),
		distanceMinus1: farther(-YARD),
		farther: instead(YARD),
		nearer: instead(-YARD),
		worseLie: change({ ...situation, lie: WORSE_LIE[situation.lie] })
	};
}
