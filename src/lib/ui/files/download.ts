/** Hands a text to the browser as a file to keep. */
export const download = (name: string, text: string, type: string): void =>
	downloadBlob(name, new Blob([text], { type: `${type};charset=utf-8` }));

/** Hands a file to the browser to keep. */
export function downloadBlob(name: string, blob: Blob): void {
	const address = URL.createObjectURL(blob);
	const link = document.createElement('a');
	link.href = address;
	link.download = name;
	link.click();
	// The browser has taken the file once the click's task is over; a minute is on the safe side.
	setTimeout(() => URL.revokeObjectURL(address), 60_000);
}

/** A name as part of a file name. */
export const fileNameOf = (name: string): string =>
	name
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '') || 'green';
