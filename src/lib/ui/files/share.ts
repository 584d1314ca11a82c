import { downloadBlob } from './download';

/** Whether this device has a share sheet for files. */
export function canShareFiles(): boolean {
	const file = new File([''], 'a.json', { type: 'application/json' });
	return globalThis.navigator?.canShare?.({ files: [file] }) ?? false;
}

/**
 * Hands a file over: to the device's own share sheet where there is one, else as a download.
 *
 * @returns what became of it
 */
export const handOver = (
	name: string,
	text: string,
	type = 'application/json'
): Promise<'shared' | 'left' | 'saved'> => handOverBlob(name, new Blob([text], { type }));

/** The same for a file that is no text. */
export async function handOverBlob(name: string, blob: Blob): Promise<'shared' | 'left' | 'saved'> {
	const file = new File([blob], name, { type: blob.type });
	if (!globalThis.navigator?.canShare?.({ files: [file] })) {
		downloadBlob(name, blob);
		return 'saved';
	}
	try {
		await navigator.share({ files: [file], title: name });
		return 'shared';
	} catch (error) {
		// Whoever closes the sheet has changed their mind; anything else gets the file all the same.
		if (error instanceof DOMException && error.name === 'AbortError') return 'left';
		downloadBlob(name, blob);
		return 'saved';
	}
}
