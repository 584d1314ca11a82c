import { deviceReadingSchema, type DeviceName, type DeviceReading } from '$lib/io/deviceReading';
import { issuesOf } from '$lib/io/issues';
import type { Device } from './device';

const DATA = 'data: ';

/** Reads one event of the stream. */
function readingOf(event: string): DeviceReading | null {
	const line = event.split('\n').find((part) => part.startsWith(DATA));
	if (!line) return null;
	let content: unknown;
	try {
		content = JSON.parse(line.slice(DATA.length));
	} catch {
		throw new Error('The device sent something that is not a reading.');
	}
	const parsed = deviceReadingSchema.safeParse(content);
	if (parsed.success) return parsed.data;
	const [first] = issuesOf(parsed.error);
	throw new Error(`The device sent a wrong reading: ${first?.path} ${first?.message}.`);
}

/**
 * A device behind a stream of server-sent events.
 *
 * @param address of the stream
 * @param ask the browser's fetch, or a stand-in
 * @returns readings as they come; it throws in words a user can act on when the device cannot be reached or sends nonsense
 */
export function createStreamedDevice(
	name: DeviceName,
	address: string,
	ask: typeof fetch = fetch
): Device {
	async function* readings(signal: AbortSignal): AsyncGenerator<DeviceReading> {
		const response = await ask(address, { signal }).catch((error: unknown) => {
			signal.throwIfAborted();
			throw new Error('The device does not answer. Type the reading instead.', { cause: error });
		});
		if (!response.ok || !response.body)
			throw new Error('The device refuses to measure. Type the reading instead.');
		const decoder = new TextDecoder();
		let rest = '';
		for await (const chunk of chunksOf(response.body, signal)) {
			const events = (rest + decoder.decode(chunk, { stream: true })).split('\n\n');
			rest = events.pop() ?? '';
			for (const event of events) {
				const reading = readingOf(event);
				if (reading) yield reading;
			}
		}
	}
	return { name, readings };
}

async function* chunksOf(
	body: ReadableStream<Uint8Array>,
	signal: AbortSignal
): AsyncGenerator<Uint8Array> {
	const reader = body.getReader();
	try {
		while (!signal.aborted) {
			const { done, value } = await reader.read();
			if (done) return;
			yield value;
		}
	} finally {
		await reader.cancel().catch(() => {});
	}
}
