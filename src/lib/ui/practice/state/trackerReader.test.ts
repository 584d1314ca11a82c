import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { practisedSession } from '../../../../../tests/support/sessions';
import { pupilFile } from '../../../../../tests/support/pupils';
import { createRng } from '$lib/core/math/random';
import type { Device } from '$lib/devices/device';
import type { DeviceReading } from '$lib/io/work/deviceReading';
import { database } from '$lib/store/base/database';
import { BallQueue } from '$lib/store/shelves/ballQueue';
import { readSessionBalls } from '$lib/store/shelves/practice';
import { SessionBench } from './sessionBench.svelte';
import { TrackerReader } from './trackerReader.svelte';

afterEach(async () => {
	vi.restoreAllMocks();
	await database.delete();
	await database.open();
});

const reading = (n: number): DeviceReading => ({
	device: 'tracker',
	id: `r-${n}`,
	at: '2026-10-10T09:00:00.000Z',
	landed: [14 + (n % 7) / 10, (n % 5) / 10],
	finished: [18, 0]
});

const deviceOf = (readings: readonly DeviceReading[]): Device => ({
	name: 'tracker',
	// eslint-disable-next-line @typescript-eslint/require-await -- a device answers when it answers
	async *readings(signal) {
		for (const one of readings) {
			if (signal.aborted) return;
			yield one;
		}
	}
});

function session(balls: number) {
	const file = pupilFile();
	const one = practisedSession({
		rules: { ...practisedSession().rules, measure: 'carry' }
	});
	one.turns[0]!.tasks = [{ ...one.turns[0]!.tasks[0]!, balls }];
	return new SessionBench(one, [], () => file);
}

/** `npm run faults` has ten thousand events, and time for them beside other work. */
const SOAKED = process.env['FAULT_SCHEDULES'] ? 8000 : 600;
const PATIENCE = 300_000;

describe('a tracker in a session', () => {
	it(
		'notes every ball once in a soak of events that come twice and out of order',
		async () => {
			// Writing them is another matter.
			vi.spyOn(BallQueue.prototype, 'put').mockReturnValue();
			const balls = SOAKED;
			const twice = balls / 4;
			const rng = createRng(12);
			const events = Array.from({ length: balls }, (_, n) => ({ n, at: n + 4 * rng.uniform() }));
			for (let i = 0; i < twice; i++) {
				const n = Math.floor(rng.uniform() * balls);
				events.push({ n, at: n + 20 * rng.uniform() });
			}
			events.sort((a, b) => a.at - b.at);
			const bench = session(balls);
			const reader = new TrackerReader(bench, () => deviceOf(events.map(({ n }) => reading(n))));
			await reader.start();
			expect(new Set(bench.balls.map((ball) => ball.reading)).size).toBe(balls);
			expect(bench.balls).toHaveLength(balls);
			expect([reader.noted, reader.again]).toEqual([balls, twice]);
			expect(bench.next).toBeNull();
			void bench.close();
		},
		PATIENCE
	);

	it('keeps them with where they landed and nothing of the run where that does not count', async () => {
		const bench = session(5);
		const reader = new TrackerReader(bench, () => deviceOf([reading(1), reading(2), reading(1)]));
		await reader.start();
		await bench.flush();
		const kept = await readSessionBalls('session-1');
		expect(kept.map((ball) => ball.reading).sort()).toEqual(['r-1', 'r-2']);
		expect(kept[0]).toMatchObject({ source: 'tracker' });
		expect(kept[0]).not.toHaveProperty('finished');
		expect(reader.status).toBe('off');
		void bench.close();
	});

	it('says that the line is lost and back, and why it failed', async () => {
		const bench = session(5);
		const seen: string[] = [];
		const reader: TrackerReader = new TrackerReader(bench, (onlost) => ({
			name: 'tracker',
			// eslint-disable-next-line @typescript-eslint/require-await -- a device answers when it answers
			async *readings() {
				yield reading(1);
				onlost(true);
				seen.push(reader.status);
				onlost(false);
				seen.push(reader.status);
				throw new Error('The device sent something that is not a reading.');
			}
		}));
		await reader.start();
		expect(seen).toEqual(['lost', 'on']);
		expect([reader.status, reader.failure]).toEqual([
			'failed',
			'The device sent something that is not a reading.'
		]);
		void bench.close();
	});
});
