/** A question to the worker that simulates devices. */
export interface Asked {
	device: string;
	query: string;
	lastEvent: string | null;
}

/** What it answers: how it takes the question, then pieces of the stream, then its end. */
export type Told = { status: number } | { chunk: Uint8Array<ArrayBuffer> } | { end: true };

let worker: Worker | null = null;

const startWorker = (): Worker =>
	new Worker(new URL('./simulation.worker.ts', import.meta.url), { type: 'module' });

/**
 * Asks the worker as one would fetch a stream from a device's address: the answer is the same, so that what reads it cannot tell.
 *
 * @param start makes the worker, once
 */
export const askWorker =
	(device: string, query: string, start: () => Worker = startWorker): typeof fetch =>
	(_address, init) =>
		new Promise((resolve, reject) => {
			const { port1, port2 } = new MessageChannel();
			let stream: ReadableStreamDefaultController<Uint8Array> | null = null;
			const stop = () => {
				stream = null;
				port1.postMessage('stop');
				port1.close();
			};
			port1.onmessage = ({ data }: MessageEvent<Told>) => {
				if ('status' in data)
					resolve(
						new Response(
							new ReadableStream<Uint8Array>({
								start: (controller) => void (stream = controller),
								cancel: stop
							}),
							{ status: data.status }
						)
					);
				else if ('chunk' in data) stream?.enqueue(data.chunk);
				else {
					stream?.close();
					port1.close();
				}
			};
			init?.signal?.addEventListener('abort', () => {
				stop();
				reject(init.signal!.reason as Error);
			});
			worker ??= start();
			const lastEvent = new Headers(init?.headers).get('last-event-id');
			worker.postMessage({ device, query, lastEvent } satisfies Asked, [port2]);
		});
