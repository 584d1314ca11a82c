import type { Handle } from '@sveltejs/kit';

const HEADERS = {
	'X-Content-Type-Options': 'nosniff',
	'X-Frame-Options': 'DENY',
	'Referrer-Policy': 'no-referrer',
	'Cross-Origin-Opener-Policy': 'same-origin',
	'Cross-Origin-Resource-Policy': 'same-origin',
	'Permissions-Policy': 'camera=(), microphone=(), geolocation=(), payment=()'
};

const DATA_POLICY = "default-src 'none'; frame-ancestors 'none'";

export const handle: Handle = async ({ event, resolve }) => {
	const response = await resolve(event);
	for (const [name, value] of Object.entries(HEADERS)) response.headers.set(name, value);
	if (!response.headers.has('Content-Security-Policy'))
		response.headers.set('Content-Security-Policy', DATA_POLICY);
	return response;
};
