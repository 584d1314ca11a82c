import { BALL, GRAVITY, ROLL } from '../../src/lib/core/constants';
import { stillTilt, surfaceTilt } from '../../src/lib/core/today/phoneTilt';
import { readRamp } from '../../src/lib/core/today/readRamp';
import { readTimedPutts } from '../../src/lib/core/today/timedPutt';
import { fromFeet } from '../../src/lib/core/units';
import { normal, uniforms } from './pupils';

/** How often an instrument's 90 % interval held the truth. */
export interface InstrumentRow {
	instrument: string;
	held: number;
	/** Half its width in the middle of all trials, in the unit that is read. */
	within: string;
}

const NINE_IN_TEN = 1.645;
const GREEN = fromFeet(10);
const PULL = GRAVITY / (1 + BALL.inertia);
const deceleration = (speed: number) => ROLL.rampSpeed ** 2 / (2 * speed);

const middle = (values: number[]): number =>
	[...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** A ramp's ball on a slope, by the closed form rather than the engine. */
const rolled = (speed: number, slope: number, u: () => number): number =>
	(ROLL.rampSpeed * (1 + 0.012 * normal(u))) ** 2 / (2 * (deceleration(speed) + PULL * slope));

function ramps(places: number, between: number, trials: number): [boolean, number][] {
	return Array.from({ length: trials }, (_, trial) => {
		const u = uniforms(trial * 7907 + places);
		const found = readRamp(
			Array.from({ length: places }, () => {
				const speed = GREEN * (1 + between * normal(u));
				const slope = 0.01 * normal(u);
				const rolls = (['up', 'down'] as const).flatMap((way) =>
					[1, 2, 3].map(() => ({
						way,
						length: rolled(speed, way === 'up' ? slope : -slope, u) + 0.03 * normal(u)
					}))
				);
				return { rolls };
			})
		);
		if ('code' in found) return [false, NaN] as [boolean, number];
		const half = NINE_IN_TEN * found.error;
		return [Math.abs(found.speed - GREEN) <= half, half] as [boolean, number];
	}).filter(([, half]) => Number.isFinite(half));
}

/** A putt struck at a speed: it slides until it rolls, then rolls to rest; by the closed form. */
function putted(speed: number, slope: number): { length: number; time: number } {
	const slide = ROLL.skidFriction * GRAVITY + PULL * slope * 0.4;
	const rolls = (1 + BALL.inertia * 0.2) / (1 + BALL.inertia);
	const slid = ((1 - rolls) * speed) / slide;
	const a = deceleration(GREEN) + PULL * slope;
	return {
		length: slid * speed * ((1 + rolls) / 2) + (rolls * speed) ** 2 / (2 * a),
		time: slid + (rolls * speed) / a
	};
}

function thumbs(late: number, strikes: readonly number[], trials: number): [boolean, number][] {
	return Array.from({ length: trials }, (_, trial) => {
		const u = uniforms(trial * 6007 + strikes.length);
		const slope = 0.008 * normal(u);
		const putts = strikes.flatMap((speed) =>
			(['up', 'down'] as const).map((way) => {
				const { length, time } = putted(
					speed * (1 + 0.04 * normal(u)),
					way === 'up' ? slope : -slope
				);
				return {
					way,
					length: length * (1 + 0.01 * normal(u)) + 0.03 * normal(u),
					time: time + late + 0.1 * normal(u)
				};
			})
		);
		const found = readTimedPutts(putts);
		if ('code' in found) return [false, NaN] as [boolean, number];
		const half = NINE_IN_TEN * found.error;
		return [Math.abs(found.speed - GREEN) <= half, half] as [boolean, number];
	}).filter(([, half]) => Number.isFinite(half));
}

function phones(grass: number, trials: number): [boolean, number][] {
	return Array.from({ length: trials }, (_, trial) => {
		const u = uniforms(trial * 5003 + 1);
		const [along, across] = [0.02 * normal(u), 0.02 * normal(u)];
		const under = [grass * normal(u), grass * normal(u)] as const;
		const off = [0.01 * normal(u), 0.01 * normal(u)] as const;
		const lay = (way: 1 | -1) => {
			const lies = [0.001 * normal(u), 0.001 * normal(u)] as const;
			return stillTilt(
				Array.from({ length: 40 }, () => ({
					along: way * (along + under[0]) + off[0] + lies[0] + 0.001 * normal(u),
					across: way * (across + under[1]) + off[1] + lies[1] + 0.001 * normal(u)
				}))
			);
		};
		const [first, turned] = [lay(1), lay(-1)];
		if (!first || !turned) return [false, NaN] as [boolean, number];
		const found = surfaceTilt(first, turned);
		const half = NINE_IN_TEN * found.error;
		return [Math.abs(found.along - along) <= half, half] as [boolean, number];
	}).filter(([, half]) => Number.isFinite(half));
}

/** @param trials readings a figure */
export function heldInstruments(trials: number): InstrumentRow[] {
	const row = (
		instrument: string,
		found: [boolean, number][],
		shown: (half: number) => string
	): InstrumentRow => ({
		instrument,
		held: found.filter(([held]) => held).length / found.length,
		within: shown(middle(found.map(([, half]) => half)))
	});
	const feet = (half: number) => `${(half / fromFeet(1)).toFixed(1)} ft`;
	const percent = (half: number) => `${(100 * half).toFixed(1)} %`;
	const [one, two] = [
		[2.3, 2.3, 2.3],
		[1.7, 1.7, 3.2, 3.2]
	];
	return [
		...[1, 2, 3].map((places) =>
			row(
				`ramp at ${places} ${places === 1 ? 'place' : 'places'}, which differ by 3 %`,
				ramps(places, 0.03, trials),
				feet
			)
		),
		row('ramp at 3 places of an even green', ramps(3, 0, trials), feet),
		row('putts timed at one length, the thumb on time', thumbs(0, one, trials), feet),
		row('the same, always 0.15 s late', thumbs(0.15, one, trials), feet),
		row('putts timed at two lengths, the thumb on time', thumbs(0, two, trials), feet),
		row('the same, always 0.15 s late', thumbs(0.15, two, trials), feet),
		row('phone laid on smooth grass (0.15 %)', phones(0.0015, trials), percent),
		row('phone laid on ordinary grass (0.3 %)', phones(0.003, trials), percent)
	];
}
