import 'fake-indexeddb/auto';
import { flushSync } from 'svelte';
import { afterEach, describe, expect, it } from 'vitest';
import type { LandingRegion } from '$lib/core/plan/landingRegion';
import type { Rung } from '$lib/core/plan/rung';
import { STANDARD_BAG_WIRE } from '$lib/io/club';
import { addPupil, readPupilFile } from '$lib/store/pupils';
import { database } from '$lib/store/database';
import { greenShelf, readingShelf } from '$lib/store/greens';
import { blankGreen } from './greenEdits';
import { directPool, until } from '../../../../tests/support/planner';
import { pupilFile } from '../../../../tests/support/pupils';
import { rungOf } from '../../../../tests/support/raced';
import { question } from '../../../../tests/support/scenes';
import { benchOf } from './benchOf.svelte';
import { CancellableWork } from './cancellableWork.svelte';
import { Followed } from './followed.svelte';
import { LandingStudy } from './landingStudy.svelte';
import { MeasuringStudy } from './measuringStudy.svelte';
import { freshShot } from '$lib/io/freshShot';
import { problemsOf } from './shotProblems';
import { TodaysGreen } from './todaysGreen.svelte';

afterEach(async () => {
	await database.delete();
	await database.open();
});

class Work extends CancellableWork {
	/** Hands out what ends the work, and what tells of its progress. */
	begin(): {
		end: () => void;
		fail: (error: unknown) => void;
		tell: (share: number) => void;
		done: Promise<void>;
	} {
		const handles: Partial<ReturnType<Work['begin']>> = {};
		const done = this.run(
			(_, progress) =>
				new Promise((resolve, reject) =>
					Object.assign(handles, { end: resolve, fail: reject, tell: progress })
				)
		);
		return { ...(handles as ReturnType<Work['begin']>), done };
	}
}

describe('work that can be stopped', () => {
	it('goes from idle to done, with what it has done on the way', async () => {
		const work = new Work();
		expect([work.status, work.progress]).toEqual(['idle', 0]);
		const { end, tell, done } = work.begin();
		tell(0.4);
		expect([work.status, work.progress]).toEqual(['working', 0.4]);
		end();
		await done;
		expect(work.status).toBe('done');
		work.cancel();
		expect(work.status).toBe('done');
	});

	it('is stopped, and what comes of it later is not told', async () => {
		const work = new Work();
		const { fail, tell, done } = work.begin();
		tell(0.4);
		work.cancel();
		tell(0.8);
		fail(new Error('aborted'));
		await done;
		expect([work.status, work.progress, work.failure]).toEqual(['stopped', 0.4, '']);
	});

	it('gives up the old when it starts anew', async () => {
		const work = new Work();
		const old = work.begin();
		old.tell(0.9);
		const fresh = work.begin();
		expect(work.progress).toBe(0);
		old.tell(0.95);
		old.end();
		await old.done;
		expect([work.status, work.progress]).toEqual(['working', 0]);
		fresh.end();
		await fresh.done;
		expect(work.status).toBe('done');
	});

	it('says why it failed, whatever was thrown', async () => {
		for (const [thrown, said] of [
			[new Error('no room'), 'no room'],
			['a word', 'a word']
		] as const) {
			const work = new Work();
			const { fail, done } = work.begin();
			fail(thrown);
			await done;
			expect([work.status, work.failure]).toEqual(['failed', said]);
			work.clear();
			expect(work.status).toBe('idle');
		}
	});
});

describe('a followed query', () => {
	it('tells of every value until it is ended, and why it cannot be asked', async () => {
		const told: number[] = [];
		const followed = new Followed(
			() => database.greens.count(),
			(count) => told.push(count)
		);
		const end = followed.start();
		await until(() => followed.value === 0);
		await database.greens.put({ id: 'g' });
		await until(() => followed.value === 1);
		end();
		await database.greens.put({ id: 'h' });
		await new Promise((resolve) => setTimeout(resolve, 30));
		expect([...new Set(told)]).toEqual([0, 1]);
	});

	it('says why it cannot be asked, and may begin again', async () => {
		let broken = true;
		const followed = new Followed(() =>
			broken ? Promise.reject(new Error('denied')) : Promise.resolve(7)
		);
		followed.start();
		await until(() => followed.failure === 'denied');
		broken = false;
		const end = followed.start();
		expect(followed.failure).toBe('');
		await until(() => followed.value === 7);
		end();
	});
});

