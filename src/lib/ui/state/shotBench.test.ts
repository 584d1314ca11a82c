import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/database';
import { shotShelf } from '$lib/store/savedShots';
import { readLastShot } from '$lib/store/settings';
import { greenDraftSchema } from '$lib/io/green';
import { readingDraftSchema } from '$lib/io/reading';
import type { GreenBook } from '$lib/store/greens';
import { whoever } from '../../../../tests/support/pupils';
import type { PlannerPool } from '$lib/workers/plannerPool';
import { directPool, until } from '../../../../tests/support/planner';
import { planView } from '../drawing/planView';
import { PlanDrag } from './planDrag.svelte';
import { SectionDrag } from './sectionDrag.svelte';
import { freshShot, ShotBench } from './shotBench.svelte';

const book: GreenBook = {
	green: greenDraftSchema.parse({
		id: 'g',
		name: 'Bench',
		outline: [
			[0, 0],
			[14, 0],
			[14, 18],
			[0, 18]
		],
		spots: [
			[0, 0, 0],
			[14, 0, 0],
			[0, 18, 0.36],
			[14, 18, 0.36]
		].map(([u, v, height]) => ({ at: [u, v], height })),
		pins: [
			{ id: 'a', name: 'Low', at: [7, 6] },
			{ id: 'b', name: 'High', at: [7, 14] }
		]
	}),
	readings: [
		readingDraftSchema.parse({
			id: 'r',
			greenId: 'g',
			takenAt: '2026-05-04T08:00:00.000Z',
			stimpFeet: 8.5,
			firmness: 'firm',
			grainTowards: 0
		})
	]
};

const open: ShotBench[] = [];

/** A bench that is closed when its test ends, so that it keeps nothing in the middle of the next. */
function opened(pool: PlannerPool, who = whoever): ShotBench {
	const made = new ShotBench(who, pool);
	open.push(made);
	return made;
}

afterEach(() => Promise.all(open.splice(0).map((made) => made.close())));

function bench() {
	const { pool, asked, closed } = directPool();
	const made = opened(pool);
	made.open({ shot: freshShot('pupil-1'), name: '', origin: null });
	return { bench: made, asked, closed };
}

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

describe('ShotBench', () => {
	it('answers at once, samples when the hand rests, and keeps the shot', async () => {
		const { bench: shot, closed } = bench();
		await until(() => shot.first !== null);
		expect(shot.choices.every(({ option }) => option === null)).toBe(true);
		await until(() => shot.status === 'ready');
		expect(shot.choices[0]?.option?.statistics.expectedStrokes).toBeGreaterThan(1.5);
		// Leaving at once after a change loses nothing.
		shot.change(({ situation }) => (situation.edgeToPin = 7));
		await shot.close();
		const last = await readLastShot();
		expect(last !== 'broken' && last?.shot.situation.edgeToPin).toBe(7);
		expect(closed()).toBe(true);
	});

	it('undoes a change and a whole drag in one step each', async () => {
		const { bench: shot } = bench();
		shot.change(({ situation }) => (situation.toEdge = 5));
		const drag = new SectionDrag(shot);
		drag.start([-1, 15]);
		for (let i = 1; i <= 20; i++) drag.pin(i / 10);
		drag.end();
		expect(shot.shot.situation.edgeToPin).toBeCloseTo(11, 9);
		shot.undo();
		expect(shot.shot.situation.edgeToPin).toBe(9);
		shot.undo();
		expect(shot.shot.situation.toEdge).toBe(3);
		expect(shot.canUndo).toBe(false);
		shot.redo();
		expect(shot.shot.situation.toEdge).toBe(5);
		await until(() => shot.status === 'ready');
	});

	it('has the shot before back when another was opened over it', async () => {
		const { bench: shot } = bench();
		const other = freshShot('pupil-1');
		other.situation.edgeToPin = 4;
		shot.open({
			shot: other,
			name: 'Other',
			origin: { id: 'x', name: 'Other', savedAt: '', shot: other }
		});
		expect([shot.shot.situation.edgeToPin, shot.id, shot.name]).toEqual([4, 'x', 'Other']);
		shot.undo();
		expect(shot.shot.situation.edgeToPin).toBe(9);
		await until(() => shot.status === 'ready');
	});

	it('keeps half a metre of green when the edge is dragged past the pin, and moves no pin', () => {
		const { bench: shot } = bench();
		const drag = new SectionDrag(shot);
		drag.start([-1, 15]);
		drag.edge(40, 0);
		expect(shot.shot.situation).toMatchObject({ toEdge: 11.5, edgeToPin: 0.5 });
		drag.edge(-40, 0.3);
		expect(shot.shot.situation).toMatchObject({ toEdge: 0, edgeToPin: 12, rise: 0.3 });
		drag.end();
		expect(drag.frozen).toBeNull();
	});

	it('says what is wrong instead of answering', () => {
		const empty = { ...whoever(), clubs: [] };
		const shot = opened(directPool().pool, () => empty);
		shot.open({ shot: freshShot('pupil-1'), name: '', origin: null });
		expect(shot.problems).toEqual([
			{ path: 'The bag', message: expect.stringContaining('is empty') as string }
		]);
		expect(shot.status).toBe('idle');
	});

	it('keeps the first answer when it is stopped, and goes on when asked', async () => {
		const { bench: shot } = bench();
		await until(() => shot.first !== null);
		shot.cancel();
		expect(shot.status).toBe('stopped');
		// Nothing goes on behind one's back.
		await new Promise((resolve) => setTimeout(resolve, 400));
		expect([shot.status, shot.plan]).toEqual(['stopped', null]);
		shot.refresh();
		await until(() => shot.status === 'ready');
	});

	it('leaves a ready plan alone when there is nothing to stop', async () => {
		const { bench: shot } = bench();
		await until(() => shot.status === 'ready');
		shot.cancel();
		expect(shot.status).toBe('ready');
		expect(shot.plan).not.toBeNull();
	});

	it('keeps its plan though the landing map failed', async () => {
		const { pool } = directPool({ landingRegion: () => Promise.reject(new Error('no map')) });
		const shot = opened(pool);
		shot.open({ shot: freshShot('pupil-1'), name: '', origin: null });
		await until(() => shot.status === 'ready');
		await shot.mapLanding(shot.choices.find(({ rung }) => rung.play.flight !== 'putt')!);
		expect([shot.status, shot.failure, shot.region]).toEqual(['ready', '', null]);
	});

	it('tells of a planner that failed', async () => {
		const { pool } = directPool({
			firstAnswer: () => Promise.reject(new Error('the worker died'))
		});
		const shot = opened(pool);
		shot.open({ shot: freshShot('pupil-1'), name: '', origin: null });
		await until(() => shot.status === 'failed');
		expect(shot.failure).toBe('the worker died');
	});

	it('chooses the way that lands nearest to where it is asked to', async () => {
		const { bench: shot } = bench();
		await until(() => shot.first !== null);
		shot.chooseByLanding(100);
		const far = shot.chosen!.rung.solution.outcome.landingX;
		shot.chooseByLanding(0);
		expect(shot.chosen!.rung.solution.outcome.landingX).toBeLessThan(far);
	});
});

