import { describe, expect, it } from 'vitest';
import { rollDeceleration } from '../ground/greenSpeed';
import { BEHAVIOUR } from '../ground/behaviour';
import { SURFACE } from '../ground/surfaces';
import { frictionOn, setFriction } from './rollFriction';

const GREEN = rollDeceleration(3);

describe('the friction of a roll', () => {
	it('is that of the surface for a ball of middling luck', () => {
		setFriction(3, 0);
		for (const kind of Object.values(SURFACE))
			expect(frictionOn[kind]).toBeCloseTo(GREEN / BEHAVIOUR.speed[kind]!, 12);
	});

	it('spreads with the luck of the ball, on the green a little either way', () => {
		setFriction(3, 1);
		expect(frictionOn[SURFACE.green]).toBeCloseTo(1.065 * GREEN, 12);
		expect(frictionOn[SURFACE.grainyFringe]).toBeCloseTo((1.95 * GREEN) / 0.42, 12);
		setFriction(3, -1);
		expect(frictionOn[SURFACE.green]).toBeCloseTo(0.935 * GREEN, 12);
		setFriction(2, -1);
		expect(frictionOn[SURFACE.green]).toBeCloseTo(0.935 * rollDeceleration(2), 12);
	});

	it('is never less on any fringe than on the green, and never next to nothing in rough', () => {
		setFriction(3, -9);
		for (const kind of [SURFACE.smoothFringe, SURFACE.grainyFringe])
			expect(frictionOn[kind]).toBeCloseTo(GREEN, 12);
		expect(frictionOn[SURFACE.roughFringe]).toBeCloseTo((0.3 * GREEN) / 0.2, 12);
		setFriction(3, -0.5);
		expect(frictionOn[SURFACE.smoothFringe]).toBeCloseTo((0.75 * GREEN) / 0.62, 12);
	});
});
