import { issuesOf } from '$lib/io/issues';
import { refuse } from '$lib/server/jsonBody';
import { isSimulated, simulatedReadings, simulationSchema } from '$lib/server/simulatedDevices';
import type { RequestHandler } from './$types';

/** A simulated device as a stream of readings (server-sent events): ramp, tape or level. */
export const GET: RequestHandler = ({ params, url, request }) => {
	const { device } = params;
	if (!isSimulated(device))
		return refuse(
			404,
			`There is no simulated device “${device.slice(0, 20)}”: ask for ramp, tape or level.`
		);
	const parsed = simulationSchema.safeParse(Object.fromEntries(url.searchParams));
	if (!parsed.success) {
		const issues = issuesOf(parsed.error);
		return refuse(400, `The request has ${issues.length} wrong or unknown values.`, issues);
	}
	const readings = simulatedReadings(device, parsed.data);
	const { interval } = parsed.data;
	const stream = new ReadableStream<Uint8Array>({
		async pull(controller) {
			const next = readings.next();
			if (next.done || request.signal.aborted) {
				controller.close();
				return;
			}
			await new Promise((resolve) => setTimeout(resolve, interval));
			controller.enqueue(new TextEncoder().encode(`data: ${JSON.stringify(next.value)}\n\n`));
		}
	});
	return new Response(stream, {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' }
	});
};
