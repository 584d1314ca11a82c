/** What the browser tells an installed app that was opened with files (File Handling API); not in every browser. */
interface LaunchQueue {
	setConsumer(take: (launch: { files?: readonly FileSystemFileHandle[] }) => void): void;
}

/** Where the service worker lays a file that another app shared with this one. */
const TAKEN_IN = 'crisp-landing-taken-in';

/** A file that was shared with the app, once; null where there is none. */
async function takenIn(): Promise<File | null> {
	const cache = await globalThis.caches?.open(TAKEN_IN);
	const laid = await cache?.match('/taken-in');
	if (!laid) return null;
	await cache.delete('/taken-in');
	const name = decodeURIComponent(laid.headers.get('x-file-name') ?? 'file.json');
	return new File([await laid.blob()], name);
}

/** Hands on the files that the app is opened with: from the system's list of files, or from another app's share sheet. */
export function whenOpenedWith(take: (file: File) => void): void {
	const { launchQueue } = globalThis as { launchQueue?: LaunchQueue };
	launchQueue?.setConsumer(({ files }) => {
		const [first] = files ?? [];
		void first?.getFile().then(take);
	});
	takenIn()
		.then((file) => file && take(file))
		.catch(() => {
			// Without a cache nothing can have been laid aside.
		});
}
