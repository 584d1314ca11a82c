import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { practisedSession, sessionBall } from '../../../../tests/support/sessions';
import { pupilFile } from '../../../../tests/support/pupils';
import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
import type { Homework } from '$lib/io/practice/homework';
import { parseArchive } from '$lib/io/archive/archive';
import { readAll } from '../files/archive';
import { database } from '../base/database';
import { homeworkFile, takeHomework } from '../files/homework';
import { unwrittenNotes } from '../base/journal';
import {
	addSession,
	drillShelf,
	homeworkShelf,
	keepBalls,
	keepDrill,
	noteDrill,
	keepSession,
	readPractice,
	readSessionBalls,
	removeSession,
	sessionShelf,
	settleSession
} from './practice';
import { addPupil, ballShelf, readPupilFile } from './pupils';

beforeEach(() => vi.stubGlobal('localStorage', new SmallStorage()));
afterEach(async () => {
	vi.unstubAllGlobals();
	await database.delete();
	await database.open();
});

describe('balls of a session', () => {
	it('are kept one by one and leave no note behind', async () => {
		await keepSession(practisedSession());
		await keepBalls(new Map([[sessionBall().id, sessionBall()]]));
		expect(await readSessionBalls('session-1')).toEqual([sessionBall()]);
		expect((await readPractice()).sessions.map(({ id }) => id)).toEqual(['session-1']);
		expect(unwrittenNotes()).toEqual([]);
	});

	it('stay noted where they cannot be written, and are written when the database opens again', async () => {
		database.close({ disableAutoOpen: true });
		await expect(keepBalls(new Map([[sessionBall().id, sessionBall()]]))).rejects.toThrow();
		expect(unwrittenNotes()).toHaveLength(1);
		await database.open();
		expect(await readSessionBalls('session-1')).toEqual([sessionBall()]);
		expect(unwrittenNotes()).toEqual([]);
	});

	it('of a drill of one’s own are its rules, kept like them', async () => {
		const drill = { ...SHIPPED_DRILLS[0]!, id: 'own', name: 'Own' };
		database.close({ disableAutoOpen: true });
		await expect(keepDrill(drill, drill)).rejects.toThrow();
		expect(unwrittenNotes()).toMatchObject([{ table: 'drills', key: 'own' }]);
		// So does what a page has no time to write.
		expect(noteDrill(drill, { ...drill, name: 'Mine' })).toBe(true);
		expect(unwrittenNotes()).toMatchObject([
			{ table: 'drills', key: 'own', row: { name: 'Mine' } }
		]);
		noteDrill(drill, drill);
		await database.open();
		expect((await readPractice()).drills).toEqual([drill]);
		// Another tab has put a step in meanwhile.
		await drillShelf.put({ ...drill, steps: ['Warm up', ...drill.steps] });
		const steps = [...drill.steps.slice(0, -1), 'Count them'];
		const { merged } = await keepDrill(drill, { ...drill, name: 'Renamed', steps });
		expect(merged).toMatchObject({ name: 'Renamed', steps: ['Warm up', ...steps] });
		expect(unwrittenNotes()).toEqual([]);
	});

	it('are taken back in one go with others that are kept', async () => {
		await keepBalls(new Map([['ball-1', sessionBall()]]));
		const next = sessionBall({ id: 'ball-2' });
		await keepBalls(
			new Map([
				['ball-1', null],
				['ball-2', next]
			])
		);
		expect(await readSessionBalls('session-1')).toEqual([next]);
		expect(unwrittenNotes()).toEqual([]);
	});

	it('count as they are said to, and as before when it is undone', async () => {
		const others = [sessionBall({ id: 'ball-2', clubId: 'pupil-1-PW' })];
		await addSession(practisedSession(), [sessionBall(), ...others]);
		const ended = practisedSession({ endedAt: '2026-10-10T10:00:00.000Z' });
		const undo = await settleSession(ended, ({ clubId }) => clubId === 'pupil-1-SW');
		const counts = async () =>
			(await readSessionBalls('session-1')).map((ball) => [ball.id, ball.counts]);
		expect(await counts()).toEqual([
			['ball-1', true],
			['ball-2', false]
		]);
		expect((await sessionShelf.get('session-1'))!.endedAt).toBe(ended.endedAt);
		await undo();
		expect(await counts()).toEqual([
			['ball-1', false],
			['ball-2', false]
		]);
		expect((await sessionShelf.get('session-1'))!.endedAt).toBeNull();
	});

	it('go with their session, and come back with it', async () => {
		await keepBalls(
			new Map([
				[
					sessionBall({ id: 'other', sessionId: undefined }).id,
					sessionBall({ id: 'other', sessionId: undefined })
				]
			])
		);
		await addSession(practisedSession(), [sessionBall()]);
		const undo = await removeSession('session-1');
		expect(await ballShelf.read()).toMatchObject({ rows: [{ id: 'other' }] });
		expect((await readPractice()).sessions).toEqual([]);
		await undo();
		expect((await ballShelf.read()).rows).toHaveLength(2);
		expect((await readPractice()).sessions).toHaveLength(1);
	});

	it('that came from a file go as one', async () => {
		const undo = await addSession(practisedSession(), [sessionBall()]);
		await undo();
		expect((await ballShelf.read()).rows).toEqual([]);
		expect((await readPractice()).sessions).toEqual([]);
	});

	it('that cannot be read are kept and named', async () => {
		await database.sessions.put({ id: 'odd', name: 'Odd' } as never);
		const { broken, sessions } = await readPractice();
		expect(sessions).toEqual([]);
		expect(broken).toMatchObject([{ table: 'sessions', keyText: 'odd', name: 'Odd' }]);
		expect((await readAll()).unreadable).toMatchObject([{ table: 'sessions', row: { id: 'odd' } }]);
	});
});

