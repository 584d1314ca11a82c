import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { beforeEach, describe, expect, it } from 'vitest';
import { database } from '$lib/store/base/database';
import { directPool } from '../../../../../tests/support/planner';
import { until } from '../../../../../tests/support/soon';
import { GreenBench, samePart } from './greenBench.svelte';
import { greenShelf, saveGreen } from '$lib/store/shelves/greens';
import { blankGreen } from './greenEdits';

const green = blankGreen('g', 'New');

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
});

describe('GreenBench', () => {
	it('fits the surface, again after a change, and keeps the change', async () => {
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		await until(() => bench.report !== null);
		const first = bench.report;
		bench.change((g) => g.spots.push({ at: [4, 4], height: 0.3, leftOut: false }));
		await until(() => bench.report !== first && !bench.fitting);
		expect(bench.report!.residuals).toHaveLength(1);
		await until(() => bench.canUndo);
		await bench.flush();
		expect(await database.greens.get('g')).toMatchObject({ spots: [{ height: 0.3 }] });
		bench.undo();
		await bench.close();
		expect(await database.greens.get('g')).toMatchObject({ spots: [] });
	});

	it('does not fit anew for a name', async () => {
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		await until(() => bench.report !== null);
		const { report } = bench;
		bench.change((g) => (g.name = 'Another'));
		await new Promise((resolve) => setTimeout(resolve, 150));
		expect(bench.report).toBe(report);
		await bench.close();
	});

	it('keeps nothing that is not a green, and says why', async () => {
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		bench.change((g) => (g.outline = [[0, 0]]));
		expect(bench.problems[0]?.message).toContain('three corners');
		await bench.flush();
		expect(await database.greens.count()).toBe(0);
		bench.undo();
		expect(bench.problems).toEqual([]);
		await bench.close();
	});

	it('takes over what another tab has kept, but not over work of its own', async () => {
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		bench.follow({ ...structuredClone(green), name: 'From the other tab' });
		expect(bench.green.name).toBe('From the other tab');
		bench.change((g) => (g.name = 'Mine'));
		bench.follow({ ...structuredClone(green), name: 'Late' });
		expect(bench.green.name).toBe('Mine');
		await bench.close();
	});

	it('puts the work of two tabs together, and undoes only its own', async () => {
		await saveGreen(structuredClone(green));
		const [a, b] = [1, 2].map(() => new GreenBench(structuredClone(green), directPool().pool));
		a!.change((g) => (g.name = 'Kiln'));
		b!.change((g) => g.spots.push({ at: [4, 4], height: 0.3, leftOut: false }));
		await a!.flush();
		await b!.flush();
		expect(b!.green).toMatchObject({ name: 'Kiln', spots: [{ height: 0.3 }] });
		b!.undo();
		await b!.flush();
		expect(await greenShelf.get('g')).toMatchObject({ name: 'Kiln', spots: [] });
		await a!.close();
		await b!.close();
	});

	it('says when another tab has changed what was changed here, and puts it back', async () => {
		await saveGreen(structuredClone(green));
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		bench.change((g) => (g.name = 'Mine'));
		bench.change((g) => (g.note = 'wet'));
		await bench.flush();
		bench.follow({ ...structuredClone(bench.green), name: 'Theirs' });
		expect(bench.green).toMatchObject({ name: 'Theirs', note: 'wet' });
		expect(bench.overtaken).toEqual([{ key: 'name', mine: 'Mine' }]);
		bench.follow({ ...structuredClone(bench.green), note: 'dry' });
		expect(bench.overtaken).toHaveLength(2);
		bench.putBack(bench.overtaken[0]!);
		expect(bench.green).toMatchObject({ name: 'Mine', note: 'dry' });
		expect(bench.overtaken).toEqual([{ key: 'note', mine: 'wet' }]);
		await bench.close();
	});

	it('loses nothing of its own where a save fails while another tab’s change comes in', async () => {
		await saveGreen(green);
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		bench.change((g) => (g.name = 'Mine'));
		const table = database.greens;
		let fail: (() => void) | null = null;
		table.bulkPut = (() =>
			Dexie.waitFor(new Promise((_, reject) => (fail = () => reject(new Error('full')))))) as never;
		const saving = bench.flush();
		await until(() => fail !== null);
		bench.follow({ ...structuredClone(green), note: 'theirs' });
		fail!();
		await saving;
		delete (table as Partial<typeof table>).bulkPut;
		expect([bench.green.name, bench.trouble]).toEqual(['Mine', expect.stringContaining('full')]);
		await saveGreen({ ...green, note: 'theirs' });
		await bench.flush();
		expect(await database.greens.get('g')).toMatchObject({ name: 'Mine', note: 'theirs' });
		await bench.close();
	});

	it('undoes a drag in one step that leaves the other tab’s work alone', async () => {
		await saveGreen(structuredClone(green));
		const bench = new GreenBench(structuredClone(green), directPool().pool);
		bench.startDrag();
		for (let i = 1; i <= 3; i++) bench.change((g) => (g.collar = i));
		bench.endDrag();
		await bench.flush();
		bench.follow({ ...structuredClone(bench.green), note: 'theirs' });
		bench.undo();
		expect(bench.green).toMatchObject({ collar: green.collar, note: 'theirs' });
		await bench.close();
	});

	it('knows parts by what they are', () => {
		expect(samePart({ kind: 'spot', index: 2 }, { kind: 'spot', index: 2 })).toBe(true);
		expect(samePart({ kind: 'spot', index: 2 }, { kind: 'tilt', index: 2 })).toBe(false);
		expect(samePart(null, { kind: 'spot', index: 2 })).toBe(false);
	});
});
