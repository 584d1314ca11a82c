import { expect, it } from 'vitest';
import { planRequestSchema, planRequestToCore } from './planRequest';
import { isSmall, workOf } from './planWork';

const bag = [20, 28, 36, 44, 52, 60].map((loft) => ({ name: `Club ${loft}`, loft, bounce: 8 }));
const asked = (situation: object, rest: object = {}) =>
	planRequestToCore(
		planRequestSchema.parse({
			situation: { lie: 'fairway', toEdge: 5, edgeToPin: 10, stimpFeet: 10, ...situation },
			bag,
			player: { skill: 'middle' },
			samples: 20,
			...rest
		})
	);

it('takes an ordinary question for a small one, and more samples for more', () => {
	expect(isSmall(asked({}))).toBe(true);
	expect(isSmall(asked({}, { samples: 300 }))).toBe(true);
	expect(workOf(asked({}, { samples: 2000 }))).toBeGreaterThan(2 * workOf(asked({})));
});

it('reckons with balls that roll and roll, and with aims that are looked for', () => {
	const level = workOf(asked({}));
	expect(workOf(asked({ slopeAlong: -30, stimpFeet: 18 }))).toBeGreaterThan(1.5 * level);
	expect(workOf(asked({ slopeAcross: 3 }))).toBeGreaterThan(2 * level);
	const long = { toEdge: 20, edgeToPin: 25, stimpFeet: 18, slopeAcross: 10 };
	expect(
		isSmall(
			asked(long, {
				bag: [3, 9, 15, 20, 28, 36, 44, 48, 52, 56, 60, 64].map((loft) => ({
					name: `${loft}`,
					loft
				}))
			})
		)
	).toBe(false);
});
