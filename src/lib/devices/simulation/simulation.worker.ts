import { deviceAnswer } from './deviceAnswer';
import type { Asked, Told } from './askWorker';

/** Simulated devices beside the page: they need no server. Each question comes with a port of its own for the answer. */
addEventListener('message', ({ data, ports }: MessageEvent<Asked>) => {
	const [port] = ports;
	if (port) void answer(data, port);
});

async function answer({ device, query, lastEvent }: Asked, port: MessagePort): Promise<void> {
	const abort = new AbortController();
	const tell = (told: Told) => port.postMessage(told);
	port.onmessage = () => abort.abort();
	const answered = deviceAnswer(device, new URLSearchParams(query), lastEvent, abort.signal);
	if (!(answered instanceof Response)) {
		tell({ status: answered.status });
		return;
	}
	tell({ status: 200 });
	const reader = answered.body!.getReader();
	for (;;) {
		const { done, value } = await reader.read();
		if (done || abort.signal.aborted) break;
		tell({ chunk: value });
	}
	tell({ end: true });
}
