import { format } from 'date-fns';
import { expectedMisses } from '$lib/core/practice/expectedMisses';
import { habitsOf } from '$lib/core/practice/habits';
import type { PlanRequest } from '$lib/core/plan/question/request';
import { diagnose } from '$lib/core/trainer/diagnosis';
import type { Read } from '$lib/io/trainer/read';
import { resultOf, type Play } from '$lib/io/log/play';
import type { Lesson } from '$lib/io/lessons/lesson';
import { lessonsHad, type Appointed } from '$lib/io/lessons/schedule';
import { isUnknown, proposedFor, type Known } from '$lib/io/lessons/proposal';
import { blocksOf } from '$lib/io/lessons/proposedBlocks';
import { proposalWords } from '$lib/io/lessons/words';
import { missKindsOf } from '$lib/io/practice/practiceStudy';
import { playingOf } from '$lib/io/work/playing';
import type { PupilFile } from '$lib/io/work/pupil';
import { shotRequest } from '$lib/io/work/shotRequest';
import type { WorkingShot } from '$lib/io/work/shot';
import { newId } from '$lib/store/base/newId';
import type { PracticeBook } from '$lib/store/shelves/practice';
import { dayWords, noonOf } from '$lib/ui/format/dates';
import { CancellableWork } from '$lib/ui/state/cancellableWork.svelte';
import { collectInSlices } from '$lib/ui/state/slices';
import type { PlannerPool } from '$lib/workers/plannerPool';
import type { Block } from '$lib/io/lessons/lesson';

/** So few samples choose a call. */
const FEW = 60;
/** The luck that a pupil's practice and shots are held against is the same whenever it is looked at. */
const SEED = 11;
/** So many of the latest shots tell what somebody meets. */
const MOST_SHOTS = 12;

/** What a proposal rests on. */
export interface Evidence {
	practice: PracticeBook;
	/** Saved and played shots of the pupil, the latest first. */
	shots: readonly Pick<WorkingShot, 'situation' | 'wanted'>[];
	/** Every lesson that there was. */
	lessons: readonly Appointed[];
	/** Shots that were read in the trainer. */
	reads: readonly Read[];
}

/** A proposal, with what it knew. */
export interface Proposed {
	blocks: Block[];
	unknown: boolean;
	shots: number;
	balls: number;
	/** Whether a habit stands out. */
	habit: boolean;
}

/** The shots that tell what a pupil meets: saved ones and played ones, the latest first, each once. */
export const shotsOf = (
	saved: readonly { savedAt: string; shot: WorkingShot }[],
	plays: readonly Play[],
	pupilId: string
): WorkingShot[] =>
	[
		...saved
			.filter(({ shot }) => shot.pupilId === pupilId)
			.map((one) => [one.savedAt, one.shot] as const),
		...plays
			.filter((play) => play.pupilId === pupilId && resultOf(play) !== null)
			.map((play) => [play.at, play.shot] as const)
	]
		.sort(([a], [b]) => b.localeCompare(a))
		.map(([, shot]) => shot)
		.slice(0, MOST_SHOTS);

/** What the next lesson should be about: what costs most strokes and can be treated in the time there is. */
export class ProposalStudy extends CancellableWork {
	proposed = $state.raw<Proposed | null>(null);

	constructor(private readonly pool: PlannerPool) {
		super();
	}

	start(lesson: Lesson, file: PupilFile, evidence: Evidence): Promise<void> {
		this.proposed = null;
		return this.run(async (signal, progress) => {
			const known = await this.#know(lesson, file, evidence, signal, progress);
			if (!known) return;
			const words = proposalWords(file, (day) => dayWords(noonOf(day)));
			this.proposed = {
				blocks: blocksOf(proposedFor(known, lesson.minutes), words, newId),
				unknown: isUnknown(known),
				shots: known.gains.length,
				balls: file.balls.length,
				habit: known.habits.some(({ stands }) => stands)
			};
		});
	}

	/** Asks everything that is known of a pupil; null where it is stopped. */
	async #know(
		lesson: Lesson,
		file: PupilFile,
		{ practice, shots, lessons, reads }: Evidence,
		signal: AbortSignal,
		progress: (share: number) => void
	): Promise<Known | null> {
		const { id } = file.pupil;
		const dayOf = (at: string) => format(at, 'yyyy-MM-dd');
		const sessions = practice.sessions.filter(({ turns }) =>
			turns.some(({ pupilId }) => pupilId === id)
		);
		const kinds = await collectInSlices(missKindsOf(file, sessions, dayOf), signal);
		if (signal.aborted) return null;
		const balls = kinds.flatMap((kind) => kind.balls);
		const who = playingOf(file);
		const asked: PlanRequest[] = shots.map((shot) => shotRequest(shot, who, FEW, SEED));
		const gains = await this.pool.worthMeasuring(asked, signal, (share) => progress(share / 2));
		const extras = await this.pool.askEach(
			asked,
			(remote, request) => remote.missExtras(request),
			signal,
			(share) => progress((1 + share) / 2)
		);
		if (signal.aborted) return null;
		return {
			file,
			sessions,
			homework: practice.homework.filter(({ pupilId }) => pupilId === id),
			lessons: lessonsHad(lessons, id, Date.now()).map((one) => one.lesson),
			habits: habitsOf(balls, expectedMisses(kinds, SEED)),
			gains,
			extras,
			reading: diagnose(reads.filter(({ pupilId }) => pupilId === id)),
			day: lesson.day,
			dayOf
		};
	}

	override clear(): void {
		super.clear();
		this.proposed = null;
	}
}
