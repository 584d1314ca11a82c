import { reasonOf } from '$lib/io/fields/reason';
import type { Device } from '$lib/devices/device';
import type { DeviceReading } from '$lib/io/work/deviceReading';
import type { SessionBench } from './sessionBench.svelte';

type Tracked = Extract<DeviceReading, { device: 'tracker' }>;

/** A ball tracker that notes balls into a session: each ball once, however often its reading comes. */
export class TrackerReader {
	status = $state<'off' | 'connecting' | 'on' | 'lost' | 'failed'>('off');
	failure = $state('');
	/** Balls noted, and readings that came again. */
	noted = $state(0);
	again = $state(0);
	#abort: AbortController | null = null;

	/** @param connect opens the device; it is told of a lost line */
	constructor(
		private readonly bench: SessionBench,
		private readonly connect: (onlost: (lost: boolean) => void) => Device
	) {}

	async start(): Promise<void> {
		this.stop();
		const abort = new AbortController();
		this.#abort = abort;
		this.status = 'connecting';
		this.failure = '';
		this.noted = this.again = 0;
		try {
			const device = this.connect((lost) => {
				if (!abort.signal.aborted) this.status = lost ? 'lost' : 'on';
			});
			for await (const reading of device.readings(abort.signal)) {
				if (abort.signal.aborted) return;
				this.status = 'on';
				if (reading.device === 'tracker') this.#take(reading);
			}
			if (!abort.signal.aborted) this.status = 'off';
		} catch (error) {
			if (abort.signal.aborted) return;
			this.status = 'failed';
			this.failure = reasonOf(error);
		}
	}

	#take({ id, landed, finished }: Tracked): void {
		const { asks } = this.bench;
		const ball = this.bench.note({
			landed,
			finished: asks === 'landing' ? null : finished,
			source: 'tracker',
			reading: id
		});
		if (ball) this.noted++;
		else this.again++;
	}

	stop(): void {
		this.#abort?.abort();
		this.#abort = null;
		this.status = 'off';
	}
}
