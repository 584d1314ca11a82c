import { describe, expect, it } from 'vitest';
import { SURFACE } from '../../ground/surfaces';
import { PROFILE, type Skill } from '../../player/player';
import { YARD } from '../../units';
import { expectedPutts, onePuttChance, remainingInto, TOUR_PUTTING, type Remaining } from './cost';

/** Every kind of place that a ball can come to rest on. */
const KINDS = [
	SURFACE.green,
	SURFACE.smoothFringe,
	SURFACE.grainyFringe,
	SURFACE.rough,
	SURFACE.sand,
	SURFACE.water
];
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
		expect(from(2, SURFACE.water).one).toBe(0);
		expect(from(30, SURFACE.water).two).toBe(from(30, SURFACE.rough).one);
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

	it('agrees with itself: strokes are 1·p₁ + 2·p₂ + 3·p₃ on the green, and no fewer anywhere', () => {
		for (const distance of [2, 5, 12]) {
			const { strokes, one, two } = from(distance, SURFACE.green, 'scratch');
			expect(one + 2 * (two - one) + 3 * (1 - two)).toBeCloseTo(strokes, 9);
		}
		for (const skill of SKILLS)
			for (const kind of KINDS)
				for (const distance of [0.3, 1, 2, 4, 7, 9, 15, 40, 90, 250]) {
					const { strokes, one, two } = from(distance, kind, skill);
					expect(strokes).toBeGreaterThanOrEqual(one + 2 * (two - one) + 3 * (1 - two) - 0.011);
				}
	});

	it('goes on growing with the distance, evenly, while the chances fall: nothing is as near as it is far', () => {
		for (const skill of SKILLS)
			for (const kind of KINDS) {
				const rows = Array.from({ length: 600 }, (_, i) => from(0.5 * (i + 1), kind, skill));
				rows.slice(1).forEach(({ strokes, one, two }, i) => {
					const near = rows[i]!;
					expect(strokes).toBeGreaterThanOrEqual(near.strokes);
					expect(strokes - near.strokes).toBeLessThan(0.4);
					expect(one).toBeLessThanOrEqual(near.one + 1e-12);
					// The tables of putts and of one-putts are rounded each for itself.
					expect(two).toBeLessThanOrEqual(near.two + 0.012);
				});
				expect(rows[599]!.strokes - rows[199]!.strokes).toBeGreaterThan(0.5);
			}
	});

	it('gets up and down as often as is known of players: from 20 yards of grass and sand', () => {
		const upAndDown = (skill: Skill, kind: number) => from(20 * YARD, kind, skill).two;
		const [grass, sand] = [SURFACE.grainyFringe, SURFACE.sand];
		// Tour professionals 65 % from 10 to 20 yards and 52 % from 20 to 30, 50 % from sand; handicap 15 25 to 35 % and 15 to 20 %; handicap 28
		// 15 to 20 % and under 10 % (all from memory).
		expect(upAndDown('expert', grass)).toBeGreaterThan(0.52);
		expect(upAndDown('expert', grass)).toBeLessThan(0.65);
		expect(upAndDown('expert', sand)).toBeCloseTo(0.5, 1);
		expect(upAndDown('middle', grass)).toBeCloseTo(0.35, 1);
		expect(upAndDown('middle', sand)).toBeCloseTo(0.18, 1);
		expect(upAndDown('high', grass)).toBeCloseTo(0.18, 1);
		expect(upAndDown('high', sand)).toBeLessThan(0.1);
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
