import { AS_MODELLED } from '$lib/core/player/delivered';
import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '../club/standardBag';
import { PROFILE } from '../player/player';
import { DEFAULT_TECHNIQUE } from '../setup/technique';
import { measuredSwings, type MeasuredCarry } from './measuredSwings';

const swinger = { technique: DEFAULT_TECHNIQUE, delivered: AS_MODELLED, ...PROFILE.middle };
const wedge = (carries: Omit<MeasuredCarry, 'club'>[]) =>
	measuredSwings(
		carries.map((entry) => ({ club: 'SW', ...entry })),
		STANDARD_BAG,
		swinger
	)['SW'];

describe('measuredSwings', () => {
	it('finds the head speeds behind carries, slowest first', () => {
		const { known } = wedge([
			{ swing: '9', carry: 14 },
			{ swing: '8', carry: 7 }
		])!;
		expect(known).toHaveLength(2);
		expect(known[0]!.angle).toBeLessThan(known[1]!.angle);
		// Range grows with nearly the square of the head speed.
		expect(known[1]!.speed / known[0]!.speed).toBeCloseTo(Math.SQRT2, 1);
	});

	it('asks for more speed where the same carry was flown lower', () => {
		const speed = (flight: 'low' | 'standard' | 'high') =>
			wedge([{ swing: '9', carry: 14, flight }])!.known[0]!.speed;
		expect(speed('low')).not.toBeCloseTo(speed('standard'), 2);
		expect(speed('high')).not.toBeCloseTo(speed('standard'), 2);
	});

	it('passes over what it cannot use, and keeps the first of two that run backwards', () => {
		expect(wedge([{ swing: 'elbow', carry: 9 }])).toBeUndefined();
		expect(wedge([{ swing: '9', carry: 0 }])).toBeUndefined();
		const turned = wedge([
			{ swing: '8', carry: 12 },
			{ swing: '9', carry: 10 }
		])!;
		expect(turned.known).toHaveLength(1);
	});

	/** The conjugate case of a normal spread: a prior of ν₀ balls and a sample of ν = n − 1 average their variances. */
	it('shrinks a measured spread toward the skill’s by the balls behind it', () => {
		const spread = (n: number) => wedge([{ swing: '9', carry: 10, spread: 0.4, n }])!.spread!;
		const prior = PROFILE.middle.dispersion.speed;
		const exact = (n: number) =>
			Math.sqrt((8 * prior ** 2 + (n - 1) * (0.4 / 40) ** 2) / (8 + n - 1));
		for (const n of [1, 2, 9, 500]) expect(spread(n)).toBeCloseTo(exact(n), 12);
		expect(spread(1)).toBeCloseTo(prior, 12);
		expect(spread(9)).toBeLessThan(spread(2));
		expect(wedge([{ swing: '9', carry: 10 }])!.spread).toBeNull();
	});
});
