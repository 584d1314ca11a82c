import { json } from '@sveltejs/kit';
import {
	planRequestSchema,
	planRequestToCore,
	planToWire,
	tooMuchWork
} from '$lib/io/contract/plan';
import { readJson, refuse } from '$lib/server/jsonBody';
import { planInThread } from '$lib/server/planThreads';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request }) => {
	const body = await readJson(request, planRequestSchema);
	if ('refusal' in body) return body.refusal;
	const excess = tooMuchWork(body.data);
	if (excess) return refuse(422, excess);
	const question = planRequestToCore(body.data);
	return json(planToWire(await planInThread(question), question));
};
