import { readGreens } from '$lib/store/shelves/greens';
import { shotShelf } from '$lib/store/shelves/savedShots';
import { playingOf } from '$lib/io/work/playing';
import type { PupilFile } from '$lib/io/work/pupil';
import type { SavedShot } from '$lib/io/work/shot';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';
import { choicesOfPlan, type Choice } from '$lib/ui/call/choices';
import { MapReader, surveyOf } from '$lib/ui/state/mapReader';
import { shotQuestion } from '$lib/ui/state/shotQuestion';
import type { PlannerPool } from '$lib/workers/plannerPool';

/** A saved shot that is called otherwise than before. */
export interface ChangedCall {
	saved: SavedShot;
	before: Choice;
	after: Choice;
}

const sameCall = (one: Choice, other: Choice): boolean =>
	one.key === other.key && one.swing.name === other.swing.name;

/** Which saved shots of a pupil are called otherwise once other balls count in the bag. */
export class CallChanges extends CancellableWork {
	/** Null until it is known. */
	changed = $state.raw<readonly ChangedCall[] | null>(null);
	/** How many saved shots were looked at. */
	of = $state(0);

	constructor(private readonly pool: PlannerPool) {
		super();
	}

	compare(before: PupilFile, after: PupilFile): Promise<void> {
		this.changed = null;
		return this.run(async (signal, progress) => {
			const { books } = await readGreens();
			const map = new MapReader(() => books);
			const saved = (await shotShelf.read()).rows.filter(
				({ shot }) => shot.pupilId === before.pupil.id
			);
			this.of = saved.length;
			const found: ChangedCall[] = [];
			for (const [i, one] of saved.entries()) {
				const ask = async (file: PupilFile) => {
					const survey = surveyOf(map.placedOf(one.shot.place));
					const request = shotQuestion(one.shot, playingOf(file), survey);
					return choicesOfPlan(await this.pool.plan(request, signal, () => {}))[0];
				};
				const [was, is] = [await ask(before), await ask(after)];
				signal.throwIfAborted();
				if (was && is && !sameCall(was, is)) found.push({ saved: one, before: was, after: is });
				progress((i + 1) / saved.length);
			}
			this.changed = found;
		});
	}
}
