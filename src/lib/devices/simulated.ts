import { resolve } from '$app/paths';
import type { DeviceName } from '$lib/io/deviceReading';
import type { Device } from './device';
import { createStreamedDevice, type StreamOptions } from './streamedDevice';

/** A stand-in that ships with the app, told what it is to find. */
export function simulatedDevice(
	name: DeviceName,
	told: Record<string, number | string>,
	options: StreamOptions = {}
): Device {
	const query = new URLSearchParams(
		Object.entries(told).map(([key, value]) => [key, String(value)])
	);
	return createStreamedDevice(
		name,
		`${resolve('/api/devices/[device]', { device: name })}?${query}`,
		options
	);
}
