import { afterEach, expect, it, vi } from 'vitest';
import { createStreamedDevice } from '../streamedDevice';
import { askWorker, type Asked } from './askWorker';
import { deviceAnswer } from './deviceAnswer';

/** The worker's own message handler, on this thread. */
let heard: (event: MessageEvent<Asked>) => void;
vi.stubGlobal('addEventListener', (_: string, listener: typeof heard) => (heard = listener));
await import('./simulation.worker');
const worker = {
	postMessage: (data: Asked, ports: MessagePort[]) =>
		heard(new MessageEvent('message', { data, ports: ports }))
};
const start = () => worker as unknown as Worker;
afterEach(() => vi.restoreAllMocks());

const SHOTS = '56/10,46/12,60/8,56/14,50/9,46/6';

async function readings(device: 'ramp' | 'tracker', query: string, lost: boolean[] = []) {
	const found = [];
	const stream = createStreamedDevice(device, '', {
		ask: askWorker(device, query, start),
		onlost: (away) => lost.push(away),
		wait: () => Promise.resolve()
	});
	for await (const reading of stream.readings(new AbortController().signal)) {
		found.push(reading);
		if (device === 'ramp' && found.length === 4) break;
	}
	return found;
}

it('is heard as the server’s would be, reading by reading', async () => {
	const query = 'count=4&interval=0&seed=3';
	const answer = deviceAnswer('ramp', new URLSearchParams(query), null, AbortSignal.timeout(9000));
	const text = await (answer as Response).text();
	const server = [...text.matchAll(/data: (.*)/g)].map(([, data]) => JSON.parse(data!) as unknown);
	expect(await readings('ramp', query)).toEqual(server);
});

it('is taken up again where a tracker’s line broke, until every ball has come', async () => {
	const lost: boolean[] = [];
	for (let seed = 1; seed <= 8; seed++) {
		const query = `shots=${SHOTS}&faults=yes&interval=0&seed=${seed}`;
		const ids = (await readings('tracker', query, lost)).map((one) => ('id' in one ? one.id : ''));
		expect(new Set(ids).size).toBe(6);
	}
	expect(lost).toContain(true);
});

it('refuses what is wrong, and stops when it is told to', async () => {
	await expect(readings('ramp', 'count=900')).rejects.toThrow('refuses to measure');
	const abort = new AbortController();
	const stream = createStreamedDevice('ramp', '', {
		ask: askWorker('ramp', 'count=40&interval=5', start)
	});
	let count = 0;
	for await (const reading of stream.readings(abort.signal)) {
		expect(reading.device).toBe('ramp');
		count++;
		abort.abort();
	}
	expect(count).toBe(1);
});
