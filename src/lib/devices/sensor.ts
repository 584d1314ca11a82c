/** A sensor of the device the app runs on, real or simulated: samples as they come, many a second. */
export interface Sensor<Sample> {
	/**
	 * Samples until the signal is aborted. Ask for them on a touch or a key: browsers let a person allow it only then.
	 *
	 * @throws in words a person can act on where the browser or the person refuses, or nothing comes
	 */
	samples(signal: AbortSignal): AsyncIterable<Sample>;
}
