import { json } from '@sveltejs/kit';
import type * as z from 'zod/mini';
import { issuesOf, type Issue } from '$lib/io/fields/issues';

const MOST_BYTES = 256 * 1024;

/** The contract's one shape of refusal. */
export const refuse = (
	status: number,
	message: string,
	issues: Issue[] = [],
	headers: Record<string, string> = {}
): Response => json({ error: { message, issues } }, { status, headers });

const isJson = (request: Request): boolean =>
	/^application\/json\s*(;|$)/i.test(request.headers.get('content-type') ?? '');

/** Reads a body to its end, so that the connection stays usable; null when it is larger than allowed or the server gave it up. */
async function readText(request: Request): Promise<string | null> {
	try {
		const bytes = await request.arrayBuffer();
		return bytes.byteLength > MOST_BYTES ? null : new TextDecoder().decode(bytes);
	} catch {
		return null;
	}
}

/**
 * Reads and validates a JSON body.
 *
 * @returns the data, or the response that refuses it: 415 another type, 413 too large, 400 not JSON or not valid
 */
export async function readJson<T extends z.ZodMiniType>(
	request: Request,
	schema: T
): Promise<{ data: z.output<T> } | { refusal: Response }> {
	if (!isJson(request)) return { refusal: refuse(415, 'Send the body as application/json.') };
	const text = await readText(request);
	if (text === null)
		return { refusal: refuse(413, 'The body is larger than 256 KiB; send less in one request.') };
	let body: unknown;
	try {
		body = JSON.parse(text);
	} catch {
		return {
			refusal: refuse(400, 'The body is not JSON.', [{ path: '', message: 'is not JSON' }])
		};
	}
	const parsed = schema.safeParse(body);
	if (parsed.success) return { data: parsed.data };
	const issues = issuesOf(parsed.error);
	return {
		refusal: refuse(400, `The request has ${issues.length} wrong or unknown values.`, issues)
	};
}
