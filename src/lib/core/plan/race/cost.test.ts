import { describe, expect, it } from 'vitest';
import { SURFACE } from '../../ground/surfaces';
import { PROFILE, type Skill } from '../../player/player';
import { expectedPutts, onePuttChance, remainingInto, TOUR_PUTTING, type Remaining } from './cost';

const SKILLS: readonly Skill[] = ['expert', 'scratch', 'middle', 'high'];
const from = (distance: number, kind: number, skill: Skill = 'middle'): Remaining => {
	const out: Remaining = { strokes: 0, one: 0, two: 0 };
	remainingInto(distance, kind as never, PROFILE[skill].costs, out);
	return out;
};

describe('what remains', () => {
	it('is nothing from the hole', () => {
		expect(from(0, SURFACE.green)).toEqual({ strokes: 0, one: 1, two: 1 });
	});

	it('costs more the worse the ground: green, fringe, rough, water', () => {
		const kinds = [SURFACE.green, SURFACE.smoothFringe, SURFACE.rough, SURFACE.water];
		for (const skill of SKILLS) {
			const strokes = kinds.map((kind) => from(5, kind, skill).strokes);
			expect([...strokes].sort((a, b) => a - b)).toEqual(strokes);
		}
	});

	it('adds a stroke of penalty for water and drops no nearer than is usual', () => {
		const far = from(30, SURFACE.water).strokes - from(30, SURFACE.rough).strokes;
		expect(far).toBeCloseTo(1, 9);
		expect(from(2, SURFACE.water).strokes).toBeCloseTo(from(10, SURFACE.water).strokes, 9);
		expect(from(2, SURFACE.water).two).toBe(0);
	});

	it('keeps its chances in order and in range', () => {
		for (const skill of SKILLS)
			for (const kind of [SURFACE.green, SURFACE.smoothFringe, SURFACE.rough, SURFACE.sand])
				for (const distance of [0.2, 1, 3, 9, 20]) {
					const { one, two, strokes } = from(distance, kind, skill);
					expect(one).toBeGreaterThanOrEqual(0);
					expect(two).toBeGreaterThanOrEqual(one);
					expect(two).toBeLessThanOrEqual(1);
					expect(strokes).toBeGreaterThanOrEqual(1);
				}
	});

	it('agrees with itself: strokes are 1·p₁ + 2·p₂ + 3·p₃ on the green', () => {
		for (const distance of [2, 5, 12]) {
			const { strokes, one, two } = from(distance, SURFACE.green, 'scratch');
			expect(one + 2 * (two - one) + 3 * (1 - two)).toBeCloseTo(strokes, 9);
		}
	});

	it('is never better for a weaker player', () => {
		for (const distance of [0.5, 2, 6, 15]) {
			const putts = SKILLS.map((skill) => expectedPutts(distance, PROFILE[skill].costs));
			const holed = SKILLS.map((skill) => onePuttChance(distance, PROFILE[skill].costs));
			expect([...putts].sort((a, b) => a - b)).toEqual(putts);
			expect([...holed].sort((a, b) => b - a)).toEqual(holed);
		}
	});

	it('has a table that rises with distance while the chance falls', () => {
		const { feet, strokes, onePutt } = TOUR_PUTTING;
		for (let i = 1; i < feet.length; i++) {
			expect(feet[i]!).toBeGreaterThan(feet[i - 1]!);
			expect(strokes[i]!).toBeGreaterThanOrEqual(strokes[i - 1]!);
			expect(onePutt[i]!).toBeLessThanOrEqual(onePutt[i - 1]!);
		}
	});
});
