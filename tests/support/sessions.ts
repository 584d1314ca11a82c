import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
import { plainGround } from '$lib/io/practice/practiceSetup';
import { PLAIN_BALL, type Ball } from '$lib/io/work/pupil';
import type { Session } from '$lib/io/practice/session';

const { rules } = SHIPPED_DRILLS.find(({ id }) => id === 'landing-box')!;

/** A session of the landing box: two clubs, two balls each. */
export const practisedSession = (change: Partial<Session> = {}): Session => ({
	id: 'session-1',
	drillId: 'landing-box',
	name: 'Landing box',
	rules,
	startedAt: '2026-10-10T09:00:00.000Z',
	endedAt: null,
	ground: plainGround(),
	mark: 14,
	turns: [
		{
			pupilId: 'pupil-1',
			tasks: (['SW', 'PW'] as const).map((club) => ({
				clubId: `pupil-1-${club}`,
				swing: '9',
				flight: 'standard',
				shape: 'straight',
				balls: 2,
				landing: 14,
				finish: 18
			}))
		}
	],
	seed: 1,
	homeworkId: null,
	notes: '',
	...change
});

/** A ball of that session. */
export const sessionBall = (change: Partial<Ball> = {}): Ball => ({
	...PLAIN_BALL,
	id: 'ball-1',
	pupilId: 'pupil-1',
	clubId: 'pupil-1-SW',
	at: '2026-10-10T09:01:00.000Z',
	swing: '9',
	flight: 'standard',
	carry: 14,
	source: 'touched',
	sessionId: 'session-1',
	landed: [14, 0],
	finished: [18, 0.2],
	meant: 14,
	meantRoll: 4,
	counts: false,
	...change
});