describe('a shot on a green', () => {
	it('takes distances and today’s reading off the green, and plans on its surface', async () => {
		const { bench: shot, asked } = bench();
		shot.knowGreens([book]);
		shot.placeOnGreen(book, [7, 14]);
		expect(shot.shot.place).toMatchObject({ greenId: 'g', pin: [7, 14] });
		expect(shot.shot.situation).toMatchObject({ stimpFeet: 8.5, firmness: 'firm', grain: 'with' });
		expect(shot.line?.toEdge).toBeCloseTo(shot.shot.situation.toEdge, 2);
		await until(() => asked.some(({ situation }) => situation.survey !== undefined));
		await until(() => shot.status === 'ready');
		await shot.mapLanding(shot.chosen!);
		if (shot.chosen!.rung.play.flight !== 'putt') expect(shot.region).not.toBeNull();
		shot.change(({ situation }) => (situation.stimpFeet = 11));
		expect(shot.region).toBeNull();
	});

	it('moves ball and pin on the paper as they are dragged, in one step', () => {
		const { bench: shot } = bench();
		shot.knowGreens([book]);
		shot.placeOnGreen(book, [7, 14]);
		const before = plain(shot.shot.place!);
		const drag = new PlanDrag(shot);
		drag.start(planView.whole(book.green.outline, [], 600, 400));
		drag.ball(1, 0.5);
		drag.ball(2, 1);
		expect(shot.shot.place!.ball).toEqual([before.ball[0] + 2, before.ball[1] + 1]);
		drag.end();
		expect(drag.frozen).toBeNull();
		shot.undo();
		expect(shot.shot.place!.ball).toEqual(before.ball);
	});

	it('turns a drag with the paper: right along a line up the map is up the map', () => {
		const { bench: shot } = bench();
		shot.knowGreens([book]);
		shot.placeOnGreen(book, [7, 14]);
		const [u, v] = shot.shot.place!.pin;
		const drag = new PlanDrag(shot);
		drag.start({ project: () => [0, 0], factor: 30, heading: Math.PI / 2, turn: 90 });
		drag.pin(1, 0);
		expect(shot.shot.place!.pin).toEqual([u, v + 1]);
		drag.pin(0, 1);
		expect(shot.shot.place!.pin).toEqual([u - 1, v]);
		drag.end();
	});

	it('walks along the line when the section is dragged', () => {
		const { bench: shot } = bench();
		shot.knowGreens([book]);
		shot.placeOnGreen(book, [7, 14]);
		const { toEdge, edgeToPin } = shot.shot.situation;
		const drag = new SectionDrag(shot);
		drag.start([-1, 30]);
		drag.ball(1);
		drag.end();
		expect(shot.shot.situation.toEdge).toBeCloseTo(toEdge - 1, 0);
		drag.start([-1, 30]);
		drag.pin(-2);
		drag.end();
		expect(shot.shot.situation.edgeToPin).toBeCloseTo(edgeToPin - 2, 0);
	});

	it('follows a green that is surveyed anew, and says when there is no line any more', () => {
		const { bench: shot } = bench();
		shot.knowGreens([book]);
		shot.placeOnGreen(book, [7, 14]);
		const steeper = structuredClone(book);
		steeper.green.spots[2]!.height = steeper.green.spots[3]!.height = 0.9;
		const before = shot.shot.situation.segments![4]!.slopeAlong;
		shot.knowGreens([steeper]);
		expect(shot.shot.situation.segments![4]!.slopeAlong).toBeGreaterThan(before + 1);
		const away = structuredClone(book);
		away.green.outline = [
			[50, 50],
			[60, 50],
			[55, 60]
		];
		shot.knowGreens([away]);
		expect(shot.problems[0]?.message).toContain('The pin does not stand on the green');
	});

	it('goes on along the line that was read when the green is gone', () => {
		const { bench: shot } = bench();
		shot.knowGreens([book]);
		shot.placeOnGreen(book, [7, 14]);
		const { toEdge } = shot.shot.situation;
		shot.knowGreens([]);
		expect(shot.line).toBeNull();
		expect(shot.problems).toEqual([]);
		expect(shot.situation.survey).toBeUndefined();
		expect(shot.situation.toEdge).toBe(toEdge);
		shot.leaveGreen();
		expect(shot.shot.place).toBeUndefined();
	});
});

