/** A failed attempt is repeated after this long, in ms. */
const RETRY = 2000;

/** Keeps something a moment after it was last changed, and at once when the page is hidden, left or closed. */
export class Autosave {
	/** Whether something is not kept yet. */
	pending = $state(false);
	/** Why the last attempt failed; empty once one succeeds. */
	failure = $state('');
	#timer: ReturnType<typeof setTimeout> | undefined;
	#saving: Promise<void> | null = null;
	readonly #unlisten: () => void;

	/**
	 * @param save keeps what there is now
	 * @param note notes at once what there is now: a page that is left may end before anything is kept
	 * @param after how long the last change must be past, in ms
	 */
	constructor(
		private readonly save: () => Promise<unknown>,
		private readonly note: () => void,
		private readonly after: number
	) {
		const leave = () => {
			if (this.pending || this.#saving) this.note();
			void this.flush();
		};
		const hide = () => {
			if (document.visibilityState === 'hidden') leave();
		};
		globalThis.addEventListener?.('pagehide', leave);
		globalThis.document?.addEventListener('visibilitychange', hide);
		this.#unlisten = () => {
			globalThis.removeEventListener?.('pagehide', leave);
			globalThis.document?.removeEventListener('visibilitychange', hide);
		};
	}

	/** Something has changed. */
	touch(): void {
		this.pending = true;
		this.#schedule(this.after);
	}

	/** Keeps at once what is not kept yet; what fails is tried again later. */
	async flush(): Promise<void> {
		clearTimeout(this.#timer);
		if (this.#saving) await this.#saving;
		if (!this.pending) return;
		this.pending = false;
		this.#saving = this.#attempt();
		await this.#saving;
		this.#saving = null;
	}

	/** Keeps what is left and stops listening. */
	async close(): Promise<void> {
		this.#unlisten();
		await this.flush();
		clearTimeout(this.#timer);
	}

	async #attempt(): Promise<void> {
		try {
			await this.save();
			this.failure = '';
		} catch (error) {
			this.failure = error instanceof Error ? error.message : String(error);
			this.pending = true;
			this.#schedule(RETRY);
		}
	}

	#schedule(wait: number): void {
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.flush(), wait);
	}
}
