import { describe, expect, it } from 'vitest';
import { createStreamedDevice } from './streamedDevice';

/** A server that sends these pieces, however they cut the events. */
const sending =
	(...pieces: string[]): typeof fetch =>
	() =>
		Promise.resolve(
			new Response(
				new ReadableStream<Uint8Array>({
					start(controller) {
						for (const piece of pieces) controller.enqueue(new TextEncoder().encode(piece));
						controller.close();
					}
				})
			)
		);

async function all(ask: typeof fetch, signal = new AbortController().signal) {
	const found = [];
	for await (const reading of createStreamedDevice('tape', '/tape', { ask }).readings(signal))
		found.push(reading);
	return found;
}

describe('streamed device', () => {
	it('puts readings together that arrive in pieces', async () => {
		const found = await all(
			sending(
				'data: {"device":"tape","le',
				'ngth":3.5}\n\ndata: {"device":"tape","length":4}\n',
				'\n'
			)
		);
		expect(found).toEqual([
			{ device: 'tape', length: 3.5 },
			{ device: 'tape', length: 4 }
		]);
	});

	it('skips what is no reading of the stream and ends with it', async () => {
		expect(await all(sending(': hello\n\nevent: x\n\n'))).toEqual([]);
	});

	it.each([
		['data: nonsense\n\n', 'not a reading'],
		['data: {"device":"tape","length":-4}\n\n', 'length must be a number from 0 to 100 metres'],
		['data: {"device":"clock"}\n\n', 'wrong reading']
	])('refuses %j in words', async (piece, message) => {
		await expect(all(sending(piece))).rejects.toThrow(message);
	});

	it('says what to do when it does not answer or refuses', async () => {
		await expect(all(() => Promise.reject(new TypeError('failed')))).rejects.toThrow(
			'Type the reading instead'
		);
		await expect(all(() => Promise.resolve(new Response('no', { status: 500 })))).rejects.toThrow(
			'refuses to measure'
		);
	});

	it('stops when it is told to', async () => {
		const abort = new AbortController();
		const device = createStreamedDevice('tape', '/tape', {
			ask: sending('data: {"device":"tape","length":1}\n\ndata: {"device":"tape","length":2}\n\n')
		});
		const found = [];
		for await (const reading of device.readings(abort.signal)) {
			found.push(reading);
			abort.abort();
			break;
		}
		expect(found).toHaveLength(1);
	});
});
