import { describe, expect, it } from 'vitest';
import { createRng, type Rng } from '../math/random';
import type { SpotHeight, TiltReading } from './green';
import { fitSpots, READING_NOISE } from './spotFit';

type Surface = (u: number, v: number) => number;

const plane: Surface = (u, v) => 0.4 + 0.02 * u - 0.03 * v;

const spotsOn = (surface: Surface, rng: Rng, count: number, noise = 0): SpotHeight[] =>
	Array.from({ length: count }, () => {
		const u = 16 * rng.uniform();
		const v = 12 * rng.uniform();
		return { u, v, height: surface(u, v) + noise * rng.normal(), leftOut: false };
	});

const tilt = (u: number, v: number, slope: number, degrees: number): TiltReading => ({
	u,
	v,
	slope,
	fallsTowards: (degrees * Math.PI) / 180,
	leftOut: false
});

describe('fitSpots', () => {
	it('finds a plane from a handful of spots', () => {
		const fit = fitSpots(spotsOn(plane, createRng(1), 8), []);
		expect(fit.height(3, 9)).toBeCloseTo(plane(3, 9), 2);
		expect(fit.height(15, 1)).toBeCloseTo(plane(15, 1), 2);
	});

	it('is level at zero for no readings and goes through a single one', () => {
		expect(fitSpots([], []).height(4, 5)).toBeCloseTo(0, 9);
		const one = fitSpots([{ u: 2, v: 3, height: 0.7, leftOut: false }], []);
		expect(one.height(2, 3)).toBeCloseTo(0.7, 3);
	});

	it('takes the slope off a level: it falls the way the reading says', () => {
		// 3 % falling toward the right of the map: lower by 6 cm two metres to the right.
		const fit = fitSpots([{ u: 5, v: 5, height: 1, leftOut: false }], [tilt(5, 5, 0.03, 0)]);
		expect(fit.height(5, 5)).toBeCloseTo(1, 2);
		expect(fit.height(7, 5) - fit.height(5, 5)).toBeCloseTo(-0.06, 2);
		expect(fit.height(5, 7) - fit.height(5, 5)).toBeCloseTo(0, 2);
	});

	it.each([0, 90, 180, 270, 35])(
		'rises and falls between two levels as they say, toward %d°',
		(degrees) => {
			const turned = (degrees * Math.PI) / 180;
			const [du, dv] = [Math.cos(turned), Math.sin(turned)];
			// Level at the start, falling 4 % four metres on: in between it falls ever more.
			const fit = fitSpots(
				[{ u: 5, v: 5, height: 1, leftOut: false }],
				[tilt(5, 5, 0, 0), tilt(5 + 4 * du, 5 + 4 * dv, 0.04, degrees)]
			);
			const along = (far: number) => fit.height(5 + far * du, 5 + far * dv);
			const slopeAt = (far: number) => (along(far + 0.05) - along(far - 0.05)) / 0.1;
			expect(slopeAt(4)).toBeCloseTo(-0.04, 2);
			expect(slopeAt(0)).toBeCloseTo(0, 2);
			expect(slopeAt(2)).toBeLessThan(-0.01);
			expect(slopeAt(2)).toBeGreaterThan(-0.03);
			expect(along(4)).toBeLessThan(0.95);
		}
	);

	it('joins tilts without any height into one surface', () => {
		const tilts = [tilt(0, 0, 0.02, 90), tilt(8, 0, 0.02, 90), tilt(4, 8, 0.02, 90)];
		const fit = fitSpots([], tilts);
		expect(fit.height(4, 8) - fit.height(4, 0)).toBeCloseTo(-0.16, 2);
		// Nothing says how high it all lies: the first reading is the level.
		expect(fit.height(0, 0)).toBeCloseTo(0, 3);
	});

	it('follows a tier of half a metre from a spot every two metres within the reading noise', () => {
		const tier: Surface = (_, v) => 0.5 / (1 + Math.exp(-(v - 6) / 0.9));
		const spots: SpotHeight[] = [];
		for (let u = 0; u <= 16; u += 2)
			for (let v = 0; v <= 12; v += 2) spots.push({ u, v, height: tier(u, v), leftOut: false });
		const fit = fitSpots(spots, []);
		for (const [u, v] of [
			[3, 5],
			[9, 7],
			[13, 3]
		] as const)
			expect(Math.abs(fit.height(u, v) - tier(u, v))).toBeLessThan(3 * READING_NOISE.height);
	});

	it('smooths noise away: the error at the spots is below that of the readings', () => {
		const bump: Surface = (u, v) =>
			plane(u, v) + 0.1 * Math.exp(-((u - 8) ** 2 + (v - 6) ** 2) / 20);
		const spots = spotsOn(bump, createRng(12), 70, READING_NOISE.height);
		const fit = fitSpots(spots, []);
		const square = spots.reduce((sum, { u, v }) => sum + (fit.height(u, v) - bump(u, v)) ** 2, 0);
		expect(Math.sqrt(square / spots.length)).toBeLessThan(READING_NOISE.height);
	});

	it('does not depend on the order of the readings, nor on where the map has its origin', () => {
		const spots = spotsOn((u, v) => Math.sin(u / 4) * 0.2 + v * 0.01, createRng(4), 25, 0.005);
		const fit = fitSpots(spots, []);
		const reversed = fitSpots([...spots].reverse(), []);
		const moved = fitSpots(
			spots.map((spot) => ({ ...spot, u: spot.u + 40, v: spot.v - 25 })),
			[]
		);
		expect(reversed.height(7, 7)).toBeCloseTo(fit.height(7, 7), 6);
		expect(moved.height(47, -18)).toBeCloseTo(fit.height(7, 7), 3);
	});

	it('is unsure where there are no readings', () => {
		const fit = fitSpots(spotsOn(plane, createRng(9), 20, READING_NOISE.height), []);
		expect(fit.uncertainty(8, 6)).toBeLessThan(0.02);
		expect(fit.uncertainty(60, 6)).toBeGreaterThan(3 * fit.uncertainty(8, 6));
	});

	it('flags a height that was misread, and only that one', () => {
		const spots = spotsOn(plane, createRng(6), 24, 0.004);
		spots[7]!.height += 0.3;
		const residuals = fitSpots(spots, []).residuals();
		expect(residuals.filter(({ bad }) => bad).map(({ index }) => index)).toEqual([7]);
		expect(residuals.find(({ index }) => index === 7)!.difference).toBeCloseTo(0.3, 1);
		const others = residuals
			.filter(({ bad }) => !bad)
			.map(({ difference }) => Math.abs(difference));
		expect(Math.max(...others)).toBeLessThan(0.05);
	});

	it('calls nothing bad that is off by less than readings are, stands alone far out, or among too few to tell', () => {
		const bad = (spots: SpotHeight[]) =>
			fitSpots(spots, [])
				.residuals()
				.filter(({ bad }) => bad).length;
		const near = spotsOn(plane, createRng(6), 24, 0.004);
		near[7]!.height += 0.02;
		expect(bad(near)).toBe(0);
		const far = { u: 60, v: 40, height: plane(60, 40) + 0.3, leftOut: false };
		expect(bad([...spotsOn(plane, createRng(6), 24, 0.004), far])).toBe(0);
		const few = spotsOn(plane, createRng(6), 4);
		few[2]!.height += 3;
		expect(bad(few)).toBe(0);
	});

	it('leaves out what is marked so', () => {
		const spots = spotsOn(plane, createRng(6), 12);
		const spoiled = [...spots, { u: 8, v: 6, height: 9, leftOut: true }];
		expect(fitSpots(spoiled, []).height(8, 6)).toBeCloseTo(fitSpots(spots, []).height(8, 6), 9);
		expect(fitSpots(spoiled, []).residuals()).toHaveLength(12);
	});
});