describe('a bench for whoever is asked for', () => {
	it('opens, keeps what is left, and takes in what is kept elsewhere', async () => {
		const [ann, zoe] = [
			pupilFile({ id: 'ann', name: 'Ann' }),
			pupilFile({ id: 'zoe', name: 'Zoe' })
		];
		await addPupil(ann);
		await addPupil(zoe);
		let asked = $state.raw<typeof ann | undefined>(undefined);
		let found: ReturnType<typeof benchOf> | undefined;
		const end = $effect.root(() => {
			found = benchOf(() => asked);
		});
		flushSync();
		expect(found!.bench).toBeNull();
		asked = ann;
		flushSync();
		expect(found!.bench!.file.pupil.name).toBe('Ann');
		asked = { ...ann, pupil: { ...ann.pupil, notes: 'elsewhere' } };
		flushSync();
		expect(found!.bench!.file.pupil.notes).toBe('elsewhere');
		found!.bench!.change((file) => (file.pupil.minding = 'Knee'));
		asked = zoe;
		flushSync();
		expect(found!.bench!.file.pupil.name).toBe('Zoe');
		const kept = async () => (await readPupilFile('ann'))!.pupil.minding;
		for (let i = 0; i < 100 && (await kept()) !== 'Knee'; i++)
			await new Promise((resolve) => setTimeout(resolve, 20));
		expect(await kept()).toBe('Knee');
		end();
	});
});

describe('studies', () => {
	it('map a landing once, none of a putt, and forget it', async () => {
		const asked: Rung[] = [];
		const region = { cell: 0.5 } as LandingRegion;
		const { pool } = directPool({
			landingRegion: (_, rung) => {
				asked.push(rung);
				return Promise.resolve(region);
			}
		});
		const study = new LandingStudy(pool);
		const { request } = question({});
		const [chip, putt] = [rungOf('SW'), rungOf('Putter')];
		putt.play = { ...putt.play, flight: 'putt' };
		await study.map(request, chip);
		await study.map(request, chip);
		expect([asked.length, study.region]).toEqual([1, region]);
		await study.map(request, putt);
		expect([asked.length, study.region, study.status]).toEqual([1, null, 'idle']);
	});

	it('add up what measuring one swing is worth over all shots, the most first', async () => {
		const gain = (club: string, strokes: number) => ({
			club,
			swing: '9',
			flight: 'standard' as const,
			strokes
		});
		const { pool } = directPool({
			worthMeasuring: () =>
				Promise.resolve([gain('SW', 0.1), null, gain('PW', 0.15), gain('SW', 0.1)])
		});
		const study = new MeasuringStudy(pool);
		await study.start([]);
		expect(study.found!.map(({ club, shots, strokes }) => [club, shots, strokes])).toEqual([
			['SW', 2, 0.2],
			['PW', 1, 0.15]
		]);
		study.clear();
		expect([study.found, study.status]).toEqual([null, 'idle']);
	});
});

describe('what keeps a shot from being worked out', () => {
	const shot = freshShot('pupil-1');
	const bag = STANDARD_BAG_WIRE;

	it('is nothing where all is well', () => {
		expect(problemsOf(shot, bag)).toEqual([]);
	});

	it('is said with the label of its field', () => {
		const situation = { ...shot.situation, toEdge: -1, stimpFeet: 40 };
		expect(problemsOf({ ...shot, situation }, bag).map(({ path }) => path)).toEqual([
			'Ball to edge',
			'Green speed'
		]);
	});

	it('is an empty bag, and what is wrong in one', () => {
		expect(problemsOf(shot, []).at(-1)).toEqual({
			path: 'The bag',
			message: 'is empty: put a club in under Bag.'
		});
		const wrong = [{ ...bag[0]!, loft: 400 }];
		expect(problemsOf(shot, wrong)[0]!.path).toContain('bag.0.loft');
	});
});

describe('today’s green', () => {
	it('is the newest reading the moment it is kept, and a plain one as long as there is none', async () => {
		const today = new TodaysGreen();
		expect([today.reading, today.green]).toEqual([null, null]);
		const stop = today.follow();
		await until(() => today.green !== null);
		expect(today.green).toMatchObject({ firmness: 'medium', wet: false });
		expect(today.green!.greenSpeed).toBeCloseTo(3.048, 9);
		await greenShelf.put(blankGreen('g', 'Kiln green'));
		await readingShelf.put({
			id: 'r',
			greenId: 'g',
			takenAt: '2026-10-01T09:00:00.000Z',
			stimpFeet: 8,
			errorFeet: null,
			firmness: 'firm',
			wet: true,
			grainTowards: null,
			method: 'judged'
		} as never);
		await until(() => today.green?.firmness === 'firm');
		stop();
		expect(today.where).toMatch(/^on Kiln green as read \d+ (days|weeks) ago$/);
		expect(today.green).toMatchObject({ firmness: 'firm', wet: true });
		expect(today.green!.greenSpeed).toBeCloseTo(8 * 0.3048, 9);
	});
});
