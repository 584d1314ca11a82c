import { describe, expect, it } from 'vitest';
import { createRng } from '../math/random';
import { AIMED, diagnose, levelFor, ratingOf, type ReadShot } from './diagnosis';
import { READ_STEPS, type ReadStep } from './steps';

/** Shots of a pupil who has each step right so often. */
function shotsOf(
	count: number,
	rightOf: (step: ReadStep) => number,
	seed: number,
	level = 3
): ReadShot[] {
	const rng = createRng(seed);
	return Array.from({ length: count }, () => ({
		level,
		steps: READ_STEPS.map((step) => {
			const right = rng.uniform() < rightOf(step);
			return { step, right, cost: right ? 0 : 0.2 };
		})
	}));
}
const weakOf = (reads: readonly ReadShot[]) =>
	diagnose(reads).flatMap(({ step, weak }) => (weak ? [step] : []));

describe('which step loses', () => {
	it('is found within forty shots where one is blind', () => {
		for (const blind of READ_STEPS) {
			const found = Array.from({ length: 20 }, (_, seed) =>
				weakOf(shotsOf(40, (step) => (step === blind ? 0.3 : 0.75), seed))
			);
			const named = found.filter((steps) => steps.length === 1 && steps[0] === blind).length;
			expect(named, blind).toBeGreaterThanOrEqual(18);
		}
	});

	it('accuses no even pupil more than once in ten', () => {
		const told = Array.from({ length: 150 }, (_, seed) =>
			weakOf(shotsOf(40, () => 0.7, 5000 + seed))
		).filter((steps) => steps.length > 0).length;
		expect(told).toBeLessThanOrEqual(15);
	});

	it('counts what was asked only, and says nothing of nothing', () => {
		const records = diagnose([
			{ level: 2, steps: [{ step: 'ratio', right: false, cost: 0.4 }] },
			{ level: 2, steps: [{ step: 'ratio', right: true, cost: 0.02 }] }
		]);
		const ratio = records.find(({ step }) => step === 'ratio')!;
		expect(ratio.right).toMatchObject({ hits: 1, of: 2 });
		expect(ratio.cost).toBeCloseTo(0.21);
		expect(records.filter(({ right }) => right.of > 0)).toHaveLength(1);
		expect(diagnose([]).every(({ weak }) => !weak)).toBe(true);
	});
});

describe('how hard the next shot is', () => {
	it('brings a pupil of any skill near seven right of ten', () => {
		// A pupil's chance falls by level as the rating has it; the truth is found by what they do.
		for (const skill of [-0.2, 0.6, 1.4]) {
			const rng = createRng(7);
			const reads: ReadShot[] = [];
			let right = 0;
			const after = 60;
			for (let i = 0; i < 260; i++) {
				const level = levelFor(ratingOf(reads), { least: 1, most: 6 });
				const chance = 1 / (1 + Math.exp(-(skill - 0.55 * (level - 3))));
				const steps = READ_STEPS.map((step) => ({ step, cost: 0, right: rng.uniform() < chance }));
				reads.push({ level, steps });
				if (i >= after) right += steps.filter((one) => one.right).length / READ_STEPS.length;
			}
			expect(Math.abs(right / 200 - AIMED), String(skill)).toBeLessThan(0.08);
		}
	});

	it('rises with what is right and falls with what is not', () => {
		const easy = shotsOf(10, () => 1, 1);
		expect(ratingOf(easy)).toBeGreaterThan(ratingOf([]));
		expect(ratingOf(shotsOf(10, () => 0, 1))).toBeLessThan(ratingOf([]));
		expect(levelFor(9, { least: 1, most: 6 })).toBe(6);
		expect(levelFor(-9, { least: 1, most: 6 })).toBe(1);
		expect(ratingOf([{ level: 3, steps: [] }])).toBe(ratingOf([]));
	});
});
