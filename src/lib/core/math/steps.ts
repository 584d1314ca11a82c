/** Long work that can be put down between two steps; what it makes is its return value. */
export type Steps<Result> = Generator<void, Result>;

/**
 * Does all steps at once.
 *
 * @param steps that have not begun, or what is left of them
 * @returns what they make
 */
export function finish<Result>(steps: Steps<Result>): Result {
	for (;;) {
		const { done, value } = steps.next();
		if (done) return value;
	}
}
