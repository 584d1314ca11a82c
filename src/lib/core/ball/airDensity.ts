import type { Metres } from '../units';

const SEA_LEVEL_PRESSURE = 101_325;
const SEA_LEVEL_TEMPERATURE = 288.15;
const LAPSE = 0.0065;
const GAS_CONSTANT = 287.05;
const EXPONENT = 5.2559;
const ZERO_CELSIUS = 273.15;

/**
 * Density of dry air.
 *
 * @param altitude above the sea, −400 to 5000 m
 * @param celsius −20 to 50
 * @returns kg/m³; 1.225 at sea level and 15 °C
 * @source International Standard Atmosphere (ISO 2533:1975) for the pressure, ideal gas for the density
 */
export function airDensity(altitude: Metres, celsius: number): number {
	const pressure =
		SEA_LEVEL_PRESSURE * (1 - (LAPSE * altitude) / SEA_LEVEL_TEMPERATURE) ** EXPONENT;
	return pressure / (GAS_CONSTANT * (celsius + ZERO_CELSIUS));
}
