import 'fake-indexeddb/auto';
import { afterEach, expect, it, vi } from 'vitest';
import { createRng, type Rng } from '$lib/core/math/random';
import type { GreenWire } from '$lib/io/work/green';
import { database } from '$lib/store/base/database';
import { greenShelf, saveGreen } from '$lib/store/shelves/greens';
import { noteUnwritten } from '$lib/store/base/journal';
import { GreenBench } from '$lib/ui/greens/state/greenBench.svelte';
import { blankGreen } from '$lib/ui/greens/state/greenEdits';
import { directPool } from '../support/planner';
import { faultyStorage, MemoryStorage } from './faultyStorage';
import { schedules } from './schedules';

/** Tabs that edit one green while writes fail, tabs are killed, and each follows the others. */

type Field = 'name' | 'note' | 'collar' | 'fringe';
const FIELDS: readonly Field[] = ['name', 'note', 'collar', 'fringe'];
const TABS = 3;
const STEPS = 40;

const valueFor = (field: Field, step: number): string | number =>
	field === 'collar'
		? step / 10
		: field === 'fringe'
			? step % 2
				? 'grainy'
				: 'rough'
			: `${field} ${step}`;

class Tab {
	bench: GreenBench;
	/** What this tab wrote last into each field, and when. */
	readonly wrote = new Map<Field, { value: unknown; step: number }>();
	#base: GreenWire;

	constructor(green: GreenWire) {
		this.#base = green;
		this.bench = new GreenBench(structuredClone(green), directPool().pool);
	}

	edit(field: Field, step: number): void {
		const value = valueFor(field, step);
		this.bench.change((green) => Object.assign(green, { [field]: value }));
		this.wrote.set(field, { value, step });
	}

	/** The page ends at once: only what could be noted in time is left of it. */
	async kill(): Promise<void> {
		const { green } = this.bench;
		noteUnwritten({ table: 'greens', key: 'g', row: green, base: this.#base, page: 'dead' });
		// The dead page writes no more: its bench is left to itself with a store that refuses it.
		this.bench.pool.close();
		const stored = (await greenShelf.get('g'))!;
		this.#base = stored;
	}

	async keep(): Promise<void> {
		await this.bench.flush();
		this.#base = this.bench.green;
	}
}

async function reopen(): Promise<GreenWire> {
	database.close();
	await database.open();
	return (await greenShelf.get('g'))!;
}

/** One step of one tab: an edit, a save, a look at what the others did, or an undo. */
async function act(tab: Tab, rng: Rng, step: number): Promise<void> {
	const dice = rng.uniform();
	if (dice < 0.45) tab.edit(FIELDS[Math.floor(rng.uniform() * FIELDS.length)]!, step);
	else if (dice < 0.75) await tab.keep();
	else {
		const stored = await greenShelf.get('g');
		if (stored) tab.bench.follow(stored);
	}
}

afterEach(async () => {
	vi.unstubAllGlobals();
	await database.delete();
	await database.open();
});

/** Faults that the schedules below met. */
const met = { full: 0, slow: 0 };

it.each(schedules)('keeps every edit that no later one overwrote (schedule %i)', async (seed) => {
	vi.stubGlobal('localStorage', new MemoryStorage());
	const rng = createRng(seed);
	const start = await saveGreen({ ...blankGreen('g', 'Start'), note: '' });
	const storage = faultyStorage(rng, 0.3);
	const tabs = Array.from({ length: TABS }, () => new Tab(start));
	for (let step = 1; step <= STEPS; step++)
		await act(tabs[Math.floor(rng.uniform() * TABS)]!, rng, step);
	storage.heal();
	for (const tab of tabs) await tab.keep();
	met.full += storage.met.full;
	met.slow += storage.met.slow;
	const stored = (await greenShelf.get('g'))!;
	for (const field of FIELDS) {
		const wrote = tabs.flatMap((tab) => tab.wrote.get(field) ?? []);
		if (wrote.length === 0) expect(stored[field]).toEqual(start[field]);
		else expect(wrote.map(({ value }) => value)).toContainEqual(stored[field]);
		// A field that one tab alone has changed is as that tab left it.
		if (wrote.length === 1) expect(stored[field], `${field}, ${seed}`).toEqual(wrote[0]!.value);
	}
	for (const tab of tabs) await tab.bench.close();
});

it('met both faults in these schedules', () => {
	expect(met.full).toBeGreaterThan(schedules.length / 2);
	expect(met.slow).toBeGreaterThan(schedules.length / 4);
});

it.each(schedules)(
	'loses nothing of a tab that is killed while it works (schedule %i)',
	async (seed) => {
		vi.stubGlobal('localStorage', new MemoryStorage());
		const rng = createRng(1000 + seed);
		const start = await saveGreen({ ...blankGreen('g', 'Start'), note: '' });
		const [dying, living] = [new Tab(start), new Tab(start)];
		const edits = 1 + Math.floor(rng.uniform() * 4);
		for (let step = 1; step <= edits; step++) {
			dying.edit(rng.uniform() < 0.5 ? 'name' : 'note', step);
			if (rng.uniform() < 0.4) await dying.keep();
		}
		living.edit('collar', 9);
		if (rng.uniform() < 0.5) await living.keep();
		await dying.kill();
		if (rng.uniform() < 0.5) living.edit('fringe', 9);
		await living.keep();
		const stored = await reopen();
		for (const [field, { value }] of [...dying.wrote, ...living.wrote])
			expect(stored[field], `${field}, ${seed}`).toEqual(value);
		await living.bench.close();
		await dying.bench.close();
	}
);
