/** On a first visit the first call comes before everything that it does not need: the store, the other views, the copy on the device. */
export class Arrival {
	#waiting: Promise<void> = Promise.resolve();
	#release = () => {};

	/** From here on what the first call does not need is not fetched. */
	hold(): void {
		this.#release();
		this.#waiting = new Promise((resolve) => (this.#release = resolve));
	}

	/** The first call is there, or nobody waits for it any more. */
	release(): void {
		this.#release();
	}

	/** Settles once everything may be fetched. */
	over(): Promise<void> {
		return this.#waiting;
	}
}

export const arrival = new Arrival();
