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
const KEPT = new Set([...build, ...files, ...prerendered]);

async function install(): Promise<void> {
	const cache = await caches.open(CACHE);
	const shell = await fetch(SHELL, { cache: 'reload' });
	if (!shell.ok) throw new Error(`The app could not be fetched: ${shell.status}`);
	await cache.addAll([...KEPT]);
	await cache.put(SHELL, shell);
}

/** The version before stays as long as a tab may still run it. */
async function dropOlder(): Promise<void> {
	const names = (await caches.keys()).filter((name) => name.startsWith(PREFIX));
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

worker.addEventListener('install', (event) => event.waitUntil(install()));
worker.addEventListener('activate', (event) =>
	event.waitUntil(dropOlder().then(() => worker.clients.claim()))
);
worker.addEventListener('message', ({ data }) => {
	if (data === 'take-over') void worker.skipWaiting();
});
worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const { origin, pathname } = new URL(request.url);
	if (request.method !== 'GET' || origin !== location.origin || pathname.startsWith('/api/'))
		return;
	if (request.mode === 'navigate') event.respondWith(shell(request));
	else if (KEPT.has(pathname) || pathname.startsWith('/_app/')) event.respondWith(kept(request));
});
