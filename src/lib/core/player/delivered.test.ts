import { describe, expect, it } from 'vitest';
import { STANDARD_BAG } from '../club/standardBag';
import { DEFAULT_TECHNIQUE } from '../setup/technique';
import { radians } from '../units';
import { AS_MODELLED } from './delivered';
import { intend, PLAIN_LIE, straight } from './intent';

const club = (id: string) => STANDARD_BAG.find((one) => one.id === id)!;
const delivered = { loft: { standard: radians(-4) }, grip: 0.8 };

describe('what a player delivers', () => {
	it('takes their own loft and grip, flight by flight', () => {
		const own = (flight: 'low' | 'standard') =>
			intend(straight(club('SW'), flight), PLAIN_LIE, DEFAULT_TECHNIQUE, 'right', delivered);
		const model = (flight: 'low' | 'standard') =>
			intend(straight(club('SW'), flight), PLAIN_LIE, DEFAULT_TECHNIQUE);
		expect(own('standard').dynamicLoft - model('standard').dynamicLoft).toBeCloseTo(radians(-4), 9);
		expect(own('low').dynamicLoft).toBe(model('low').dynamicLoft);
		expect(own('standard').grip / model('standard').grip).toBeCloseTo(0.8, 9);
	});

	it('leaves a putter as it is, and everything where nothing is known', () => {
		const putter = STANDARD_BAG.find((one) => one.putter)!;
		const putt = (known = delivered) =>
			intend(straight(putter, 'putt'), PLAIN_LIE, DEFAULT_TECHNIQUE, 'right', known);
		expect(putt()).toEqual(putt(AS_MODELLED as typeof delivered));
	});
});
