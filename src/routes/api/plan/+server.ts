import { json } from '@sveltejs/kit';
import { isSmall, tooMuchWork } from '$lib/io/contract/planWork';
import { planRequestSchema, planRequestToCore } from '$lib/io/contract/planRequest';
import { planToWire } from '$lib/io/contract/planResponse';
import { readJson, refuse } from '$lib/server/jsonBody';
import { LIMITS, planOnServer, type Unanswered } from '$lib/server/planPool';
import type { RequestHandler } from './$types';

const BUSY_SECONDS = '5';
const CLIENT_GONE = 499;

const REFUSALS: Record<Unanswered, () => Response> = {
	busy: () =>
		refuse(503, 'Too many plans are waiting; ask again in a moment.', [], {
			'Retry-After': BUSY_SECONDS
		}),
	stopping: () =>
		refuse(503, 'The server is stopping; ask again in a moment.', [], {
			'Retry-After': BUSY_SECONDS
		}),
	notItsTurn: () =>
		refuse(
			503,
			`Other plans took all of the ${LIMITS.time / 1000} s that one may take, waiting included; ask again in a moment.`,
			[],
			{ 'Retry-After': BUSY_SECONDS }
		),
	tooLong: () =>
		refuse(
			422,
			`This takes longer than the ${LIMITS.time / 1000} s that the server gives one plan, waiting included; ask for fewer samples, clubs or survey points.`
		),
	gone: () => refuse(CLIENT_GONE, 'The question was taken back.')
};

export const POST: RequestHandler = async ({ request }) => {
	const body = await readJson(request, planRequestSchema);
	if ('refusal' in body) return body.refusal;
	const question = planRequestToCore(body.data);
	const excess = tooMuchWork(question);
	if (excess) return refuse(422, excess);
	const answer = await planOnServer(question, isSmall(question), request.signal);
	return typeof answer === 'string' ? REFUSALS[answer]() : json(planToWire(answer, question));
};
