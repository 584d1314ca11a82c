import { issuesOf } from '$lib/io/fields/issues';
import { drillDraftSchema, type DrillDraft } from '$lib/io/practice/drill';
import { keepDrill, noteDrill } from '$lib/store/shelves/practice';
import { RowBench } from '$lib/ui/state/rowBench.svelte';

/** A drill of somebody's own under work. */
export class DrillBench extends RowBench<DrillDraft> {
	/** Why the last change was not made; empty where it was. */
	problem = $state('');

	constructor(drill: DrillDraft) {
		super(drill, { keep: keepDrill, note: noteDrill });
	}

	/** Plain data that is never changed in place. */
	get drill(): DrillDraft {
		return this.value;
	}

	/** Changes it unless what comes of that cannot be a drill: then nothing is lost of what was. */
	override change(apply: (drill: DrillDraft) => void): void {
		const next = structuredClone(this.value);
		apply(next);
		const parsed = drillDraftSchema.safeParse(next);
		const [issue] = parsed.success ? [] : issuesOf(parsed.error);
		this.problem = issue ? `${issue.path}: ${issue.message}` : '';
		if (parsed.success) super.change(apply);
	}
}
