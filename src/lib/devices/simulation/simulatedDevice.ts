import type { DeviceName } from '$lib/io/work/deviceReading';
import type { Device } from '../device';
import { createStreamedDevice, type StreamOptions } from '../streamedDevice';
import { askWorker } from './askWorker';

/** A stand-in that ships with the app and runs beside the page, told what it is to find. It is heard like a device behind an address. */
export function simulatedDevice(
	name: DeviceName,
	told: Record<string, number | string>,
	options: StreamOptions = {}
): Device {
	const query = new URLSearchParams(
		Object.entries(told).map(([key, value]) => [key, String(value)])
	).toString();
	return createStreamedDevice(name, `simulated:${name}?${query}`, {
		ask: askWorker(name, query),
		...options
	});
}
