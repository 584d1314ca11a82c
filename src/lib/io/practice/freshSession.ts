import type { DrillDraft, DrillRules } from './drill';
import type { Session, SessionGround, Turn } from './session';

/** What a session begins with. */
interface Beginning {
	drill: Pick<DrillDraft, 'id' | 'name'>;
	rules: DrillRules;
	ground: SessionGround;
	mark: number;
	turns: Turn[];
	homeworkId?: string | null;
}

/** The order of what is mixed is another each time. */
const SEEDS = 100_000;

/**
 * A session before its first ball.
 *
 * @param now milliseconds since 1970
 */
export const freshSession = (
	id: string,
	{ drill, rules, ground, mark, turns, homeworkId = null }: Beginning,
	now: number
): Session => ({
	id,
	drillId: drill.id,
	name: drill.name,
	rules: structuredClone(rules),
	startedAt: new Date(now).toISOString(),
	endedAt: null,
	ground,
	mark,
	turns,
	seed: now % SEEDS,
	homeworkId,
	notes: ''
});
