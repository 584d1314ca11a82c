import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { practisedSession, sessionBall } from '../../../../../tests/support/sessions';
import { pupilFile } from '../../../../../tests/support/pupils';
import { changesOf } from '$lib/io/practice/cellChanges';
import { hitsOf, type Session } from '$lib/io/practice/session';
import { database } from '$lib/store/base/database';
import { readSessionBalls } from '$lib/store/shelves/practice';
import { SessionBench } from './sessionBench.svelte';

const file = pupilFile();
const other = pupilFile({ id: 'pupil-2', name: 'Other' });
const open: SessionBench[] = [];

function bench(change: Partial<Session> = {}, balls = [] as ReturnType<typeof sessionBall>[]) {
	const made = new SessionBench(practisedSession(change), balls, (id) =>
		[file, other].find(({ pupil }) => pupil.id === id)
	);
	open.push(made);
	return made;
}
const withRules = (rules: Partial<Session['rules']>) => ({
	rules: { ...practisedSession().rules, ...rules }
});

afterEach(async () => {
	for (const made of open.splice(0)) {
		await made.flush();
		await made.close();
	}
	vi.restoreAllMocks();
	await database.delete();
	await database.open();
});

describe('whose swing it was', () => {
	it('says nothing of a swing until somebody says which it was, and then counts for that one', async () => {
		const made = bench();
		for (const carry of [6, 6.2])
			made.note({ landed: [carry, 0], finished: [8, 0], source: 'touched' });
		const changed = () => changesOf({ ...file, balls: [...made.own] }, made.own);
		expect(changed()).toEqual([]);
		made.saySwing(0, '7');
		expect(made.own.map(({ swing, swingFrom }) => [swing, swingFrom])).toEqual([
			['7', 'noted'],
			['7', 'noted']
		]);
		expect(made.tasks[0]!.balls).toHaveLength(2);
		expect(changed().map(({ swing }) => swing)).toEqual(['7']);
		expect(changed()[0]!.after!.n).toBe(2);
		await made.flush();
		expect((await readSessionBalls('session-1')).every(({ swing }) => swing === '7')).toBe(true);
		made.saySwing(0, '8');
		expect(changed().map(({ swing }) => swing)).toEqual(['8']);
		made.saySwing(0, null);
		expect(changed()).toEqual([]);
		expect(made.tasks[0]!.balls.map(({ swingFrom }) => swingFrom)).toEqual(['assumed', 'assumed']);
	});
});

