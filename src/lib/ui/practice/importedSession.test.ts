import { describe, expect, it } from 'vitest';
import { sessionBall } from '../../../../tests/support/sessions';
import { tasksFrom } from './importedSession';

describe('a session made of a file', () => {
	it('has a task for every kind of ball, meant where they landed in the middle', () => {
		const balls = [
			sessionBall({ id: '1', carry: 12 }),
			sessionBall({ id: '2', carry: 14, finished: [19, 0] }),
			sessionBall({ id: '3', carry: 13, finished: undefined }),
			sessionBall({ id: '4', clubId: 'pupil-1-PW', carry: 30, finished: undefined })
		];
		expect(tasksFrom(balls)).toMatchObject([
			{ clubId: 'pupil-1-SW', balls: 3, landing: 13, finish: 18.5 },
			{ clubId: 'pupil-1-PW', balls: 1, landing: 30, finish: 30 }
		]);
	});
});
