import { describe, expect, it } from 'vitest';
import { createRng } from '../math/random';
import { degrees, radians } from '../units';
import {
	SAMPLES_WANTED,
	stillTilt,
	surfaceTilt,
	tiltFalling,
	tiltOf,
	type StillTilt
} from './phoneTilt';

/** Orientation angles of a phone on a plane, worked out here from the plane's normal and the phone's heading on it. */
function anglesOn(along: number, across: number): [beta: number, gamma: number] {
	// The world's up in the phone's axes: heights per metre of its right, its top, and its screen.
	const length = Math.hypot(along, across, 1);
	const [ux, uy, uz] = [across / length, along / length, 1 / length];
	return [degrees(Math.asin(uy)), degrees(Math.atan2(-ux, uz))];
}
const still = (along: number, across: number, noise = 0.001): StillTilt => ({
	along,
	across,
	noise,
	samples: 40
});

describe('a phone that lies on a surface', () => {
	it.each([
		[0, 0],
		[0.03, 0],
		[0, -0.05],
		[-0.02, 0.04],
		[0.1, 0.1]
	])('reads a rise of %f along and %f across', (along, across) => {
		const tilt = tiltOf(...anglesOn(along, across))!;
		expect(tilt.along).toBeCloseTo(along, 9);
		expect(tilt.across).toBeCloseTo(across, 9);
	});

	it('has the top edge up for a positive beta, the right edge down for a positive gamma', () => {
		expect(tiltOf(5, 0)!.along).toBeCloseTo(Math.tan(radians(5)), 12);
		expect(tiltOf(0, 5)!.across).toBeCloseTo(-Math.tan(radians(5)), 12);
	});

	it('does not lie on anything when it is held up, or tells nothing', () => {
		for (const [beta, gamma] of [
			[80, 0],
			[0, -70],
			[180, 0],
			[NaN, 0]
		] as const)
			expect(tiltOf(beta, gamma)).toBeNull();
	});
});

describe('lying still', () => {
	const samples = (noise: number, count = SAMPLES_WANTED, seed = 3) => {
		const rng = createRng(seed);
		return Array.from({ length: count }, () => ({
			along: 0.02 + noise * rng.normal(),
			across: -0.01 + noise * rng.normal()
		}));
	};

	it('is waited for: enough samples that no longer scatter, the last ones only', () => {
		expect(stillTilt(samples(0.001, SAMPLES_WANTED - 1))).toBeNull();
		expect(stillTilt(samples(0.02))).toBeNull();
		const moved = [...samples(0.05, 30), ...samples(0.001)];
		const found = stillTilt(moved)!;
		expect(found.along).toBeCloseTo(0.02, 3);
		expect(found.across).toBeCloseTo(-0.01, 3);
		expect(found.noise).toBeGreaterThan(0.0007);
		expect(found.noise).toBeLessThan(0.0013);
		expect(found.samples).toBe(SAMPLES_WANTED);
	});
});

describe('turned half around', () => {
	it('loses what the phone is off by, and tells slope, direction and the offset', () => {
		const [along, across] = [0.03, -0.04];
		const off = { along: 0.012, across: -0.008 };
		const found = surfaceTilt(
			still(along + off.along, across + off.across),
			still(-along + off.along, -across + off.across)
		);
		expect(found.along).toBeCloseTo(along, 12);
		expect(found.across).toBeCloseTo(across, 12);
		expect(found.slope).toBeCloseTo(0.05, 12);
		expect(found.offset.along).toBeCloseTo(off.along, 12);
		expect(found.offset.across).toBeCloseTo(off.across, 12);
		// It rises to the top and to the left, so it falls to the bottom and to the right.
		expect(degrees(found.fallsTowards)).toBeCloseTo(180 - degrees(Math.atan2(4, 3)), 9);
	});

	it('is known better the less the samples scatter, down to how well a phone lies', () => {
		const error = (noise: number) => surfaceTilt(still(0, 0, noise), still(0, 0, noise)).error;
		expect(error(0.05)).toBeGreaterThan(1.5 * error(0));
		// A case each time anew, the grass under the phone both times alike.
		expect(error(0)).toBeCloseTo(Math.hypot(0.0015 / Math.SQRT2, 0.003), 9);
	});
});

it('rises against where it falls, as it is read back', () => {
	for (const towards of [0, 1, -2.5, Math.PI / 2]) {
		const { along, across } = tiltFalling(0.04, towards);
		const found = surfaceTilt(still(along, across), still(-along, -across));
		expect(found.slope).toBeCloseTo(0.04, 12);
		expect(found.fallsTowards).toBeCloseTo(towards, 12);
	}
	expect(tiltFalling(0.04, 0).along).toBe(-0.04);
});
