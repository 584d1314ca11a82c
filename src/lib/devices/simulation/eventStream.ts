import type { DeviceReading } from '$lib/io/work/deviceReading';

/** One event of a device's stream. */
export interface SentEvent {
	/** Number from which the stream can be taken up again; a device that only says what it reads now has none. */
	id: number | null;
	reading: DeviceReading;
	/** The line breaks after this one. */
	breaks: boolean;
}

/**
 * Sends readings as server-sent events, one after the other. Where they are numbered, it says when there are no more: a line that broke
 * is told from a stream that ended.
 *
 * @param interval between two, ms
 * @param numbered whether it can be taken up again
 * @param signal of whoever listens
 */
export function eventStream(
	events: readonly SentEvent[],
	interval: number,
	numbered: boolean,
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
				if (numbered) controller.enqueue(encoder.encode('event: end\ndata: {}\n\n'));
				controller.close();
				return;
			}
			await new Promise((resolve) => setTimeout(resolve, interval));
			const { id, reading, breaks } = event;
			const number = id === null ? '' : `id: ${id}\n`;
			controller.enqueue(encoder.encode(`${number}data: ${JSON.stringify(reading)}\n\n`));
			if (breaks) controller.close();
		}
	});
	return new Response(stream, {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' }
	});
}
