import { describe, expect, it } from 'vitest';
import { createRng } from '../math/random';
import { fromFeet } from '../units';
import { rollOffRamp } from './rampBall';
import { readRamp, slopeBetween, type RampPlace, type SpeedReading } from './readRamp';

const place = (up: number[], down: number[]): RampPlace => ({
	rolls: [
		...up.map((feet) => ({ way: 'up' as const, length: fromFeet(feet) })),
		...down.map((feet) => ({ way: 'down' as const, length: fromFeet(feet) }))
	]
});

const speedOf = (places: RampPlace[]): SpeedReading => {
	const found = readRamp(places);
	if ('code' in found) throw new Error(found.code);
	return found;
};

describe('readRamp', () => {
	it('takes the slope out of rolls both ways (Brede 1991)', () => {
		const { speed, places } = speedOf([place([8, 8.1, 7.9], [12, 12.1, 11.9])]);
		expect(speed / fromFeet(1)).toBeCloseTo((2 * 8 * 12) / (8 + 12), 6);
		expect(places[0]!.slope).toBeGreaterThan(0);
	});

	it('finds the slope that rolled balls were given, and the speed of the level', () => {
		for (const [feet, slope] of [
			[9, 0.01],
			[11, 0.025]
		] as const) {
			const up = rollOffRamp(fromFeet(feet), slope);
			const down = rollOffRamp(fromFeet(feet), -slope);
			expect(slopeBetween(up, down)).toBeCloseTo(slope, 3);
			const { speed } = speedOf([
				{
					rolls: [up, up]
						.map((length) => ({ way: 'up' as const, length }))
						.concat([down, down].map((length) => ({ way: 'down' as const, length })) as never)
				}
			]);
			expect(speed).toBeCloseTo(fromFeet(feet), 1);
		}
	});

	it.each([1, 2, 4])(
		'promises an error that the speed of the whole green keeps (%i places, which differ by 3 percent)',
		(count) => {
			const rng = createRng(31);
			let within = 0;
			const trials = 200;
			for (let trial = 0; trial < trials; trial++) {
				const places = Array.from({ length: count }, () => {
					const here = fromFeet(10) * (1 + 0.03 * rng.normal());
					return {
						rolls: [0.008, -0.008].flatMap((slope) =>
							[1, 2, 3].map(() => ({
								way: slope > 0 ? ('up' as const) : ('down' as const),
								length: rollOffRamp(here, slope, rng)
							}))
						)
					};
				});
				const found = readRamp(places);
				if ('code' in found) continue;
				if (Math.abs(found.speed - fromFeet(10)) < 1.645 * found.error) within++;
			}
			expect(within / trials).toBeGreaterThan(0.85);
			expect(within / trials).toBeLessThan(0.98);
		}
	);

	it('weighs two places by what each is worth and grows surer', () => {
		const one = place([9.8, 10, 10.2], [10, 10.2, 9.8]);
		const both = speedOf([one, place([8.9, 9.1, 9.3], [11, 11.3, 10.8])]);
		expect(both.error).toBeLessThan(speedOf([one]).error);
		expect(both.places).toHaveLength(2);
	});

	it.each([
		['tooFewRolls', [place([9], [10, 10])]],
		['tooFewRolls', [] as RampPlace[]],
		['rollOutOfRange', [place([9, 0.4], [10, 10])]],
		['rollOutOfRange', [place([9, 9], [10, NaN])]],
		['rollsDisagree', [place([9, 6], [10, 10])]],
		['tooSteep', [place([4, 4.1], [30, 31])]],
		['placesDisagree', [place([7, 7], [7.1, 7]), place([12, 12.1], [12, 12])]]
	])('refuses nonsense: %s', (code, places) => {
		expect(readRamp(places)).toMatchObject({ code });
	});
});

