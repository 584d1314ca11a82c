import { dev } from '$app/environment';
import { asset } from '$app/paths';

/** Keeps the whole app on the device from here on; where the browser does not let it, the app works as long as it is reached. */
export async function keepOnDevice(): Promise<void> {
	try {
		const type = dev ? 'module' : 'classic';
		const { serviceWorker } = globalThis.navigator ?? {};
		if (!serviceWorker) return;
		await serviceWorker.register(asset('/service-worker.js'), { type });
		// A page that was on its way while the worker began is passed over by it, and would ask the network for every later file.
		const { active } = await serviceWorker.ready;
		if (!serviceWorker.controller) active?.postMessage('claim');
	} catch {
		// Refused: by the browser's own settings, or on an address that is not secure.
	}
}
