import { issuesOf, type Issue } from '$lib/io/fields/issues';
import { eventStream, type SentEvent } from './eventStream';
import {
	isSimulated,
	simulatedReadings,
	simulationSchema,
	type Simulation
} from './simulatedDevices';
import { trackerEvents } from './simulatedTracker';

const NAMES = 'ramp, tape, level or tracker';
/** Hour at which a simulated round of balls began, so that a stream that is taken up again says the same. */
const BEGAN = Date.UTC(2026, 0, 1, 9);

/** Why a simulated device does not answer. */
export interface DeviceRefusal {
	status: 400 | 404;
	message: string;
	issues: Issue[];
}

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

/**
 * What a simulated device answers, on the server and in the page's own worker alike: a stream of readings (server-sent events). A
 * tracker's is taken up again after the last event that was heard.
 *
 * @param told what it is to find, by name
 * @param lastEvent as whoever lost the stream sends it
 * @param signal of whoever listens
 */
export function deviceAnswer(
	device: string,
	told: URLSearchParams,
	lastEvent: string | null,
	signal: AbortSignal
): Response | DeviceRefusal {
	if (device !== 'tracker' && !isSimulated(device))
		return {
			status: 404,
			message: `There is no simulated device “${device.slice(0, 20)}”: ask for ${NAMES}.`,
			issues: []
		};
	const parsed = simulationSchema.safeParse(Object.fromEntries(told));
	if (!parsed.success) {
		const issues = issuesOf(parsed.error);
		const message = `The request has ${issues.length} wrong or unknown values.`;
		return { status: 400, message, issues };
	}
	const last = Number(lastEvent ?? 0);
	const events = eventsAfter(device, parsed.data, Number.isFinite(last) ? last : 0);
	return eventStream(events, parsed.data.interval, device === 'tracker', signal);
}
