import type { Sensor } from '../sensor';

/** The kind of event that a phone's sensor sends; some browsers want to be asked for it. */
interface SensorEvents {
	/** Name of the event at the window. */
	event: 'deviceorientation' | 'devicemotion';
	/** The browser's constructor of it, by name. */
	kind: 'DeviceOrientationEvent' | 'DeviceMotionEvent';
	/** What it is to a person, as in “the tilt sensor”. */
	name: string;
	/** What to do instead. */
	instead: string;
}

/** Nothing within this time means that there is no such sensor, in ms. */
const PATIENCE = 2500;

async function allow({ kind, name, instead }: SensorEvents): Promise<void> {
	const found = (globalThis as Record<string, unknown>)[kind] as
		| { requestPermission?: () => Promise<string> }
		| undefined;
	if (!found)
		throw new Error(
			globalThis.isSecureContext
				? `This browser has no ${name}. ${instead}`
				: `The ${name} needs a secure address (https). ${instead}`
		);
	const answer = found.requestPermission ? await found.requestPermission() : 'granted';
	if (answer !== 'granted')
		throw new Error(`The ${name} was not allowed. Allow it in the browser’s settings. ${instead}`);
}

/**
 * A sensor that sends events at the window.
 *
 * @param read makes a sample of an event; null where it tells nothing
 */
export const eventSensor = <Sample, Sent extends Event>(
	events: SensorEvents,
	read: (event: Sent) => Sample | null
): Sensor<Sample> => ({
	async *samples(signal) {
		await allow(events);
		const waiting: Sample[] = [];
		let wake = () => {};
		const take = (event: Event) => {
			const sample = read(event as Sent);
			if (sample === null) return;
			waiting.push(sample);
			wake();
		};
		const ended = () => wake();
		window.addEventListener(events.event, take);
		signal.addEventListener('abort', ended);
		let heard = false;
		try {
			while (!signal.aborted) {
				if (waiting.length === 0)
					await new Promise<void>((resolve) => {
						wake = resolve;
						if (!heard) setTimeout(resolve, PATIENCE);
					});
				if (signal.aborted) return;
				if (waiting.length === 0 && !heard)
					throw new Error(`This device’s ${events.name} tells nothing. ${events.instead}`);
				heard = true;
				yield* waiting.splice(0);
			}
		} finally {
			window.removeEventListener(events.event, take);
			signal.removeEventListener('abort', ended);
		}
	}
});
