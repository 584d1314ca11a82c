import { tiltOf, type Tilt } from '$lib/core/today/phoneTilt';
import type { Sensor } from '../sensor';
import { eventSensor } from './eventSensor';

/** How the surface rises that the phone lies on. */
export const phoneTilt = (): Sensor<Tilt> =>
	eventSensor<Tilt, DeviceOrientationEvent>(
		{
			event: 'deviceorientation',
			kind: 'DeviceOrientationEvent',
			name: 'tilt sensor',
			instead: 'Type the slope instead.'
		},
		({ beta, gamma }) => (beta === null || gamma === null ? null : tiltOf(beta, gamma))
	);

/** A swing of the phone in a walking hand: size of the acceleration in m/s², and when in seconds. */
export interface Swing {
	size: number;
	time: number;
}

export const phoneSwings = (): Sensor<Swing> =>
	eventSensor<Swing, DeviceMotionEvent>(
		{
			event: 'devicemotion',
			kind: 'DeviceMotionEvent',
			name: 'motion sensor',
			instead: 'Count the paces with the button.'
		},
		({ accelerationIncludingGravity: a, timeStamp }) =>
			a === null || a.x === null || a.y === null || a.z === null
				? null
				: { size: Math.hypot(a.x, a.y, a.z), time: timeStamp / 1000 }
	);
