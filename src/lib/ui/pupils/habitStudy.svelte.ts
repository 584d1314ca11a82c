import { format } from 'date-fns';
import { expectedMisses, type MissKind } from '$lib/core/practice/expectedMisses';
import { habitsOf, type Habit, type MissedBall } from '$lib/core/practice/habits';
import { missKindsOf } from '$lib/io/practice/practiceStudy';
import type { Session } from '$lib/io/practice/session';
import type { PupilFile } from '$lib/io/work/pupil';
import { collectInSlices } from '$lib/ui/state/slices';

/** The luck that a practice is held against is the same whenever it is looked at. */
const SEED = 11;

/** What a pupil's balls say of habits, against what others of the skill would do with them; worked out while the page answers. */
export class HabitStudy {
	#kinds = $state.raw<readonly MissKind[]>([]);
	#under: AbortController | null = null;
	/** Whether it is worked out. */
	done = $state(false);

	readonly balls: readonly MissedBall[] = $derived(this.#kinds.flatMap(({ balls }) => balls));
	readonly habits: readonly Habit[] = $derived(
		habitsOf(this.balls, expectedMisses(this.#kinds, SEED))
	);

	async look(file: PupilFile, sessions: readonly Session[]): Promise<void> {
		this.stop();
		const under = (this.#under = new AbortController());
		const dayOf = (at: string) => format(at, 'yyyy-MM-dd');
		const kinds = await collectInSlices(missKindsOf(file, sessions, dayOf), under.signal);
		if (under.signal.aborted) return;
		this.#kinds = kinds;
		this.done = true;
	}

	stop(): void {
		this.#under?.abort();
	}
}
