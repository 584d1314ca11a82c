import { json } from '@sveltejs/kit';
import { answerRatios, ratiosRequestSchema } from '$lib/io/contract/ratios';
import { readJson } from '$lib/server/jsonBody';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request }) => {
	const body = await readJson(request, ratiosRequestSchema);
	return 'refusal' in body ? body.refusal : json(answerRatios(body.data));
};
