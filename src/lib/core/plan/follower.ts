import { buildLadder, type Ladder } from './ladder/ladder';
import { firstAnswer, type FirstAnswer } from './firstAnswer';
import type { Question } from './question/question';
import { isNear, COLD_START, warmStartFrom } from './ladder/warmStart';

/**
 * First answers to one question after another, as a finger moves a ball or a pin: each starts from the one before where that is near, and
 * none goes to the end of a search that leads nowhere. The plan that comes when the hand rests looks for everything anew.
 */
export class Follower {
	#last: { question: Question; ladder: Ladder } | null = null;

	/**
	 * The ladder of a question, within the pupil's school.
	 *
	 * @param question opened
	 */
	answer(question: Question): FirstAnswer {
		const last = this.#last;
		const near = last && isNear(last.question.situation, question.situation);
		const warmStart = near ? warmStartFrom(last.question, last.ladder) : COLD_START;
		const ladder = buildLadder(question, undefined, warmStart);
		this.#last = { question, ladder };
		return firstAnswer(question, ladder);
	}
}