describe('a homework file', () => {
	const homework: Homework = {
		id: 'h-1',
		pupilId: 'pupil-1',
		name: 'Know your wedges',
		givenAt: '2026-10-01T00:00:00.000Z',
		due: '2026-10-20',
		cells: [{ clubId: 'pupil-1-SW', swing: '9', flight: 'standard', balls: 8 }],
		drills: [],
		note: ''
	};

	it('takes pupil, bag and what is asked, and brings the balls back; a coach’s notes stay', async () => {
		await addPupil(pupilFile({ notes: 'Only for the coach' }, [{}]));
		await homeworkShelf.put(homework);
		const out = await homeworkFile(homework);
		expect(out).not.toContain('Only for the coach');
		const parsed = parseArchive(out);
		if ('problems' in parsed) throw new Error(parsed.problems.join());
		expect(parsed.archive).toMatchObject({ balls: [], sessions: [], shots: [], greens: [] });

		// On the pupil's own device.
		await database.delete();
		await database.open();
		expect(await takeHomework(out)).toMatchObject({ homework: { id: 'h-1' }, balls: 0 });
		expect((await readPupilFile('pupil-1'))!.clubs.length).toBeGreaterThan(5);
		await addSession(practisedSession({ homeworkId: 'h-1' }), [sessionBall()]);
		const back = await homeworkFile(homework);

		// On the coach's again.
		await database.delete();
		await database.open();
		await addPupil(pupilFile({ notes: 'Only for the coach' }, [{}]));
		await homeworkShelf.put(homework);
		expect(await takeHomework(back)).toMatchObject({ balls: 1 });
		const file = await readPupilFile('pupil-1');
		expect(file!.pupil.notes).toBe('Only for the coach');
		expect(file!.balls).toHaveLength(2);
		expect(await takeHomework(back)).toMatchObject({ balls: 0 });
		expect((await readPupilFile('pupil-1'))!.balls).toHaveLength(2);
	});

	it('is refused in words where it is none, and nothing is changed', async () => {
		expect(await takeHomework('{')).toHaveProperty('problems');
		const { problems } = (await takeHomework(
			'{"format":"crisp-landing archive","version":1,"exportedAt":"2026-10-01T00:00:00Z"}'
		)) as { problems: string[] };
		expect(problems.join()).toContain('holds no homework');
		expect(await database.pupils.count()).toBe(0);
	});
});
