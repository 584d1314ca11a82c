import { localSampler } from '../../src/lib/core/plan/race/localSampler';
import { plan, type Plan } from '../../src/lib/core/plan/plan';
import { Question } from '../../src/lib/core/plan/question/question';
import { planRequestToCore, type PlanRequestWire } from '../../src/lib/io/contract/planRequest';
import { planToWire } from '../../src/lib/io/contract/planResponse';

/** A situation with its answer, in the core's terms and the contract's. */
export interface Answer {
	wire: PlanRequestWire;
	question: Question;
	plan: Plan;
	said: ReturnType<typeof planToWire>;
}

/** Plans a request on this thread. */
export async function answer(wire: PlanRequestWire): Promise<Answer> {
	const request = planRequestToCore(wire);
	const question = new Question(request);
	const decided = await plan(question, localSampler(question));
	return { wire, question, plan: decided, said: planToWire(decided, request) };
}
