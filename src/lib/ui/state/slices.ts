import type { Steps } from '$lib/core/math/steps';

/** Work on the page's own thread is put down after this long, in ms, so that it answers meanwhile. */
const SLICE = 8;

/** Lets what waits have its turn: what is awaited after it is a task of its own. */
export const nextTask = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

/**
 * Everything a generator makes, worked out in slices: short work is done at once, long work lets the page answer in between.
 *
 * @param signal aborted when nobody waits for it any more; what was made until then is returned
 */
export async function collectInSlices<T>(made: Iterable<T>, signal: AbortSignal): Promise<T[]> {
	const all: T[] = [];
	let began = performance.now();
	for (const one of made) {
		all.push(one);
		if (performance.now() - began < SLICE) continue;
		await nextTask();
		if (signal.aborted) break;
		began = performance.now();
	}
	return all;
}

/** What steps make, worked out in slices. */
export async function finishInSlices<Result>(steps: Steps<Result>): Promise<Result> {
	let began = performance.now();
	for (;;) {
		const { done, value } = steps.next();
		if (done) return value;
		if (performance.now() - began < SLICE) continue;
		await nextTask();
		began = performance.now();
	}
}
