import { building } from '$app/environment';
import { env } from '$env/dynamic/private';
import type { Handle } from '@sveltejs/kit';
import securityHeaders from '$lib/server/headers.json';
import { refuse } from '$lib/server/jsonBody';

const DATA_POLICY = "default-src 'none'; frame-ancestors 'none'";

const WORDS: Record<number, string> = {
	404: 'There is nothing at this address.',
	405: 'This address does not answer this method.'
};

const READS = ['GET', 'HEAD'];

/** What the framework refuses in its own way, in the contract's shape: all of the interface, and whatever is no reading of a page. */
function inOneShape(response: Response, path: string, method: string): Response {
	const words = WORDS[response.status];
	const isApi = path.startsWith('/api/');
	if (!words || (!isApi && READS.includes(method))) return response;
	const json = response.headers.get('content-type')?.startsWith('application/json');
	if (isApi && json) return response;
	const allow = response.headers.get('allow');
	return refuse(response.status, words, [], allow ? { allow } : {});
}

export const handle: Handle = async ({ event, resolve }) => {
	const demo = (building ? process.env : env)['CRISP_DEMO'] === '1' ? 'yes' : 'no';
	const resolved = await resolve(event, {
		transformPageChunk: ({ html }) => html.replace('%crisp.demo%', demo)
	});
	const response = inOneShape(resolved, event.url.pathname, event.request.method);
	for (const [name, value] of Object.entries(securityHeaders)) response.headers.set(name, value);
	if (!response.headers.has('Content-Security-Policy'))
		response.headers.set('Content-Security-Policy', DATA_POLICY);
	return response;
};
