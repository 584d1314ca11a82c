import { wrap, type Remote } from 'comlink';
import { afterPatience } from '../store/base/patience';

/** A worker behind its RPC wrapper; a crash rejects every call under way, which the RPC library alone would leave pending. */
export class WatchedWorker<Api> {
	readonly #worker: Worker;
	readonly remote: Remote<Api>;
	readonly #ended: Promise<never>;
	#under = 0;
	#heard: () => void = () => {};
	#end: (error: Error) => void = () => {};

	/**
	 * @param name what it is to a person, as in “The planner stopped”
	 * @param patience how long it may be silent while it is asked something, in ms: then it counts as crashed
	 * @param onCrash is told when it is of no more use
	 */
	constructor(
		start: () => Worker,
		private readonly name: string,
		private readonly patience: number,
		private readonly onCrash: () => void = () => {}
	) {
		this.#worker = start();
		this.remote = wrap<Api>(this.#worker);
		this.#ended = new Promise((_, reject) => (this.#end = reject));
		this.#ended.catch(() => {});
		const fail = (event: Event) =>
			this.#crash(event instanceof ErrorEvent ? event.message : 'unreadable message');
		this.#worker.addEventListener('error', fail);
		this.#worker.addEventListener('messageerror', fail);
		this.#worker.addEventListener('message', () => this.#listen());
	}

	/** Asks something; rejects when the worker crashes, falls silent or is terminated meanwhile. */
	async call<T>(ask: (remote: Remote<Api>) => Promise<T>): Promise<T> {
		this.#under++;
		this.#listen();
		try {
			return await Promise.race([ask(this.remote), this.#ended]);
		} finally {
			this.#under--;
			this.#listen();
		}
	}

	/** Ends it now; what is under way is given up. */
	terminate(reason = 'it was stopped'): void {
		this.#heard();
		this.#worker.terminate();
		this.#end(new Error(`${this.name} stopped: ${reason}`));
	}

	#crash(reason: string): void {
		this.onCrash();
		this.terminate(reason);
	}

	/** Counts the silence anew; nobody waits for a worker that is asked nothing. */
	#listen(): void {
		this.#heard();
		if (this.#under > 0)
			this.#heard = afterPatience(this.patience, () =>
				this.#crash('it fell silent and was replaced; ask again')
			);
	}
}
