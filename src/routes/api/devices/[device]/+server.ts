import { issuesOf } from '$lib/io/issues';
import { refuse } from '$lib/server/jsonBody';
import { eventStream, type SentEvent } from '$lib/server/eventStream';
import {
	isSimulated,
	simulatedReadings,
	simulationSchema,
	type Simulation
} from '$lib/server/simulatedDevices';
import { trackerEvents } from '$lib/server/simulatedTracker';
import type { RequestHandler } from './$types';

const NAMES = 'ramp, tape, level or tracker';
/** Hour at which a simulated round of balls began, so that a stream that is taken up again says the same. */
const BEGAN = Date.UTC(2026, 0, 1, 9);

/** What a device sends after an event of its stream. */
function eventsAfter(device: string, simulation: Simulation, last: number): SentEvent[] {
	if (device === 'tracker') return trackerEvents(simulation, BEGAN).filter(({ id }) => id > last);
	if (!isSimulated(device)) return [];
	return [...simulatedReadings(device, simulation)].map((reading) => ({
		id: null,
		reading,
		breaks: false
	}));
}

/** A simulated device as a stream of readings (server-sent events); a tracker's is taken up again after the last event that was heard. */
export const GET: RequestHandler = ({ params, url, request }) => {
	const { device } = params;
	const parsed = simulationSchema.safeParse(Object.fromEntries(url.searchParams));
	const known = device === 'tracker' || isSimulated(device);
	if (!known)
		return refuse(404, `There is no simulated device “${device.slice(0, 20)}”: ask for ${NAMES}.`);
	if (!parsed.success) {
		const issues = issuesOf(parsed.error);
		return refuse(400, `The request has ${issues.length} wrong or unknown values.`, issues);
	}
	const last = Number(request.headers.get('last-event-id') ?? 0);
	const events = eventsAfter(device, parsed.data, Number.isFinite(last) ? last : 0);
	return eventStream(events, parsed.data.interval, device === 'tracker', request.signal);
};
