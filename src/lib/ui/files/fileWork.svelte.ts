import { FileHelper } from '$lib/workers/fileHelper';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';

/** A file that is read or written beside the page, with progress, and given up when it is stopped. */
export class FileWork extends CancellableWork {
	/** @param start makes a helper */
	constructor(private readonly start: () => FileHelper = () => new FileHelper()) {
		super();
	}

	/**
	 * Begins; what was under way is given up.
	 *
	 * @param work asks the helper; what it keeps it may close itself, later
	 * @param helper that holds what an earlier piece of work left with it; a new one where it is left out
	 */
	begin(
		work: (helper: FileHelper, progress: (share: number) => void) => Promise<'keep' | void>,
		helper = this.start()
	): Promise<void> {
		return this.run(async (signal, progress) => {
			const stop = () => helper.close();
			signal.addEventListener('abort', stop);
			let kept: 'keep' | void = undefined;
			try {
				kept = await work(helper, progress);
			} finally {
				// What is kept outlives this piece of work: the next one must not close it.
				signal.removeEventListener('abort', stop);
				if (kept !== 'keep') helper.close();
			}
		});
	}
}
