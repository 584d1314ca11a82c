import 'fake-indexeddb/auto';
import { afterEach, expect, it, vi } from 'vitest';
import { createRng, type Rng } from '$lib/core/math/random';
import { beginBlock, freshBlock, settleBlock, type Lesson } from '$lib/io/lessons/lesson';
import { database } from '$lib/store/base/database';
import { keepLesson, lessonShelf, noteLesson } from '$lib/store/shelves/lessons';
import { LessonBench } from '$lib/ui/lessons/state/lessonBench.svelte';
import { block, lesson } from '../support/lessons';
import { faultyStorage, MemoryStorage } from './faultyStorage';
import { schedules } from './schedules';

/** A phone and a tablet that run one lesson while writes fail, each noting its own blocks; one of them may die. */

const STEPS = 30;
const MINUTE = 60_000;
const START = Date.parse('2026-12-01T15:30:00Z');
const OWN = { phone: ['a', 'b'], tablet: ['c', 'd'] } as const;
type Device = keyof typeof OWN;

class Runner {
	bench: LessonBench;
	/** What this device noted last of each of its blocks. */
	readonly noted = new Map<string, string>();
	/** Blocks that it put in. */
	readonly added: string[] = [];
	#base: Lesson;

	constructor(
		readonly device: Device,
		stored: Lesson
	) {
		this.#base = stored;
		this.bench = new LessonBench(stored);
	}

	note(rng: Rng, step: number): void {
		const id = OWN[this.device][Math.floor(rng.uniform() * 2)]!;
		const words = `${this.device} ${step}`;
		this.bench.change((one) => {
			const found = one.blocks.find((other) => other.id === id);
			if (found) found.note = words;
		});
		this.noted.set(id, words);
	}

	add(step: number): void {
		const id = `${this.device}-${step}`;
		this.bench.change((one) =>
			one.blocks.push(freshBlock(id, { kind: 'free', title: id, minutes: 5 }))
		);
		this.added.push(id);
	}

	run(step: number): void {
		const now = START + step * MINUTE;
		const [first, second] = OWN[this.device];
		this.bench.become((one) =>
			step % 2 ? beginBlock(one, first, now) : settleBlock(one, second, 'done', now)
		);
	}

	async keep(): Promise<void> {
		await this.bench.flush();
		this.#base = this.bench.lesson;
	}

	/** The page ends at once; another one opens what is kept once its note is written. */
	async die(): Promise<void> {
		noteLesson(this.#base, this.bench.lesson);
		await this.bench.close();
		database.close();
		await database.open();
		const stored = (await lessonShelf.get('l'))!;
		this.#base = stored;
		this.bench = new LessonBench(stored);
	}

	follow = async (): Promise<void> => {
		const stored = await lessonShelf.get('l');
		if (stored) this.bench.follow(stored);
	};
}

async function act(runner: Runner, rng: Rng, step: number): Promise<void> {
	const dice = rng.uniform();
	if (dice < 0.35) runner.note(rng, step);
	else if (dice < 0.45) runner.add(step);
	else if (dice < 0.6) runner.run(step);
	else if (dice < 0.8) await runner.keep();
	else if (dice < 0.95) await runner.follow();
	else await runner.die();
}

afterEach(async () => {
	vi.unstubAllGlobals();
	await database.delete();
	await database.open();
});

let full = 0;

it.each(schedules)(
	'keeps every note and every block that either device put in (schedule %i)',
	async (seed) => {
		vi.stubGlobal('localStorage', new MemoryStorage());
		const rng = createRng(9000 + seed);
		const blocks = ['a', 'b', 'c', 'd'].map((id) => block(id));
		await keepLesson(null, lesson('l', { blocks }));
		const start = (await lessonShelf.get('l'))!;
		const storage = faultyStorage(rng, 0.3);
		const runners = [new Runner('phone', start), new Runner('tablet', start)];
		for (let step = 1; step <= STEPS; step++)
			await act(runners[Math.floor(rng.uniform() * 2)]!, rng, step);
		storage.heal();
		full += storage.met.full;
		for (const runner of runners) await runner.keep();
		const stored = (await lessonShelf.get('l'))!;
		const ids = stored.blocks.map(({ id }) => id);
		expect(new Set(ids).size, `${seed}: nothing stands twice`).toBe(ids.length);
		for (const runner of runners) {
			for (const [id, words] of runner.noted)
				expect(stored.blocks.find((one) => one.id === id)?.note, `${seed}, ${id}`).toBe(words);
			for (const id of runner.added) expect(ids, `${seed}`).toContain(id);
			await runner.bench.close();
		}
	}
);

it('met full disks in these schedules', () => {
	expect(full).toBeGreaterThan(schedules.length / 4);
});
