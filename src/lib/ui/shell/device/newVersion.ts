import { messages } from '$lib/ui/shell/messages.svelte';

/** Says that a newer version waits, and takes it over when asked: every tab then opens anew with it. */
export function watchForNewVersion(): () => void {
	const container = globalThis.navigator?.serviceWorker;
	if (!container) return () => {};
	// A first visit is taken into care without a reload; only a change of hands is a new version.
	let asked = false;
	const changed = () => {
		if (asked) location.reload();
	};
	const say = (waiting: ServiceWorker) =>
		messages.stand({
			words: 'A new version is ready. It comes with the next start, or now.',
			trouble: false,
			action: {
				label: 'Take it now',
				run: () => {
					asked = true;
					waiting.postMessage('take-over');
				}
			}
		});
	container.addEventListener('controllerchange', changed);
	void container.ready.then((registration) => {
		if (registration.waiting) say(registration.waiting);
		registration.addEventListener('updatefound', () => {
			const coming = registration.installing;
			coming?.addEventListener('statechange', () => {
				if (coming.state === 'installed' && container.controller) say(coming);
			});
		});
	});
	return () => container.removeEventListener('controllerchange', changed);
}
