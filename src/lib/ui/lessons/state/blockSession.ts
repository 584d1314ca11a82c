import { freshSession } from '$lib/io/practice/freshSession';
import { homeworkTasks, plainGround, proposalFor } from '$lib/io/practice/practiceSetup';
import { taskOf, type Session, type SessionGround } from '$lib/io/practice/session';
import type { DrillDraft } from '$lib/io/practice/drill';
import type { PupilFile } from '$lib/io/work/pupil';
import type { Block, Lesson } from '$lib/io/lessons/lesson';
import type { GreenBook } from '$lib/store/shelves/greens';
import { groundOn, startingGround, USUAL_SIDE } from '$lib/ui/practice/drill/drillGround';

/** Where a block is practised: on the lesson's first green, else where one stands. */
export function groundFor(
	{ greenIds }: Pick<Lesson, 'greenIds'>,
	greens: readonly GreenBook[],
	now: number
): SessionGround {
	const book = greens.find(({ green }) => green.id === greenIds[0]);
	if (!book) return startingGround(greens, now);
	const plain = plainGround();
	const { ground, problem } = groundOn(
		book,
		plain,
		{ pin: '', from: USUAL_SIDE, off: plain.toEdge },
		now
	);
	return problem ? startingGround(greens, now) : ground;
}

/** Balls in all, as evenly over some tasks as it goes. */
const dealt = (balls: number, tasks: number, at: number): number =>
	Math.max(1, Math.floor(balls / tasks) + (at < balls % tasks ? 1 : 0));

/**
 * The session of a block, laid out for those who take part.
 *
 * @throws Error where nobody can hit it
 */
export function sessionOfBlock(
	id: string,
	block: Block,
	drill: DrillDraft,
	files: readonly PupilFile[],
	ground: SessionGround,
	now: number
): Session {
	const { rules } = drill;
	const { cells, balls } = block;
	// Everybody has the mark of the first.
	const [leader] = files;
	const common = leader && !cells ? proposalFor({ rules }, leader, ground).mark : undefined;
	const turns = files
		.map((file) => {
			const tasks = cells
				? homeworkTasks(cells, file, ground)
				: proposalFor({ rules }, file, ground, common).tasks.map(taskOf);
			return {
				pupilId: file.pupil.id,
				tasks: balls
					? tasks.map((task, i) => ({ ...task, balls: dealt(balls, tasks.length, i) }))
					: tasks
			};
		})
		.filter(({ tasks }) => tasks.length > 0);
	if (turns.length === 0)
		throw new Error('No club of this pupil has room here: take another drill or green.');
	const farthest = Math.max(...turns.flatMap(({ tasks }) => tasks.map(({ landing }) => landing)));
	const named = { id: drill.id, name: block.title };
	return freshSession(id, { drill: named, rules, ground, mark: common ?? farthest, turns }, now);
}
