import { reasonOf } from '$lib/io/fields/reason';
import { follow } from '$lib/store/base/follow';

/** What a query of the store says now, other tabs included, or why it cannot be asked. */
export class Followed<T> {
	value = $state.raw<T | null>(null);
	failure = $state('');
	#stop: () => void = () => {};

	/**
	 * @param query reads the store and waits for nothing else: whatever it waits for besides ends its being told of changes
	 * @param onvalue is told of every new value
	 */
	constructor(
		private readonly query: () => Promise<T>,
		private readonly onvalue: (value: T) => void = () => {}
	) {}

	/** What there is to show: the value, or where it cannot be read what is there without any store; null while it is read. */
	valueOr(nothing: T): T | null {
		return this.value ?? (this.failure ? nothing : null);
	}

	/** Begins to follow, or begins again after a failure; returns what ends it. */
	start(): () => void {
		this.#stop();
		this.failure = '';
		this.#stop = follow(
			this.query,
			(value) => {
				this.value = value;
				this.onvalue(value);
			},
			(error) => (this.failure = reasonOf(error))
		);
		return () => this.stop();
	}

	stop(): void {
		this.#stop();
	}
}
