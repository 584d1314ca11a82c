import { dev } from '$app/environment';
import { asset } from '$app/paths';

/** Keeps the whole app on the device from here on; where the browser does not let it, the app works as long as it is reached. */
export async function keepOnDevice(): Promise<void> {
	try {
		const type = dev ? 'module' : 'classic';
		await globalThis.navigator?.serviceWorker?.register(asset('/service-worker.js'), { type });
	} catch {
		// Refused: by the browser's own settings, or on an address that is not secure.
	}
}