describe('noting balls', () => {
	it('takes two touches: where it landed, then where it stopped', async () => {
		const made = bench();
		made.touch([13.5, -0.4]);
		expect(made.half).toEqual([13.5, -0.4]);
		expect(made.balls).toEqual([]);
		made.touch([17.9, -0.2]);
		await made.flush();
		const [ball] = await readSessionBalls('session-1');
		expect(ball).toMatchObject({
			clubId: 'pupil-1-SW',
			landed: [13.5, -0.4],
			finished: [17.9, -0.2],
			meant: 14,
			meantRoll: 4,
			inferred: false,
			source: 'touched',
			counts: false
		});
		expect(ball!.carry).toBeCloseTo(Math.hypot(13.5, 0.4), 9);
	});

	it('takes one where only the landing counts, and one where only the end does', () => {
		const carry = bench(withRules({ measure: 'carry' }));
		carry.touch([13, 0.5]);
		expect(carry.balls[0]).toMatchObject({ landed: [13, 0.5], inferred: false });
		expect(carry.balls[0]).not.toHaveProperty('finished');
		const flag = bench(withRules({ measure: 'finish', mark: 'flag' }));
		flag.touch([9, 0.6]);
		expect(flag.balls[0]).toMatchObject({ finished: [9, 0.6], inferred: true });
		expect(flag.balls[0]!.landed![0]).toBeCloseTo(9 * (14 / 18), 9);
		expect(flag.balls[0]!.landed![1]).toBeCloseTo(0.6 * (14 / 18), 9);
	});

	it('keeps how far a touch may be off, and nothing of a ball that was typed', () => {
		const made = bench(withRules({ measure: 'carry' }));
		made.touch([13, 0.5], 0.21);
		made.note({ landed: [13, 0], finished: null, source: 'typed' });
		expect(made.balls[0]!.touchError).toBe(0.21);
		expect(made.balls[1]).not.toHaveProperty('touchError');
	});

	it('marks a landing that was worked out', () => {
		const made = bench();
		made.onlyEnd = true;
		made.touch([17, 0]);
		expect(made.balls[0]).toMatchObject({ inferred: true, finished: [17, 0] });
		// The next ball is seen again.
		made.touch([14, 0]);
		expect([made.onlyEnd, made.half]).toEqual([false, [14, 0]]);
	});

	it('goes club by club, says when all are hit, and takes no more', () => {
		const made = bench();
		const clubs = [1, 2, 3, 4].map(() => {
			const at = made.current!.task.clubId;
			made.note({ landed: [14, 0], finished: [18, 0], source: 'typed' });
			return at;
		});
		expect(clubs).toEqual(['pupil-1-SW', 'pupil-1-SW', 'pupil-1-PW', 'pupil-1-PW']);
		expect(made.next).toBeNull();
		expect(made.note({ landed: [14, 0], finished: null, source: 'typed' })).toBeNull();
		made.ask(2);
		expect(made.next).toBeNull();
		made.chosen = 0;
		made.ask(3);
		expect(made.session.turns[0]!.tasks[0]!.balls).toBe(5);
		expect(made.note({ landed: [14, 0], finished: [18, 0], source: 'typed' })).not.toBeNull();
	});

	it('stays with a club that was chosen until its balls are hit, then follows the order again', () => {
		const made = bench();
		made.chosen = 1;
		for (let i = 0; i < 2; i++) made.note({ landed: [14, 0], finished: [18, 0], source: 'typed' });
		expect(made.balls.map(({ clubId }) => clubId)).toEqual(['pupil-1-PW', 'pupil-1-PW']);
		expect(made.current!.task.clubId).toBe('pupil-1-SW');
	});

	it('asks for pairs where the worse of two counts, and scores them', () => {
		const made = bench(withRules({ format: 'worst-ball' }));
		const [task] = made.session.turns[0]!.tasks;
		expect(made.asked(task!)).toBe(4);
		for (const along of [14, 15, 14.2, 16.5])
			made.note({ landed: [along, 0], finished: [18, 0], source: 'typed' });
		expect(made.current!.task.clubId).toBe('pupil-1-PW');
		expect(made.score).toMatchObject({ kind: 'worse', pairs: 2 });
		expect((made.score as { median: number }).median).toBeCloseTo((1 + 2.5) / 2, 9);
	});

	it('asks nothing of a ball that ran on or came back a little, and knows where only the end was seen', () => {
		const made = bench();
		for (const [landed, finished] of [
			[14, 17],
			[14, 12.6]
		] as const) {
			made.touch([landed, 0]);
			made.touch([finished, 0]);
			expect(made.notice).toBe('');
		}
		made.onlyEnd = true;
		made.touch([17, 0.5]);
		expect(made.balls.at(-1)).toMatchObject({
			finished: [17, 0.5],
			inferred: true,
			source: 'touched'
		});
	});

	it('asks back what came far back, and refuses a landing behind the ball', () => {
		const made = bench();
		made.touch([-0.5, 0]);
		expect(made.half).toBeNull();
		expect(made.notice).toContain('behind the ball');
		made.touch([9, 0]);
		expect(made.notice).toBe('');
		made.touch([5, 0]);
		expect(made.balls).toHaveLength(1);
		expect(made.notice).toContain('came far back');
		made.undo();
		expect([made.balls.length, made.notice]).toEqual([0, '']);
	});

	it('takes back the last touch first, then the last ball', async () => {
		const made = bench();
		made.touch([14, 0]);
		made.touch([18, 0]);
		made.touch([13, 0]);
		made.undo();
		expect(made.half).toBeNull();
		expect(made.balls).toHaveLength(1);
		made.undo();
		made.undo();
		expect(made.balls).toEqual([]);
		await made.flush();
		expect(await readSessionBalls('session-1')).toEqual([]);
	});

	it('says of the ball noted last how it was struck, and of the next one where none was', async () => {
		const made = bench();
		made.tag('thin');
		made.note({ landed: [14, 0], finished: [18, 0], source: 'typed' });
		made.tag('left');
		expect(made.balls[0]!.tags).toEqual(['thin', 'left']);
		made.tag('thin');
		made.touch([13, 0]);
		made.tag('heavy');
		made.touch([16, 0]);
		await made.flush();
		const tags = (await readSessionBalls('session-1')).map((ball) => ball.tags);
		expect(tags.sort()).toEqual([['heavy'], ['left']]);
	});

	it('keeps their order though the clock is set back', () => {
		const made = bench({}, [sessionBall({ at: '2099-01-01T00:00:00.000Z' })]);
		made.note({ landed: [14, 0], finished: [18, 0], source: 'typed' });
		expect(made.balls[1]!.at > '2099-01-01').toBe(true);
	});

	it('notes a reading of a device once', () => {
		const made = bench();
		const reading = {
			landed: [14, 0],
			finished: [18, 0],
			source: 'tracker',
			reading: 'r-1'
		} as const;
		expect(made.note(reading)).not.toBeNull();
		expect(made.note(reading)).toBeNull();
		expect(made.balls).toHaveLength(1);
	});

	it('notes nothing into a session that has ended', () => {
		const made = bench({ endedAt: '2026-10-10T10:00:00.000Z' });
		expect(made.note({ landed: [14, 0], finished: null, source: 'typed' })).toBeNull();
	});
});

