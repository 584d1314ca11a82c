import { issuesOf, type Issue } from '$lib/io/fields/issues';
import { pupilFileSchema, type PupilFile } from '$lib/io/work/pupil';
import { mergePupilFile, notePupilFile } from '$lib/store/shelves/pupils';
import { RowBench } from './rowBench.svelte';

/** A pupil under work, with bag and balls. */
export class PupilBench extends RowBench<PupilFile> {
	constructor(file: PupilFile) {
		super(file, {
			keep: mergePupilFile,
			note: notePupilFile,
			isWhole: () => this.problems.length === 0
		});
	}

	/** Plain data that is never changed in place. */
	get file(): PupilFile {
		return this.value;
	}

	/** What keeps it from being kept as it stands. */
	readonly problems: Issue[] = $derived.by(() => {
		const parsed = pupilFileSchema.safeParse(this.file);
		return parsed.success ? [] : issuesOf(parsed.error);
	});
}
