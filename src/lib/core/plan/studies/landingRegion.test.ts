import { describe, expect, it } from 'vitest';
import { question } from '../../../../../tests/support/scenes';
import { buildLadder } from '../ladder/ladder';
import { FATE, landingRegion, type LandingRegion } from './landingRegion';

const FEW = { bag: [{ name: 'SW', loft: 56, bounce: 12 }] };

function regionOf(situation: Record<string, unknown>) {
	const asked = question(situation, {}, FEW);
	const candidate = buildLadder(asked).candidates.find(({ play }) => play.flight === 'standard')!;
	return { region: landingRegion(asked, candidate), candidate };
}
const last = ({ fromX, fromZ, cell, columns, rows }: LandingRegion) => ({
	toX: fromX + (columns - 1) * cell,
	toZ: fromZ + (rows - 1) * cell
});
const at = (region: LandingRegion, x: number, z: number) => {
	const column = Math.round((x - region.fromX) / region.cell);
	const row = Math.round((z - region.fromZ) / region.cell);
	const i = row * region.columns + column;
	return { leave: region.leave[i]!, fate: region.fate[i]! };
};

describe('where a shot may land', () => {
	it('is looked at from before the edge to two metres past the pin, the same far to both sides', () => {
		const { region } = regionOf({ toEdge: 4, edgeToPin: 10 });
		expect(region.fromX).toBe(2.5);
		expect(last(region).toX).toBeGreaterThanOrEqual(16);
		expect(last(region).toX).toBeLessThan(16 + region.cell);
		expect(region.fromZ).toBeCloseTo(-last(region).toZ, 9);
		expect(last(region).toZ).toBeGreaterThanOrEqual(0.45 * 14);
		expect(last(region).toZ).toBeLessThan(0.45 * 14 + region.cell);
		expect(region.leave).toHaveLength(region.columns * region.rows);
	});

	it('is never finer than 30 cm, wider than seven metres, or past the end of the green', () => {
		const near = regionOf({ toEdge: 1, edgeToPin: 3, beyondPin: 1 }).region;
		expect(near.cell).toBe(0.3);
		expect(near.fromX).toBe(0.3);
		expect(last(near).toX).toBeCloseTo(5.1, 1);
		const far = regionOf({ toEdge: 8, edgeToPin: 16 }).region;
		expect(far.columns).toBeLessThanOrEqual(46);
		expect(last(far).toZ).toBeLessThan(7 + far.cell);
	});

	it('leaves least where the shot itself lands, and more the farther from there', () => {
		const { region, candidate } = regionOf({ toEdge: 3, edgeToPin: 9 });
		const { landingX, landingZ } = candidate.solution.outcome;
		const there = at(region, landingX, landingZ);
		expect(there.leave).toBeLessThan(0.6);
		expect(there.fate).toBe(FATE.green);
		expect(at(region, landingX + 2, 0).leave).toBeGreaterThan(there.leave + 1);
		expect(at(region, landingX - 2, 0).leave).toBeGreaterThan(there.leave + 1);
		const [left, right] = [-3, 3].map((z) => at(region, landingX, z).leave);
		expect(Math.abs(left! - right!)).toBeLessThan(0.15 * left!);
	});

	it('says which spots leave the green, find the sand, or cannot be reached', () => {
		const { region } = regionOf({
			toEdge: 7,
			edgeToPin: 8,
			beyondPin: 1,
			hazards: [{ kind: 'sand', from: 3, to: 6.5 }]
		});
		expect(at(region, 6, 0).fate).toBe(FATE.hazard);
		expect(at(region, 15.6, 0).fate).toBe(FATE.offGreen);
		expect(at(region, 7.4, 0).fate).toBe(FATE.green);
		const long = regionOf({ toEdge: 0, edgeToPin: 30, beyondPin: 8 }).region;
		const reached = long.leave.filter((leave) => !Number.isNaN(leave)).length;
		expect(reached).toBeGreaterThan(0);
		expect(reached).toBeLessThan(long.leave.length);
	});
});
