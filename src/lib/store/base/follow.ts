import { liveQuery, type Subscription } from 'dexie';
import { reasonOf } from '$lib/io/fields/reason';
import { database } from './database';

/** The library keeps to itself what fails in a store that never opened: that is said, in words. */
function aloud(error: unknown): never {
	throw database.hasFailed() ? new Error(reasonOf(error)) : error;
}

/**
 * Follows a query, other tabs included.
 *
 * @param failed is told when the data cannot be read; the query ends then
 * @returns what stops it
 */
export function follow<T>(
	query: () => Promise<T>,
	next: (value: T) => void,
	failed: (error: unknown) => void
): () => void {
	// Where there is no store at all the library waits for one without a word.
	if (!globalThis.indexedDB) {
		failed(new Error(reasonOf(new Error('MissingAPIError'))));
		return () => {};
	}
	const asked = () => query().catch(aloud);
	const subscription: Subscription = liveQuery(asked).subscribe({ next, error: failed });
	return () => subscription.unsubscribe();
}
