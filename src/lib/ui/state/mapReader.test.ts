import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/base/database';
import { greenDraftSchema } from '$lib/io/work/green';
import { readingDraftSchema } from '$lib/io/work/reading';
import type { GreenBook } from '$lib/store/shelves/greens';
import { until } from '../../../../tests/support/soon';
import { planView } from '../drawing/planView';
import { PlanDrag } from '$lib/ui/shot/state/planDrag.svelte';
import { SectionDrag } from '$lib/ui/shot/state/sectionDrag.svelte';

import { bench, closeBenches } from '../../../../tests/support/benches';

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

afterEach(closeBenches);

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

/** A plain copy of a proxied value. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

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
		if (shot.chosen!.candidate.play.flight !== 'putt') expect(shot.region).not.toBeNull();
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
