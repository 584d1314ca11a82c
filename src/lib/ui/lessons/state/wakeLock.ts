/** Keeps the screen from going dark, where the device allows it: a lesson is looked at now and then and touched seldom. */
export class AwakeScreen {
	#lock: WakeLockSentinel | null = null;
	#wanted = false;
	readonly #seen = () => {
		// A device lets go of it whenever the page is hidden.
		if (document.visibilityState === 'visible') void this.#take();
	};

	keep(): void {
		if (this.#wanted) return;
		this.#wanted = true;
		document.addEventListener('visibilitychange', this.#seen);
		void this.#take();
	}

	release(): void {
		this.#wanted = false;
		document.removeEventListener('visibilitychange', this.#seen);
		void this.#lock?.release().catch(() => {});
		this.#lock = null;
	}

	async #take(): Promise<void> {
		try {
			const lock = await navigator.wakeLock?.request('screen');
			if (this.#wanted) this.#lock = lock ?? null;
			else await lock?.release();
		} catch {
			// A device that is low on battery refuses: the lesson goes on all the same.
		}
	}
}
