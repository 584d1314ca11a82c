/** Exact conversion factors (international yard and pound agreement, 1959). No other file holds a conversion number. */

export type Metres = number;
export type Seconds = number;
export type MetresPerSecond = number;
export type Radians = number;
export type RadiansPerSecond = number;
export type Kilograms = number;
/** Rise over run: 0.02 is a 2 % slope. */
export type Ratio = number;

export const YARD: Metres = 0.9144;
export const FOOT: Metres = 0.3048;
export const CENTIMETRE: Metres = 0.01;
const DEGREE: Radians = Math.PI / 180;
const REVOLUTION_PER_MINUTE: RadiansPerSecond = (2 * Math.PI) / 60;
const PERCENT: Ratio = 0.01;

export const radians = (degrees: number): Radians => degrees * DEGREE;
export const degrees = (angle: Radians): number => angle / DEGREE;
export const rpm = (spin: RadiansPerSecond): number => spin / REVOLUTION_PER_MINUTE;
export const fromPercent = (percent: number): Ratio => percent * PERCENT;
export const toPercent = (ratio: Ratio): number => ratio / PERCENT;
export const fromFeet = (feet: number): Metres => feet * FOOT;
export const toFeet = (length: Metres): number => length / FOOT;
