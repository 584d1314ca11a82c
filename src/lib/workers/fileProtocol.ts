import type { FileProblem } from '../io/files/esriGrid';
import type { PreviewRow } from '../io/archive/importPreview';
import type { ArchivedTable } from '../io/archive/tables';
import type { CaredGrid } from '../io/work/gridCare';

export type TellProgress = (share: number) => void;

/** What an archive would do here, in words; the archive itself stays with the worker. */
export interface ArchiveOffer {
	rows: PreviewRow[];
	/** Rows of it that were removed here since. */
	gone: number;
}

/** A height grid that was read, or what is wrong with the file. */
export type GridRead = { cared: CaredGrid } | { problem: FileProblem };

/** An archive that was read, or everything that is wrong with it. */
export type ArchiveRead = { offer: ArchiveOffer } | { problems: string[] };

/** An archive as a file to keep. */
export interface SavedArchive {
	file: Blob;
	name: string;
	/** Rows of each kind that went in, and those that cannot be read. */
	counts: Record<ArchivedTable | 'unreadable', number>;
}

/** What a worker that reads and writes files can be asked. */
export interface FileWorker {
	/** Reads a height grid and makes it fit for a green whose middle is known. */
	readGrid(
		file: Blob,
		centre: readonly [number, number],
		progress: TellProgress
	): Promise<GridRead>;
	/** Reads an archive and works out what it would do; it is kept until it is taken in. */
	openArchive(file: Blob, progress: TellProgress): Promise<ArchiveRead>;
	/** Takes the open archive in, all of it or nothing; what was done in words. */
	takeIn(bringBack: boolean): Promise<string>;
	/** Undoes what `takeIn` did, and answers how many rows were changed since and therefore stay. */
	undo(): Promise<number>;
	/** Everything this browser holds as one file, packed where it is long. */
	saveArchive(progress: TellProgress): Promise<SavedArchive>;
	/** Whether a file, read back, holds what this browser holds now; what differs is named. */
	compareArchive(file: Blob, progress: TellProgress): Promise<string[]>;
}
