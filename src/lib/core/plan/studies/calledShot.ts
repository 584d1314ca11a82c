import type { Dispersion } from '../../player/player';
import type { Candidate } from '../ladder/candidate';
import { plan } from '../plan';
import { Question } from '../question/question';
import type { PlanRequest } from '../question/request';
import { localSampler, shotOf } from '../race/localSampler';
import { drawDeviates, sampleFinishes, type Finishes } from '../race/sample';

/** A shot as it is called, to be played again and again. */
export interface CalledShot {
	question: Question;
	candidate: Candidate;
}

/**
 * The call for a request.
 *
 * @param request few samples are enough: they only choose the call
 * @returns null where a putter is called, or nothing
 */
export async function calledShot(request: PlanRequest): Promise<CalledShot | null> {
	const question = new Question(request);
	const { options } = await plan(question, localSampler(question));
	const candidate = options[0]?.candidate;
	return candidate && candidate.play.flight !== 'putt' ? { question, candidate } : null;
}

/**
 * Balls of a called shot: the same luck for the same request, whatever the spread.
 *
 * @param balls how many, 1 and up
 * @param changed what of the player's spread is other than it is
 */
export function playCalled(
	{ question, candidate }: CalledShot,
	balls: number,
	changed: Partial<Dispersion> = {}
): Finishes {
	const { seed } = question.request;
	const { play, solution } = candidate;
	const meant = shotOf(question, { play, speed: solution.speed, aim: solution.aim });
	const shot = { ...meant, dispersion: { ...meant.dispersion, ...changed } };
	return sampleFinishes(shot, drawDeviates(seed, balls), 0, balls);
}
