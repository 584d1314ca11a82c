import { contentKey } from '$lib/core/math/contentKey';
import { issuesOf, type Issue } from '$lib/io/fields/issues';
import { pupilFileSchema, type PupilFile } from '$lib/io/work/pupil';
import { mergeThree, sameData, type Clash } from '$lib/store/base/merge';
import { mergePupilFile, notePupilFile } from '$lib/store/shelves/pupils';
import { Autosave } from './autosave.svelte';
import { Draft } from './draft.svelte';

const KEEP_AFTER = 300;

/** A pupil under work, with bag and balls: what was changed keeps itself and can be undone. */
export class PupilBench {
	/** Parts that this tab and another changed; what is here counts. */
	clashes = $state.raw<readonly Clash[]>([]);
	#kept: PupilFile;
	readonly #draft: Draft<PupilFile>;
	readonly #autosave = new Autosave(
		() => this.#store(),
		() => this.#note(),
		KEEP_AFTER
	);

	constructor(file: PupilFile) {
		this.#kept = file;
		this.#draft = new Draft(file, () => this.#autosave.touch());
	}

	/** Plain data that is never changed in place. */
	get file(): PupilFile {
		return this.#draft.value;
	}

	get canUndo(): boolean {
		return this.#draft.canUndo;
	}

	get canRedo(): boolean {
		return this.#draft.canRedo;
	}

	/** Whether something is not kept yet. */
	get pending(): boolean {
		return this.#autosave.pending;
	}

	/** Why the last attempt to keep it failed. */
	get failure(): string {
		return this.#autosave.failure;
	}

	/** What keeps it from being kept as it stands. */
	readonly problems: Issue[] = $derived.by(() => {
		const parsed = pupilFileSchema.safeParse(this.file);
		return parsed.success ? [] : issuesOf(parsed.error);
	});

	change(change: (file: PupilFile) => void): void {
		this.#draft.change(change);
	}

	undo(): void {
		this.#draft.undo();
	}

	redo(): void {
		this.#draft.redo();
	}

	/** Takes in what is kept now, unless something here is not kept yet: then both are put together when it is. */
	follow(stored: PupilFile): void {
		if (this.#autosave.pending || sameData(stored, this.#kept)) return;
		this.#kept = stored;
		this.#draft.adopt(stored);
	}

	flush(): Promise<void> {
		return this.#autosave.flush();
	}

	close(): Promise<void> {
		return this.#autosave.close();
	}

	async #store(): Promise<void> {
		const { file } = this;
		if (this.problems.length > 0 || contentKey(file) === contentKey(this.#kept)) return;
		const { merged, clashes } = await mergePupilFile(this.#kept, file);
		this.#kept = merged;
		this.clashes = clashes;
		if (sameData(merged, file)) return;
		// The other tab's part comes in; what was typed while this was kept stays over it.
		this.#draft.adopt(mergeThree(file, this.file, merged).merged);
	}

	#note(): boolean {
		return this.problems.length === 0 && notePupilFile(this.#kept, this.file);
	}
}
