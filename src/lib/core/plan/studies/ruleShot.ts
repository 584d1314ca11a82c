import { SCHOOLS } from '../../schools/registry';
import type { SchoolId } from '../../schools/school';
import { solveCarry } from '../../solve/solve';
import { straight } from '../../player/intent';
import type { Metres, Ratio } from '../../units';
import { ruleSpot, schoolFacts } from '../explain/schoolCalls';
import { slopeAt } from '../question/situation';
import type { Question } from '../question/question';
import { createLocalSampler } from '../race/localSampler';
import { mean } from '../race/statistics';

/** How quick a green is for whoever plays it: what a rule may be corrected for. */
export type Pace = 'slow' | 'usual' | 'quick';

/** One shot that a rule is tried on: what a person paces, and what every club of theirs costs there. */
export interface RuleShot {
	/** To the spot where the trade would land it, and from there to the hole. */
	carry: Metres;
	roll: Metres;
	/** Along the line, + uphill. */
	slope: Ratio;
	pace: Pace;
	/** Expected strokes of each club's ordinary flight landed on that spot, in the order of the clubs; infinite where it cannot be. */
	strokes: number[];
	/** What the rules of the trade would play, by the place of its club; those that name none are left out. */
	schools: { id: SchoolId; club: number }[];
}

/** Balls that every club plays of a shot. */
const BALLS = 96;

/**
 * Plays every club of a bag to the one landing spot.
 *
 * @param question opened
 * @param pace of its green for this player
 * @param clubs of the bag that rules are made of
 */
export function ruleShot(question: Question, pace: Pace, clubs: readonly string[]): RuleShot {
	const { situation, pin, bare, request } = question;
	const spot = ruleSpot(situation);
	const sample = createLocalSampler(question);
	const strokes = clubs.map((id) => {
		const club = request.bag.find((one) => one.id === id);
		if (!club) return Infinity;
		const play = straight(club);
		const solved = solveCarry(question.intent(play), bare, spot, question.fastest(play));
		if (solved.status !== 'solved') return Infinity;
		const [balls] = sample([{ play, speed: solved.speed, aim: 0, from: 0, to: BALLS }]);
		return mean(balls!.strokes);
	});
	const facts = schoolFacts(question);
	const schools = SCHOOLS.flatMap((school) => {
		const club = clubs.indexOf(school.advise(facts)?.play.club.id ?? '');
		return club < 0 ? [] : [{ id: school.id, club }];
	});
	return {
		carry: spot,
		roll: pin - spot,
		slope: slopeAt(situation, (spot + pin) / 2),
		pace,
		strokes,
		schools
	};
}
