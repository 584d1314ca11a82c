/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true" />
/// <reference lib="esnext" />
/// <reference lib="webworker" />
import { build, files, prerendered, version } from '$service-worker';

// The whole app lives on the device: every file of this version is kept when it is installed, and pages are opened from the kept shell,
// so that files of two versions never mix. A new version waits until the last tab of the old one is closed or somebody asks for it.

const worker = globalThis as unknown as ServiceWorkerGlobalScope;
const PREFIX = 'crisp-landing-';
const CACHE = `${PREFIX}${version}`;
const SHELL = '/';
/** Where a file that was shared with the app waits for the page. */
const TAKEN_IN = `${PREFIX}taken-in`;
const KEPT = new Set([...build, ...files, ...prerendered]);
/** Names the parts of the page's workers, which the platform's own list leaves out; written with the build. */
const WORKER_FILES = '/_app/worker-files.json';

async function install(): Promise<void> {
	const cache = await caches.open(CACHE);
	const shell = await fetch(SHELL, { cache: 'reload' });
	if (!shell.ok) throw new Error(`The app could not be fetched: ${shell.status}`);
	const listed = await fetch(WORKER_FILES, { cache: 'reload' });
	if (!listed.ok) throw new Error(`The list of workers could not be fetched: ${listed.status}`);
	const workers = (await listed.json()) as string[];
	await cache.addAll([...new Set([...KEPT, ...workers])]);
	await cache.put(SHELL, shell);
}

/** The version before stays as long as a tab may still run it. */
async function dropOlder(): Promise<void> {
	const names = (await caches.keys()).filter(
		(name) => name.startsWith(PREFIX) && name !== TAKEN_IN
	);
	const kept = [CACHE, names.filter((name) => name !== CACHE).at(-1)];
	await Promise.all(
		names.filter((name) => !kept.includes(name)).map((name) => caches.delete(name))
	);
}

async function shell(request: Request): Promise<Response> {
	return (await (await caches.open(CACHE)).match(SHELL)) ?? fetch(request);
}

/** A kept file, of this version or of the one before. */
const kept = async (request: Request): Promise<Response> =>
	(await caches.match(request, { ignoreSearch: true })) ?? fetch(request);

/** A file that another app shares: it is laid aside and the page that reads it is opened. */
async function takeIn(request: Request): Promise<Response> {
	const file = (await request.formData()).get('file');
	if (file instanceof File) {
		const headers = { 'x-file-name': encodeURIComponent(file.name) };
		await (await caches.open(TAKEN_IN)).put('/taken-in', new Response(file, { headers }));
	}
	return Response.redirect('/data?taken-in', 303);
}

worker.addEventListener('install', (event) => event.waitUntil(install()));
worker.addEventListener('activate', (event) =>
	event.waitUntil(dropOlder().then(() => worker.clients.claim()))
);
worker.addEventListener('message', ({ data }) => {
	if (data === 'take-over') void worker.skipWaiting();
	if (data === 'claim') void worker.clients.claim();
});
worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const { origin, pathname } = new URL(request.url);
	if (request.method === 'POST' && origin === location.origin && pathname === '/take-in') {
		event.respondWith(takeIn(request));
		return;
	}
	if (request.method !== 'GET' || origin !== location.origin || pathname.startsWith('/api/'))
		return;
	if (request.mode === 'navigate') event.respondWith(shell(request));
	else if (KEPT.has(pathname) || pathname.startsWith('/_app/')) event.respondWith(kept(request));
});
