/** What the browser’s store says, by a part of its error’s name or words, in words that tell what can be done. */
const OF_THE_STORE: readonly (readonly [RegExp, string])[] = [
	[/quota/i, 'The disk is full, or the browser gives this app no more room.'],
	[
		/MissingAPI|SecurityError|A mutation operation was attempted on a database/i,
		'This browser lets the app keep nothing: a private window or a setting may be why.'
	],
	[/VersionError/, 'A newer release of this app wrote it: reload to get that one.'],
	[/DatabaseClosed/, 'The browser has closed its store: reload the page.'],
	[
		/OpenFailed|UnknownError|InvalidState|AbortError|TransactionInactive|DataError|TimeoutError/,
		'The browser’s store does not do what it is asked.'
	]
];

/**
 * Why something did not work, in words for whoever waits for it.
 *
 * @param error whatever was thrown
 */
export function reasonOf(error: unknown): string {
	if (!(error instanceof Error)) return String(error);
	const said = `${error.name} ${error.message}`;
	return OF_THE_STORE.find(([sign]) => sign.test(said))?.[1] ?? error.message;
}
