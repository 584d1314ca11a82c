import { describe, expect, it } from 'vitest';
import { createStreamedDevice } from '$lib/devices/streamedDevice';
import { deviceReadingSchema, type DeviceReading } from '$lib/io/work/deviceReading';
import { eventStream } from './eventStream';
import { simulationSchema } from './simulatedDevices';
import { trackerEvents } from './simulatedTracker';

const START = Date.UTC(2026, 0, 1);
const simulation = (change: Record<string, unknown> = {}) =>
	simulationSchema.parse({ shots: '56/8,56/8,46/12,46/12', seed: 3, interval: 0, ...change });

describe('simulated ball tracker', () => {
	it('follows the balls that are asked for, near where they are meant', () => {
		const events = trackerEvents(simulation({ shots: Array(40).fill('56/8').join() }), START);
		expect(events.map(({ id }) => id)).toEqual(events.map((_, i) => i + 1));
		const carries = events.map(({ reading }) => reading.landed[0]);
		const mean = carries.reduce((sum, carry) => sum + carry, 0) / carries.length;
		expect(mean).toBeGreaterThan(5);
		expect(mean).toBeLessThan(10);
		for (const { reading, breaks } of events) {
			expect(deviceReadingSchema.safeParse(reading).success).toBe(true);
			expect(breaks).toBe(false);
		}
	});

	it('sends the same for the same seed, and something else for another', () => {
		expect(trackerEvents(simulation(), START)).toEqual(trackerEvents(simulation(), START));
		expect(trackerEvents(simulation({ seed: 4 }), START)).not.toEqual(
			trackerEvents(simulation(), START)
		);
	});

	it('with faults sends twice, late and with breaks, and every ball', () => {
		const shots = Array(200).fill('56/8').join();
		const events = trackerEvents(simulation({ shots, faults: 'yes' }), START);
		const ids = events.map(({ reading }) => reading.id);
		expect(new Set(ids).size).toBe(200);
		expect(ids.length).toBeGreaterThan(210);
		expect(events.some(({ breaks }) => breaks)).toBe(true);
		const times = events.map(({ reading }) => reading.at);
		expect(times).not.toEqual([...times].sort());
	});

	it.each([['56'], ['56/8,'], ['x/8'], ['56/8;drop'], ['9'.repeat(9000)]])(
		'is told nothing like %j',
		(shots) => {
			expect(simulationSchema.safeParse({ shots }).success).toBe(false);
		}
	);
});

describe('a stream that breaks', () => {
	/** A server that goes on after the last event it was told was heard. */
	function serving(events: ReturnType<typeof trackerEvents>) {
		let asked = 0;
		const ask: typeof fetch = (_, init) => {
			asked++;
			const last = Number(new Headers(init?.headers).get('last-event-id') ?? 0);
			const rest = events.filter(({ id }) => id > last);
			return Promise.resolve(eventStream(rest, 0, true, init!.signal!));
		};
		return { ask, asked: () => asked };
	}

	async function listen(ask: typeof fetch, lost: boolean[] = []) {
		const device = createStreamedDevice('tracker', '/tracker', {
			ask,
			onlost: (is) => lost.push(is),
			wait: () => Promise.resolve()
		});
		const found: DeviceReading[] = [];
		for await (const reading of device.readings(new AbortController().signal)) found.push(reading);
		return found;
	}

	it('is taken up where it broke: nothing is lost', async () => {
		const shots = Array(60).fill('56/8').join();
		const events = trackerEvents(simulation({ shots, faults: 'yes' }), START);
		const { ask, asked } = serving(events);
		const lost: boolean[] = [];
		const found = await listen(ask, lost);
		expect(found).toEqual(events.map(({ reading }) => reading));
		expect(asked()).toBe(1 + events.filter(({ breaks }) => breaks).length);
		expect(lost.filter(Boolean)).toHaveLength(asked() - 1);
		expect(lost.at(-1)).toBe(false);
	});

	it('gives up in words after it could not be reached again and again', async () => {
		const never: typeof fetch = () => Promise.reject(new TypeError('failed'));
		await expect(listen(never)).rejects.toThrow('does not answer');
	});
});
