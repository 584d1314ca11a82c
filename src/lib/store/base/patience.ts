/** Waiting is counted in ticks of this many ms: one that comes late, since the page itself was busy, counts as no more than twice that. */
const TICK = 250;

/**
 * Runs something once it has been waited for long enough, counted by what the page was free to hear: an answer that waits behind the
 * page's own work is not late.
 *
 * @param patience ms
 * @returns what ends the waiting
 */
export function afterPatience(patience: number, run: () => void): () => void {
	const tick = Math.min(TICK, patience / 2);
	let waited = 0;
	let before = Date.now();
	const timer = setInterval(() => {
		const now = Date.now();
		waited += Math.min(now - before, 2 * tick);
		before = now;
		if (waited < patience) return;
		clearInterval(timer);
		run();
	}, tick);
	return () => clearInterval(timer);
}
