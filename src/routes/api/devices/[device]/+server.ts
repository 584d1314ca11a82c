import { deviceAnswer } from '$lib/devices/simulation/deviceAnswer';
import { refuse } from '$lib/server/jsonBody';
import type { RequestHandler } from './$types';

/** A simulated device as a stream of readings (server-sent events); a tracker's is taken up again after the last event that was heard. */
export const GET: RequestHandler = ({ params, url, request }) => {
	const last = request.headers.get('last-event-id');
	const answer = deviceAnswer(params.device, url.searchParams, last, request.signal);
	return answer instanceof Response ? answer : refuse(answer.status, answer.message, answer.issues);
};
