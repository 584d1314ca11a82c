import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/base/database';
import { readLastShot } from '$lib/store/shelves/settings';
import { whoever } from '../../../../../tests/support/pupils';
import { directPool } from '../../../../../tests/support/planner';
import { until } from '../../../../../tests/support/soon';
import { SectionDrag } from './sectionDrag.svelte';
import { freshShot } from '$lib/io/work/freshShot';

import { bench, closeBenches, opened } from '../../../../../tests/support/benches';

afterEach(closeBenches);

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

	it('tilts the green in quarters of a percent, from where it was when the drag began', () => {
		const { bench: shot } = bench();
		shot.change(({ situation }) => (situation.slopeAlong = 1));
		const drag = new SectionDrag(shot);
		drag.start([-1, 15]);
		const slope = (up: number, length: number) => {
			drag.slope(up, length);
			return shot.shot.situation.slopeAlong;
		};
		expect([slope(0.2, 10), slope(-0.3, 10), slope(0.011, 4)]).toEqual([3, -2, 1.25]);
		expect([slope(9, 10), slope(-9, 10)]).toEqual([30, -30]);
		drag.end();
		shot.undo();
		expect(shot.shot.situation.slopeAlong).toBe(1);
	});

	it('moves the ball along the section with the green where it is', () => {
		const { bench: shot } = bench();
		const drag = new SectionDrag(shot);
		drag.start([-1, 15]);
		drag.ball(1.04);
		expect(shot.shot.situation.toEdge).toBe(2);
		expect(drag.shift).toBeCloseTo(1, 9);
		drag.ball(-2);
		expect(shot.shot.situation).toMatchObject({ toEdge: 5, edgeToPin: 9 });
		drag.ball(99);
		expect([shot.shot.situation.toEdge, drag.shift]).toEqual([0, 3]);
		drag.end();
		expect([drag.shift, drag.frozen]).toEqual([0, null]);
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
		await shot.mapLanding(shot.choices.find(({ candidate }) => candidate.play.flight !== 'putt')!);
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
		const far = shot.chosen!.candidate.solution.outcome.landingX;
		shot.chooseByLanding(0);
		expect(shot.chosen!.candidate.solution.outcome.landingX).toBeLessThan(far);
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
