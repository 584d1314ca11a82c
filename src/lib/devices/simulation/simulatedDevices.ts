import * as z from 'zod/mini';
import { createRng, type Rng } from '$lib/core/math/random';
import { rollOffRamp } from '$lib/core/today/rampBall';
import { fromFeet, fromPercent } from '$lib/core/units';
import { within } from '$lib/io/fields/fields';
import type { DeviceReading } from '$lib/io/work/deviceReading';

const number = (low: number, high: number, unit: string, fallback: number) =>
	z.pipe(
		z.transform((value: unknown) =>
			typeof value === 'string' && value !== '' ? Number(value) : value
		),
		z._default(within(low, high, unit), fallback)
	);

/** What a stand-in is told of the green it pretends to measure. */
export const simulationSchema = z.strictObject({
	stimpFeet: number(3, 18, 'feet', 10),
	/** Slope along the ramp's line, or the steepest slope under the level. */
	slope: number(0, 20, 'percent', 1),
	fallsTowards: number(0, 360, 'degrees', 180),
	length: number(0, 100, 'metres', 8),
	count: number(1, 40, '', 6),
	/** Between two readings, in ms. */
	interval: number(0, 5000, 'ms', 600),
	seed: number(-1e9, 1e9, '', 1),
	/** Of a ball tracker: what its hidden pupil is asked for, ball by ball, as loft in degrees/carry in metres, by commas. */
	shots: z._default(
		z
			.string()
			.check(
				z.maxLength(8000, 'must be at most 8000 letters'),
				z.regex(
					/^\d{1,2}(\.\d+)?\/\d{1,3}(\.\d+)?(,\d{1,2}(\.\d+)?\/\d{1,3}(\.\d+)?)*$/,
					'must be loft/carry, by commas'
				)
			),
		'56/10'
	),
	/** Whether it loses its line, sends twice and sends late. */
	faults: z._default(z.enum(['no', 'yes'], { error: 'must be no or yes' }), 'no')
});

export type Simulation = z.output<typeof simulationSchema>;

/** Reading errors of the stand-ins, one standard deviation (assumption). */
const TAPE_ERROR = 0.01;
const LEVEL_ERROR = 0.2;

const to = (value: number, decimals: number): number => Number(value.toFixed(decimals));

/** A ramp rolled up and down the same place in turn. */
function ramp({ stimpFeet, slope }: Simulation, rng: Rng, i: number): DeviceReading {
	const way = i % 2 === 0 ? 'up' : 'down';
	const along = fromPercent(way === 'up' ? slope : -slope);
	return {
		device: 'ramp',
		way,
		rollOut: to(Math.min(30, rollOffRamp(fromFeet(stimpFeet), along, rng)), 2)
	};
}

const tape = ({ length }: Simulation, rng: Rng): DeviceReading => ({
	device: 'tape',
	length: to(Math.max(0, length + TAPE_ERROR * rng.normal()), 2)
});

const level = ({ slope, fallsTowards }: Simulation, rng: Rng): DeviceReading => ({
	device: 'level',
	percent: to(Math.max(0, slope + LEVEL_ERROR * rng.normal()), 1),
	fallsTowards
});

const SIMULATED = { ramp, tape, level };
export type SimulatedName = keyof typeof SIMULATED;

export const isSimulated = (name: string): name is SimulatedName => Object.hasOwn(SIMULATED, name);

/** Readings of a stand-in, one after the other. */
export function* simulatedReadings(
	name: SimulatedName,
	simulation: Simulation
): Generator<DeviceReading> {
	const rng = createRng(simulation.seed);
	for (let i = 0; i < simulation.count; i++) yield SIMULATED[name](simulation, rng, i);
}
