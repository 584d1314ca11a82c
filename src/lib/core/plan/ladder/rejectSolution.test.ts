import { describe, expect, it } from 'vitest';
import { question as ask } from '../../../../../tests/support/scenes';
import { intent, play } from '../../../../../tests/support/strikes';
import type { Solution } from '../../solve/solve';
import { radians } from '../../units';
import { clearanceAt, EDGE_MARGIN, rejectSetup, rejectSolution, type Flown } from './reject';

const chip = intent(play('8i'));
const putt = intent(play('Putter', 'putt'));

/** A ball that lands at one station and stops at another. */
const shot = (landingX: number, finishX: number, change: Partial<Solution> = {}): Solution =>
	({
		status: 'solved',
		speed: 9,
		aim: 0,
		miss: 0,
		outcome: { landingX, finishX },
		...change
	}) as Solution;
const flown = (change: Partial<Flown> = {}): Flown => ({
	heightAt: () => 1,
	carrySpread: 0.4,
	runsInto: null,
	...change
});
const bunker = (height = 0.5) =>
	ask({ toEdge: 6, edgeToPin: 8, hazards: [{ kind: 'sand', from: 2, to: 4, height }] }).situation;
const open = ask({ toEdge: 6, edgeToPin: 8 }).situation;

describe('a setup', () => {
	it('opens no sole with much bounce on hard ground', () => {
		const opened = (open: number, bounce: number, lie: 'tight' | 'fairway') => {
			const made = play('SW', 'open', open);
			made.club = { ...made.club, bounce: radians(bounce) };
			return rejectSetup(intent(made, lie), lie);
		};
		expect(opened(15, 10, 'tight')).toEqual({ code: 'bounceOnTight', bounce: radians(10) });
		expect(opened(0, 10, 'tight')).toBeNull();
		expect(opened(15, 8, 'tight')).toBeNull();
		expect(opened(15, 10, 'fairway')).toBeNull();
	});
});

describe('a solved shot', () => {
	it('is out as the search says', () => {
		const out = (change: Partial<Solution>) =>
			rejectSolution(open, chip, shot(8, 14, change), flown());
		expect(out({ status: 'tooFar' })).toEqual({ code: 'tooFast' });
		expect(out({ status: 'noStop' })).toEqual({ code: 'noStop' });
		expect(out({ status: 'tooNear', miss: 3 })).toEqual({ code: 'goesPast', by: 3 });
		expect(out({})).toBeNull();
	});

	it('must land on the green, by a margin', () => {
		const landing = (x: number) => rejectSolution(open, chip, shot(x, 14), flown());
		expect(landing(6 + EDGE_MARGIN + 0.01)).toBeNull();
		expect(landing(6)).toEqual({ code: 'shortOfGreen', by: EDGE_MARGIN });
	});

	it('must not come down in a hazard, nor just past it', () => {
		const landing = (x: number, carrySpread = 0.4) =>
			rejectSolution(bunker(), chip, shot(x, 14), flown({ carrySpread }));
		for (const x of [2, 3, 4])
			expect(landing(x)).toEqual({ code: 'landsInHazard', hazard: 'sand' });
		expect(landing(4.1)).toEqual({
			code: 'notClear',
			hazard: 'sand',
			by: expect.closeTo(0.3, 9) as number
		});
		expect(landing(4.5)).toMatchObject({ code: 'shortOfGreen' });
		expect(landing(4.5, 4)).toEqual({
			code: 'notClear',
			hazard: 'sand',
			by: expect.closeTo(0.5, 9) as number
		});
	});

	it('must pass over its lip with air to spare, and over flat trouble at any height', () => {
		const over = (height: number, at: number) =>
			rejectSolution(
				bunker(height),
				chip,
				shot(8, 14),
				flown({ heightAt: (x) => (x === 4 ? at : 9) })
			);
		expect(over(0.5, 0.5 + clearanceAt(4))).toBeNull();
		expect(over(0.5, 0.6)).toEqual({
			code: 'notClear',
			hazard: 'sand',
			by: expect.closeTo(clearanceAt(4) - 0.1, 9) as number
		});
		expect(over(0, 0.01)).toBeNull();
		expect(over(0, 0)).toBeNull();
	});

	it('must not roll into anything once it is down', () => {
		const { situation } = ask({
			toEdge: 2,
			edgeToPin: 14,
			hazards: [{ kind: 'water', from: 10, to: 12, height: 0 }]
		});
		const rolls = (finish: number, change: Partial<Flown> = {}) =>
			rejectSolution(situation, chip, shot(5, finish), flown(change));
		expect(rolls(16)).toEqual({ code: 'landsInHazard', hazard: 'water' });
		expect(rolls(9)).toBeNull();
		expect(rolls(9, { runsInto: 'sand' })).toEqual({ code: 'landsInHazard', hazard: 'sand' });
		expect(rejectSolution(situation, chip, shot(10, 11), flown())).toMatchObject({
			code: 'landsInHazard'
		});
	});

	it('must land where the ground is even and green', () => {
		const landing = (segment: object) =>
			rejectSolution(
				ask({
					toEdge: 2,
					edgeToPin: 10,
					segments: [
						{ length: 3, slopeAlong: 0, slopeAcross: 0, ...segment },
						{ length: 9, slopeAlong: 0, slopeAcross: 0 }
					]
				}).situation,
				chip,
				shot(4, 12),
				flown()
			);
		expect(landing({})).toBeNull();
		expect(landing({ slopeAlong: 7.9 })).toBeNull();
		expect(landing({ slopeAlong: 8.1 })).toEqual({
			code: 'landsOnSteep',
			slope: expect.closeTo(0.081, 9) as number
		});
		expect(landing({ slopeAlong: -9 })).toMatchObject({ code: 'landsOnSteep' });
		for (const kind of ['tier', 'ridge'])
			expect(landing({ kind })).toMatchObject({ code: 'landsOnSteep' });
		for (const kind of ['rough', 'fringe'])
			expect(landing({ kind })).toEqual({ code: 'landsInHazard', hazard: 'rough' });
		// One slope all over is no ridge.
		expect(
			rejectSolution(
				ask({ toEdge: 2, edgeToPin: 10, slopeAlong: 9 }).situation,
				chip,
				shot(4, 12),
				flown()
			)
		).toBeNull();
	});

	it('that is putted must have the way to where it stops free', () => {
		const way = (finish: number, change: Partial<Flown> = {}) =>
			rejectSolution(bunker(), putt, shot(0, finish), flown(change));
		expect(way(14)).toEqual({ code: 'blockedPutt' });
		expect(way(2)).toBeNull();
		expect(rejectSolution(open, putt, shot(0, 14), flown({ runsInto: 'water' }))).toEqual({
			code: 'blockedPutt'
		});
	});
});