describe('pieces of the line', () => {
	it('are bent at their break points and at the end', () => {
		const { bench: shot } = bench();
		shot.change(({ situation }) => {
			situation.segments = [
				{ length: 4, slopeAlong: 0, slopeAcross: 0 },
				{ length: 5, slopeAlong: 0, slopeAcross: 0 }
			];
		});
		const drag = new SectionDrag(shot);
		drag.start([-1, 15]);
		drag.breakPoint(0, 0.5, 0);
		drag.end();
		expect(shot.shot.situation.segments![0]!.length).toBe(4.5);
		drag.start([-1, 15]);
		drag.lastSlope(0.1, 5);
		drag.end();
		expect(shot.shot.situation.segments![1]!.slopeAlong).toBe(2);
		drag.start([-1, 15]);
		drag.edge(0.5, 0.3);
		drag.end();
		expect(shot.shot.situation).toMatchObject({ toEdge: 3.5, edgeToPin: 8.5, rise: 0.3 });
	});
});

/** A plain copy of a proxied value. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

describe('two tabs on one shot', () => {
	const saved = {
		id: 'both',
		name: 'Both',
		savedAt: '2026-01-01T00:00:00.000Z',
		shot: freshShot('pupil-1')
	};
	const tab = () => {
		const made = opened(directPool().pool);
		made.open({ shot: saved.shot, name: saved.name, origin: saved });
		return made;
	};

	it('keep what each changed, and show both', async () => {
		await shotShelf.put(saved);
		const [a, b] = [tab(), tab()];
		await a.flush();
		await b.flush();
		a.change(({ situation }) => (situation.edgeToPin = 7));
		b.change(({ situation }) => (situation.stimpFeet = 12));
		await a.flush();
		await b.flush();
		expect(b.shot.situation).toMatchObject({ edgeToPin: 7, stimpFeet: 12 });
		const last = await readLastShot();
		expect(last !== 'broken' && last?.shot.situation).toMatchObject({
			edgeToPin: 7,
			stimpFeet: 12
		});
		b.undo();
		expect(b.shot.situation).toMatchObject({ edgeToPin: 7, stimpFeet: 10 });
		await a.close();
		await b.close();
	});

	it('save over the kept shot without taking the other’s part back', async () => {
		await shotShelf.put(saved);
		const [a, b] = [tab(), tab()];
		a.change(({ situation }) => (situation.edgeToPin = 7));
		b.change((working) => (working.pupilId = 'pupil-2'));
		await a.save('Both', false);
		await b.save('Both', false);
		const { shot } = (await shotShelf.get('both'))!;
		expect([shot.situation.edgeToPin, shot.pupilId]).toEqual([7, 'pupil-2']);
		await a.close();
		await b.close();
	});

	it('leave each other alone where each has a shot of its own', async () => {
		const [a, b] = [opened(directPool().pool), opened(directPool().pool)];
		for (const own of [a, b]) own.open({ shot: freshShot('pupil-1'), name: '', origin: null });
		a.change(({ situation }) => (situation.edgeToPin = 7));
		b.change(({ situation }) => (situation.stimpFeet = 12));
		await a.flush();
		await b.flush();
		expect(b.shot.situation).toMatchObject({ edgeToPin: 9, stimpFeet: 12 });
		await a.close();
		await b.close();
	});
});
