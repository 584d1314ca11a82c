import { proxy } from 'comlink';
import type { ArchiveRead, FileWorker, GridRead, SavedArchive, TellProgress } from './fileProtocol';
import { WatchedWorker } from './watchedWorker';

/** The largest archive takes well under this between two signs of life, in ms. */
const PATIENCE = 180_000;

/** Reads and writes files beside the page. Closing gives up what is under way: what was to be written in one step is not written. */
export class FileHelper {
	readonly #worker: WatchedWorker<FileWorker>;

	constructor(start: () => Worker = startFileWorker) {
		this.#worker = new WatchedWorker<FileWorker>(start, 'Reading', PATIENCE);
	}

	readGrid(
		file: Blob,
		centre: readonly [number, number],
		progress: TellProgress
	): Promise<GridRead> {
		return this.#worker.call<GridRead>((remote) => remote.readGrid(file, centre, proxy(progress)));
	}

	openArchive(file: Blob, progress: TellProgress): Promise<ArchiveRead> {
		return this.#worker.call<ArchiveRead>((remote) => remote.openArchive(file, proxy(progress)));
	}

	takeIn(bringBack: boolean): Promise<string> {
		return this.#worker.call((remote) => remote.takeIn(bringBack));
	}

	undo(): Promise<number> {
		return this.#worker.call((remote) => remote.undo());
	}

	saveArchive(progress: TellProgress): Promise<SavedArchive> {
		return this.#worker.call((remote) => remote.saveArchive(proxy(progress)));
	}

	compareArchive(file: Blob, progress: TellProgress): Promise<string[]> {
		return this.#worker.call((remote) => remote.compareArchive(file, proxy(progress)));
	}

	close(): void {
		this.#worker.terminate();
	}
}

const startFileWorker = (): Worker =>
	new Worker(new URL('./files.worker.ts', import.meta.url), { type: 'module' });
