import { expect, it } from 'vitest';
import { FIRMNESS, turfBetween, turfOf } from './turf';

it('is the named turf at the three named firmnesses, and stays that past the ends', () => {
	for (const [step, name] of [
		[-1, 'soft'],
		[0, 'medium'],
		[1, 'firm'],
		[-3, 'soft'],
		[2, 'firm']
	] as const)
		expect(turfBetween(step)).toEqual(turfOf(name, false));
});

it('lies between its neighbours by the share of the way', () => {
	const between = turfBetween(0.25);
	expect(between.restitution).toBeCloseTo(1 + 0.25 * (FIRMNESS.firm.restitution - 1), 12);
	expect(between.tilt).toBeCloseTo(1 + 0.25 * (FIRMNESS.firm.tilt - 1), 12);
	expect(turfBetween(-0.5).restitution).toBeCloseTo((1 + FIRMNESS.soft.restitution) / 2, 12);
	expect(turfBetween(-0.5).tilt).toBeCloseTo((1 + FIRMNESS.soft.tilt) / 2, 12);
});

it('loses a tenth of the bounce to water, and dents as before', () => {
	expect(turfOf('firm', true).restitution).toBeCloseTo(0.9 * FIRMNESS.firm.restitution, 12);
	expect(turfOf('firm', true).tilt).toBe(FIRMNESS.firm.tilt);
});
