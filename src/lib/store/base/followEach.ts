import { follow } from './follow';

/**
 * Follows one query for each of several keys, other tabs included. They begin one after another, so that a large one holds up nothing
 * that is wanted sooner.
 */
export class FollowEach<T> {
	#stops = new Map<string, () => void>();
	#waiting: readonly string[] = [];
	#beginning = false;

	/**
	 * @param next told the answer for a key, and each that differs from it later
	 * @param failed told when the data cannot be read; the query of that key ends then
	 */
	constructor(
		private readonly query: (key: string) => Promise<T>,
		private readonly next: (key: string, value: T) => void,
		private readonly failed: (error: unknown) => void
	) {}

	/**
	 * Follows these and no others.
	 *
	 * @param keys in the order in which they are to be read
	 */
	keep(keys: readonly string[]): void {
		this.#waiting = keys.filter((key) => !this.#stops.has(key));
		for (const [key, stop] of [...this.#stops])
			if (!keys.includes(key)) {
				this.#stops.delete(key);
				stop();
			}
		this.#begin();
	}

	stop(): void {
		this.keep([]);
	}

	#begin(): void {
		const [key, ...rest] = this.#waiting;
		if (this.#beginning || key === undefined) return;
		this.#waiting = rest;
		this.#beginning = true;
		let begun = false;
		const goOn = () => {
			if (begun) return;
			begun = true;
			this.#beginning = false;
			this.#begin();
		};
		const stop = follow(
			() => this.query(key),
			(value) => {
				this.next(key, value);
				goOn();
			},
			(error) => {
				this.failed(error);
				goOn();
			}
		);
		this.#stops.set(key, () => {
			stop();
			goOn();
		});
	}
}
