import {
	deviceReadingSchema,
	type DeviceName,
	type DeviceReading
} from '$lib/io/work/deviceReading';
import { issuesOf } from '$lib/io/fields/issues';
import type { Device } from './device';

/** Before a lost stream is asked again, in ms: a little longer each time in a row. */
const AGAIN = [250, 500, 1000, 2000, 4000];

/** One event of the stream: what it says, and the number from which the stream goes on. */
interface StreamEvent {
	reading: DeviceReading | null;
	id: string | null;
	/** The device has no more. */
	ended: boolean;
}

const fieldOf = (event: string, name: string): string | null => {
	const line = event.split('\n').find((part) => part.startsWith(`${name}: `));
	return line ? line.slice(name.length + 2) : null;
};

function readEvent(event: string): StreamEvent {
	const data = fieldOf(event, 'data');
	const rest = { id: fieldOf(event, 'id'), ended: fieldOf(event, 'event') === 'end' };
	if (data === null || rest.ended) return { reading: null, ...rest };
	let content: unknown;
	try {
		content = JSON.parse(data);
	} catch {
		throw new Error('The device sent something that is not a reading.');
	}
	const parsed = deviceReadingSchema.safeParse(content);
	if (parsed.success) return { reading: parsed.data, ...rest };
	const [first] = issuesOf(parsed.error);
	throw new Error(`The device sent a wrong reading: ${first?.path} ${first?.message}.`);
}

/** How a stream is asked for. */
export interface StreamOptions {
	/** The browser's fetch, or a stand-in. */
	ask?: typeof fetch;
	/**
	 * Is told that the stream was lost and is asked again from the last event, or that it is back. Without it a stream that ends is over,
	 * and one that cannot be reached fails.
	 */
	onlost?: (lost: boolean) => void;
	/** Waits before it is asked again; a stand-in need not. */
	wait?: (ms: number) => Promise<void>;
}

/**
 * A device behind a stream of server-sent events.
 *
 * @param address of the stream
 * @returns readings as they come; it throws in words a user can act on when the device cannot be reached or sends nonsense
 */
export function createStreamedDevice(
	name: DeviceName,
	address: string,
	{ ask = fetch, onlost, wait = pause }: StreamOptions = {}
): Device {
	async function open(
		last: string | null,
		signal: AbortSignal
	): Promise<ReadableStream<Uint8Array>> {
		const again = last === null ? {} : { headers: { 'last-event-id': last } };
		const response = await ask(address, { signal, ...again }).catch((error: unknown) => {
			signal.throwIfAborted();
			throw new Error('The device does not answer. Type the reading instead.', { cause: error });
		});
		if (!response.ok || !response.body)
			throw new Error('The device refuses to measure. Type the reading instead.');
		return response.body;
	}

	async function* readings(signal: AbortSignal): AsyncGenerator<DeviceReading> {
		let last: string | null = null;
		let failures = 0;
		for (;;) {
			let body: ReadableStream<Uint8Array> | null = null;
			try {
				body = await open(last, signal);
			} catch (error) {
				if (!onlost || signal.aborted || failures >= AGAIN.length) throw error;
			}
			if (body) {
				let rest = '';
				const decoder = new TextDecoder();
				for await (const chunk of chunksOf(body, signal, onlost !== undefined)) {
					const events: string[] = (rest + decoder.decode(chunk, { stream: true })).split('\n\n');
					rest = events.pop() ?? '';
					for (const event of events) {
						const { reading, id, ended } = readEvent(event);
						if (ended) return;
						if (failures > 0) onlost?.(false);
						failures = 0;
						if (reading) yield reading;
						last = id ?? last;
					}
				}
			}
			if (!onlost || signal.aborted) return;
			onlost(true);
			await wait(AGAIN[Math.min(failures, AGAIN.length - 1)]!);
			failures++;
			if (signal.aborted) return;
		}
	}
	return { name, readings };
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** @param forgiving a stream that breaks off ends instead of failing */
async function* chunksOf(
	body: ReadableStream<Uint8Array>,
	signal: AbortSignal,
	forgiving: boolean
): AsyncGenerator<Uint8Array> {
	const reader = body.getReader();
	try {
		while (!signal.aborted) {
			const { done, value } = await reader.read();
			if (done) return;
			yield value;
		}
	} catch (error) {
		if (!forgiving || signal.aborted) throw error;
	} finally {
		await reader.cancel().catch(() => {});
	}
}