describe('what balls say', () => {
	it('groups them club by club, tells how far they should have rolled, and keeps the score', () => {
		const made = bench({}, [
			sessionBall({ id: '1', landed: [14, 0], finished: [20, 0] }),
			sessionBall({
				id: '2',
				landed: [14.4, 0.2],
				finished: [20.6, 0],
				at: '2026-10-10T09:02:00.000Z'
			}),
			sessionBall({
				id: '3',
				clubId: 'pupil-1-PW',
				landed: [18, 0],
				at: '2026-10-10T09:03:00.000Z'
			})
		]);
		const [sand, pitching] = made.tasks;
		expect(sand!.group!.carry.centre).toBeCloseTo(14.2, 6);
		expect(sand!.group!.roll!.centre).toBeCloseTo(6.1, 6);
		expect(sand!.meantRoll).toBeGreaterThan(0.5);
		expect(pitching!.balls).toHaveLength(1);
		expect(made.score).toMatchObject({ kind: 'hits', share: { hits: 2, of: 3 }, last: null });
		expect(hitsOf(made.session, made.own)).toMatchObject({ hits: 2, of: 3 });
	});
});

describe('taking turns', () => {
	const turns = [
		practisedSession().turns[0]!,
		{
			pupilId: 'pupil-2',
			tasks: practisedSession().turns[0]!.tasks.map((task) => ({
				...task,
				clubId: task.clubId.replace('pupil-1', 'pupil-2')
			}))
		}
	];

	it('gives the next pupil their own balls', () => {
		const made = bench({ turns });
		made.note({ landed: [14, 0], finished: [18, 0], source: 'typed' });
		made.touch([3, 0]);
		made.nextPupil();
		expect(made.half).toBeNull();
		expect(made.pupil!.pupil.name).toBe('Other');
		made.note({ landed: [12, 0], finished: [15, 0], source: 'typed' });
		expect(made.balls.map(({ pupilId, clubId }) => [pupilId, clubId])).toEqual([
			['pupil-1', 'pupil-1-SW'],
			['pupil-2', 'pupil-2-SW']
		]);
		made.undo();
		expect(made.balls).toHaveLength(1);
		made.nextPupil();
		expect(made.turnAt).toBe(0);
	});
});
