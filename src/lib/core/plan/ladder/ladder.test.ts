import { describe, expect, it } from 'vitest';
import { question } from '../../../../../tests/support/scenes';
import { buildLadder } from './ladder';
import type { Candidate } from './candidate';

const BAG = [
	{ name: '7i', loft: 34, bounce: 4 },
	{ name: 'PW', loft: 46, bounce: 6 },
	{ name: 'LW', loft: 60, bounce: 8 }
];
const ladderOf = (
	situation: Record<string, unknown>,
	player: Record<string, unknown> = {},
	bag = BAG
) => {
	const asked = question(situation, player, { bag });
	return { asked, ladder: buildLadder(asked) };
};

describe('the ladder', () => {
	it('rises by air, and has every play once: in or out with a reason', () => {
		const { ladder } = ladderOf({ toEdge: 6, edgeToPin: 4, beyondPin: 3 });
		const shares = ladder.candidates.map(({ airShare }) => airShare);
		expect(shares).toEqual([...shares].sort((a, b) => a - b));
		expect(ladder.candidates.length).toBeGreaterThan(0);
		expect(ladder.rejected.length).toBeGreaterThan(0);
		expect(ladder.compromised).toBe(false);
		expect(ladder.candidates.every(({ against }) => against === null)).toBe(true);
	});

	it('lets the least bad in where nothing works: the longest of those that land short', () => {
		const { ladder } = ladderOf(
			{ lie: 'deep-rough', toEdge: 60, edgeToPin: 10 },
			{ skill: 'high' }
		);
		expect(ladder.compromised).toBe(true);
		const codes = ladder.candidates.map(({ against }) => against!.code);
		expect(new Set(codes)).toEqual(new Set(['shortOfGreen']));
		const landings = ladder.candidates.map(({ solution }) => solution.outcome.landingX);
		const left = ladder.rejected
			.filter(({ rejection }) => rejection.code === 'shortOfGreen')
			.map(({ candidate }) => candidate!.solution.outcome.landingX);
		expect(ladder.candidates.length).toBeLessThanOrEqual(4);
		for (const out of left) expect(out).toBeLessThanOrEqual(Math.min(...landings) + 1e-9);
	});

	it('weighs what lands short of the green where hardly anything works, and not where enough does', () => {
		const thin = {
			lie: 'sitting-down',
			toEdge: 6,
			beyondPin: 3.05,
			slopeAlong: -2.77,
			stimpFeet: 12,
			firmness: 'firm',
			grain: 'with',
			hazards: [{ kind: 'water', from: 0.7, to: 3.2, height: 0.4 }]
		};
		const of = (edgeToPin: number) =>
			buildLadder(question({ ...thin, edgeToPin }, { skill: 'expert' }));
		const codes = (candidates: readonly Candidate[]) =>
			candidates.map(({ against }) => against?.code ?? 'works');
		const { candidates, compromised } = of(3.6);
		expect(compromised).toBe(false);
		expect(codes(candidates)).toContain('works');
		expect(codes(candidates)).toContain('shortOfGreen');
		expect(codes(candidates).every((code) => ['works', 'shortOfGreen'].includes(code))).toBe(true);
		const plenty = ladderOf({ toEdge: 6, edgeToPin: 4, beyondPin: 3 }).ladder;
		expect(plenty.candidates.length).toBeGreaterThanOrEqual(3);
		expect(codes(plenty.candidates).every((code) => code === 'works')).toBe(true);
	});

	it('lets in, of those that end in trouble, the ones that end nearest the hole, four a kind at most', () => {
		const { asked, ladder } = ladderOf({
			toEdge: 8,
			edgeToPin: 1.5,
			beyondPin: 1,
			slopeAlong: -12,
			stimpFeet: 14,
			firmness: 'firm',
			hazards: [{ kind: 'water', from: 1, to: 7.9, height: 0 }]
		});
		expect(ladder.compromised).toBe(true);
		const off = ({ outcome }: { outcome: { finishX: number; finishZ: number } }) =>
			Math.hypot(outcome.finishX - asked.pin, outcome.finishZ);
		for (const code of new Set(ladder.candidates.map(({ against }) => against!.code))) {
			const taken = ladder.candidates.filter(({ against }) => against!.code === code);
			const left = ladder.rejected.filter(
				({ rejection, candidate }) => candidate && rejection.code === code
			);
			expect(taken.length).toBeLessThanOrEqual(4);
			const worst = Math.max(...taken.map(({ solution }) => off(solution)));
			for (const { candidate } of left)
				expect(off(candidate!.solution)).toBeGreaterThanOrEqual(worst - 1e-9);
		}
	});

	it('has no candidate in both lists', () => {
		const { ladder } = ladderOf(
			{ lie: 'deep-rough', toEdge: 60, edgeToPin: 10 },
			{ skill: 'high' }
		);
		const plays = [
			...ladder.candidates.map(({ play }) => play),
			...ladder.rejected.map(({ play }) => play)
		];
		expect(new Set(plays).size).toBe(plays.length);
	});
});