it('names the speeds of all places where one of them is another green', () => {
	const alike = [place([9, 9], [9, 9.1]), place([9.1, 9], [9, 9])];
	const found = readRamp([...alike, place([14, 14.1], [14, 14])]);
	expect(found).toMatchObject({ code: 'placesDisagree' });
	const speeds = 'speeds' in found ? found.speeds : [];
	expect(speeds.map((speed) => Math.round(speed / fromFeet(1)))).toEqual([9, 9, 14]);
});

describe('rollOffRamp', () => {
	it('rolls the green speed on the level, and never rests on a slope that holds no ball', () => {
		expect(rollOffRamp(fromFeet(10), 0)).toBeCloseTo(fromFeet(10), 2);
		expect(rollOffRamp(fromFeet(12), -0.2)).toBe(Infinity);
	});
});

describe('what a place is worth', () => {
	const reading = 0.05;
	it('follows the error of its rolls through the formula for the level', () => {
		const { error } = speedOf([place([8, 8.3], [11, 11.4, 11.2])]).places[0]!;
		const deviation = (feet: number[]) => {
			const lengths = feet.map(fromFeet);
			const mean = lengths.reduce((a, b) => a + b, 0) / lengths.length;
			const squares = lengths.reduce((a, b) => a + (b - mean) ** 2, 0);
			return (
				Math.hypot(Math.sqrt(squares / (lengths.length - 1)), reading) / Math.sqrt(lengths.length)
			);
		};
		// dS/dU and dS/dD by differences, not by the formula under test.
		const level = (up: number, down: number) => (2 * up * down) / (up + down);
		const [up, down, h] = [fromFeet(8.15), fromFeet(11.2), 1e-6];
		const byUp = (level(up + h, down) - level(up - h, down)) / (2 * h);
		const byDown = (level(up, down + h) - level(up, down - h)) / (2 * h);
		expect(error).toBeCloseTo(
			Math.hypot(byUp * deviation([8, 8.3]), byDown * deviation([11, 11.4, 11.2])),
			6
		);
	});

	it('keeps the two ways apart', () => {
		const { places } = speedOf([place([8, 8.2], [12, 12.2])]);
		expect(places[0]!.up).toBeCloseTo(fromFeet(8.1), 9);
		expect(places[0]!.down).toBeCloseTo(fromFeet(12.1), 9);
	});

	it('counts by its certainty', () => {
		const sure = place([10, 10, 10, 10], [10, 10, 10, 10]);
		const unsure = place([10.5, 11], [10.5, 11]);
		const { speed, error, places } = speedOf([sure, unsure]);
		// These two differ by more than their errors say: what was presumed of greens, as four places, and what the two show.
		const [a, b] = places.map((one) => one.speed) as [number, number];
		const seen = (a - b) ** 2 / 2 - (places[0]!.error ** 2 + places[1]!.error ** 2) / 2;
		const between = (4 * (0.03 * ((a + b) / 2)) ** 2 + Math.max(0, seen)) / 5;
		const weights = places.map((one) => 1 / (one.error ** 2 + between));
		const total = weights[0]! + weights[1]!;
		expect(speed).toBeCloseTo(
			(weights[0]! * places[0]!.speed + weights[1]! * places[1]!.speed) / total,
			9
		);
		expect(error).toBeCloseTo(1 / Math.sqrt(total), 9);
	});

	it('takes rolls up to its limits and none beyond, the first of them too', () => {
		const code = (places: RampPlace[]) => {
			const found = readRamp(places);
			return 'code' in found ? found : null;
		};
		expect(code([place([1.5, 1.5], [1.5, 1.5])])).toBeNull();
		expect(code([place([40, 40], [40, 40])])).toBeNull();
		expect(code([place([1.4, 10], [10, 10])])).toMatchObject({
			code: 'rollOutOfRange',
			index: 0,
			length: fromFeet(1.4)
		});
		expect(code([place([10, 41], [10, 10])])).toMatchObject({ code: 'rollOutOfRange', index: 1 });
		expect(code([place([10, 10], [10, NaN])])).toMatchObject({ code: 'rollOutOfRange', index: 3 });
	});
});
