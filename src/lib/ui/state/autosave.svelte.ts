import { reasonOf } from '$lib/io/fields/reason';
import { afterPatience } from '$lib/store/base/patience';
import { leaveUnkept } from '$lib/store/base/leaveUnkept';

/** A failed attempt is repeated after this long, in ms. */
const RETRY = 2000;
/** A store that has not answered after this long is said not to, in ms; it is still waited for. */
const PATIENCE = 5000;
const SILENT = 'The browser’s storage does not answer.';

/** Keeps something a moment after it was last changed, and at once when the page is hidden, left or closed. */
export class Autosave {
	/** Whether something is not kept yet; what is on its way counts as not kept. */
	pending = $state(false);
	/** Why the last attempt failed; empty once one succeeds. */
	failure = $state('');
	/** Counts the changes. */
	#changes = 0;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#saving: Promise<void> | null = null;
	readonly #unlisten: () => void;

	/**
	 * @param save keeps what there is now
	 * @param note notes at once what there is now, and answers whether it could: a page that is left may end before anything is kept
	 * @param after how long the last change must be past, in ms
	 */
	constructor(
		private readonly save: () => Promise<unknown>,
		private readonly note: () => boolean,
		private readonly after: number
	) {
		const leave = () => {
			if (this.pending) this.note();
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
		this.#changes++;
		this.pending = true;
		this.#schedule(this.after);
	}

	/** Keeps at once what is not kept yet; what fails is tried again later. */
	async flush(): Promise<void> {
		clearTimeout(this.#timer);
		while (this.#saving) await this.#saving;
		if (!this.pending) return;
		this.#saving = this.#attempt();
		await this.#saving;
	}

	/** Keeps what is left and stops listening. What cannot be kept is noted and said, and tried again by whoever writes notes. */
	async close(): Promise<void> {
		this.#unlisten();
		// While a view is taken down, state reads as it was before the last change: what is to be kept is read afterwards.
		await Promise.resolve();
		await this.flush();
		clearTimeout(this.#timer);
		if (!this.pending) return;
		// Where there is no room for a note either, it goes on trying as long as the page is there.
		if (!leaveUnkept(this.failure, () => this.note())) this.#schedule(RETRY);
	}

	async #attempt(): Promise<void> {
		const changes = this.#changes;
		const heard = afterPatience(PATIENCE, () => {
			this.failure = SILENT;
			this.note();
		});
		try {
			await this.save();
			this.failure = '';
			this.pending = changes !== this.#changes;
		} catch (error) {
			this.failure = reasonOf(error);
			this.#schedule(RETRY);
		} finally {
			heard();
			this.#saving = null;
		}
	}

	#schedule(wait: number): void {
		clearTimeout(this.#timer);
		this.#timer = setTimeout(() => void this.flush(), wait);
	}
}
