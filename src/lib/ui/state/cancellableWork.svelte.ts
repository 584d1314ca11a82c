import { reasonOf } from '$lib/io/fields/reason';

export type WorkStatus = 'idle' | 'working' | 'done' | 'stopped' | 'failed';

/** Long work with progress that can be stopped; a new start gives up the old one. */
export class CancellableWork {
	status = $state<WorkStatus>('idle');
	progress = $state(0);
	failure = $state('');
	#abort: AbortController | null = null;

	/** @param work may keep an answer only while its signal is not aborted */
	protected async run(
		work: (signal: AbortSignal, progress: (share: number) => void) => Promise<void>
	): Promise<void> {
		this.#abort?.abort();
		const abort = new AbortController();
		this.#abort = abort;
		this.status = 'working';
		this.progress = 0;
		try {
			await work(abort.signal, (share) => {
				if (!abort.signal.aborted) this.progress = share;
			});
			if (!abort.signal.aborted) this.status = 'done';
		} catch (error) {
			if (abort.signal.aborted) return;
			this.status = 'failed';
			this.failure = reasonOf(error);
		}
	}

	/** Stops work under way; what is done stays done. */
	cancel(): void {
		if (this.status !== 'working') return;
		this.#abort?.abort();
		this.status = 'stopped';
	}

	/** Forgets the work: its answer no longer fits what is on the screen. */
	clear(): void {
		this.#abort?.abort();
		this.status = 'idle';
	}
}
