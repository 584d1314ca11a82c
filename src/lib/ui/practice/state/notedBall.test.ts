import { expect, it } from 'vitest';
import { practisedSession } from '../../../../../tests/support/sessions';
import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
import { ballOfTask } from './notedBall';

it('has a prescribed swing only where the drill asks for lengths of swing', () => {
	const session = practisedSession();
	const task = session.turns[0]!.tasks[0]!;
	const matrix = SHIPPED_DRILLS.find(({ id }) => id === 'swing-matrix')!.rules;
	for (const [rules, from] of [
		[matrix, 'prescribed'],
		[session.rules, 'assumed'],
		[{ ...session.rules, swings: { kind: 'mark' as const } }, 'assumed']
	] as const) {
		const noted = { landed: [13, 0] as const, finished: null, source: 'touched' as const };
		expect(ballOfTask(noted, task, { id: session.id, rules }).swingFrom).toBe(from);
	}
});
