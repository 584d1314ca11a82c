import type { Spot } from '$lib/core/practice/practised';
import { prescribesSwing } from '$lib/io/practice/drill';
import type { Ball } from '$lib/io/work/pupil';
import type { Session, SessionTask } from '$lib/io/practice/session';

/** Where one ball of a session came down, as it is noted. */
export interface NotedBall {
	landed: Spot | null;
	finished: Spot | null;
	source: Ball['source'];
	/** How far a touch may be off, one standard deviation in metres. */
	touchError?: number | undefined;
	strokes?: number | undefined;
	reading?: string | undefined;
	at?: string | undefined;
}

/** Where a ball landed that was only seen to end: as far from the ball as the forecast has it for that finish. */
function inferred(task: SessionTask, [along, right]: Spot): Spot {
	const share = Math.min(1, Math.max(0.05, task.landing / Math.max(0.1, task.finish)));
	return [Math.max(0.1, along * share), right * share];
}

/** The ball of a task that was noted so; whose it is, when it was hit and how it was struck is said beside. */
export function ballOfTask(
	{ landed, finished, source, touchError, strokes, reading }: NotedBall,
	task: SessionTask,
	{ id, rules }: Pick<Session, 'id' | 'rules'>
): Omit<Ball, 'id' | 'pupilId' | 'at' | 'tags'> {
	const seen = landed ?? (finished ? inferred(task, finished) : ([task.landing, 0] as Spot));
	return {
		clubId: task.clubId,
		swing: task.swing,
		swingFrom: prescribesSwing(rules) ? 'prescribed' : 'assumed',
		flight: task.flight,
		shape: task.shape,
		carry: Math.hypot(seen[0], seen[1]),
		source,
		sessionId: id,
		lie: task.flight === 'splash' ? 'sand' : 'fairway',
		landed: [...seen],
		...(finished && { finished: [...finished] }),
		meant: task.landing,
		...(rules.measure === 'roll-out' && { meantRoll: task.finish - task.landing }),
		inferred: landed === null,
		...(touchError !== undefined && { touchError }),
		...(strokes !== undefined && { strokes }),
		...(reading !== undefined && { reading }),
		counts: false
	};
}
