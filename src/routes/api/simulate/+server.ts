import { json } from '@sveltejs/kit';
import { answerSimulate, simulateRequestSchema } from '$lib/io/contract/simulate';
import { readJson } from '$lib/server/jsonBody';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request }) => {
	const body = await readJson(request, simulateRequestSchema);
	return 'refusal' in body ? body.refusal : json(answerSimulate(body.data));
};
