import type { DeviceReading } from '$lib/io/deviceReading';

/** One event of a device's stream. */
export interface SentEvent {
	id: number;
	reading: DeviceReading;
	/** The line breaks after this one. */
	breaks: boolean;
}

/**
 * Sends readings as server-sent events with their numbers, one after the other, and says when there are no more.
 *
 * @param interval between two, ms
 * @param signal of whoever listens
 */
export function eventStream(
	events: readonly SentEvent[],
	interval: number,
	signal: AbortSignal
): Response {
	const encoder = new TextEncoder();
	let next = 0;
	const stream = new ReadableStream<Uint8Array>({
		async pull(controller) {
			const event = events[next++];
			if (signal.aborted) {
				controller.close();
				return;
			}
			if (!event) {
				controller.enqueue(encoder.encode('event: end\ndata: {}\n\n'));
				controller.close();
				return;
			}
			await new Promise((resolve) => setTimeout(resolve, interval));
			const { id, reading, breaks } = event;
			controller.enqueue(encoder.encode(`id: ${id}\ndata: ${JSON.stringify(reading)}\n\n`));
			if (breaks) controller.close();
		}
	});
	return new Response(stream, {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' }
	});
}
