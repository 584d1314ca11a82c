/**
 * Follows a query of a store that is still to be fetched; see `follow`.
 *
 * @param fetchQuery fetches the part of the store that answers
 * @returns what stops it
 */
export function followLater<T>(
	fetchQuery: () => Promise<() => Promise<T>>,
	next: (value: T) => void,
	failed: (error: unknown) => void
): () => void {
	let stop = () => {};
	let stopped = false;
	const begin = async () => {
		const [{ follow }, query] = await Promise.all([import('./follow'), fetchQuery()]);
		if (!stopped) stop = follow(query, next, failed);
	};
	begin().catch(failed);
	return () => {
		stopped = true;
		stop();
	};
}
