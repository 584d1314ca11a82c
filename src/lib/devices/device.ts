import type { DeviceName, DeviceReading } from '$lib/io/work/deviceReading';

/** A source of readings, real or simulated. */
export interface Device {
	readonly name: DeviceName;
	/** Readings as they come, until the signal is aborted or the device has no more. */
	readings(signal: AbortSignal): AsyncIterable<DeviceReading>;
}
