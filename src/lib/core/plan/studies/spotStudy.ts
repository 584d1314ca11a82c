import { SCHOOLS } from '../../schools/registry';
import type { SchoolId } from '../../schools/school';
import { solveCarry } from '../../solve/solve';
import type { Metres, Ratio } from '../../units';
import { schoolFacts } from '../explain/schoolCalls';
import { possiblePlays, wantedPlays } from '../ladder/possiblePlays';
import type { Play } from '../../player/intent';
import { groundToAir } from '../question/shotKind';
import type { Question } from '../question/question';

/** One way to land a ball on a spot: how it runs on from there by nature. */
export interface SpotWay {
	play: Play;
	roll: Metres;
	/** Ground over air that it delivers there today. */
	ratio: Ratio;
	/** Past (+) or short (−) of the hole. */
	miss: Metres;
}

/** What a landing spot needs, and who meets it. */
export interface SpotStudy {
	spot: Metres;
	/** Ground over air from there to the hole. */
	needed: Ratio;
	/** Every way that can be landed there, the nearest to what is needed first. */
	ways: SpotWay[];
	/** Where the ball of every rule's club would end, landed there; those that name no club of this bag are left out. */
	schools: { id: SchoolId; play: Play; miss: Metres }[];
}

/**
 * The two steps of the trade's order of work together: this landing spot, and the clubs by how near they come to what it needs.
 *
 * @param question opened; what is asked for leaves out what it leaves out
 * @param spot metres from the ball along the line, above 0
 */
export function studySpot(question: Question, spot: Metres): SpotStudy {
	const { bare, pin, situation, request } = question;
	const landed = (play: Play): SpotWay | null => {
		const { status, outcome } = solveCarry(
			question.intent(play),
			bare,
			spot,
			question.fastest(play)
		);
		const ratio = groundToAir(outcome.carry, outcome.roll);
		if (status !== 'solved' || ratio === null || outcome.status !== 'rest') return null;
		return { play, roll: outcome.roll, ratio, miss: outcome.finishX - pin };
	};
	const plays = wantedPlays(question, possiblePlays(request.bag, situation));
	const ways = plays
		.filter(({ flight, shape }) => flight !== 'putt' && shape === 'straight')
		.flatMap((play) => landed(play) ?? [])
		.sort((a, b) => Math.abs(a.miss) - Math.abs(b.miss));
	const facts = { ...schoolFacts(question), spot, rollFromSpot: pin - spot };
	const schools = SCHOOLS.flatMap((school) => {
		const said = school.advise(facts);
		const way = said && landed(said.play);
		return said && way ? [{ id: school.id, play: said.play, miss: way.miss }] : [];
	}).sort((a, b) => Math.abs(a.miss) - Math.abs(b.miss));
	return { spot, needed: (pin - spot) / spot, ways, schools };
}
