import { describe, expect, it } from 'vitest';
import { question as ask } from '../../../../tests/support/scenes';
import { playKey } from '../player/intent';
import { localSampler } from './race/localSampler';
import { plan } from './plan';
import type { Question } from './question/question';

type World = Record<string, unknown>;

const decided = (question: Question) => plan(question, localSampler(question));
const asked = (situation: World, player: World, seed = 1) =>
	decided(ask(situation, player, { samples: 300, seed }));

/** Where hardly anything works: sitting down behind water, a short green that falls away. */
const THIN: World = {
	lie: 'sitting-down',
	toEdge: 6.01,
	edgeToPin: 3.49,
	beyondPin: 3.05,
	slopeAlong: -2.77,
	slopeAcross: 0.48,
	stimpFeet: 12,
	firmness: 'firm',
	grain: 'with',
	ball: 'firm',
	hazards: [{ kind: 'water', from: 0.71, to: 3.21, height: 0.42 }]
};
/** A putt up a short bank, over which it hops or not. */
const OVER_BANK: World = {
	lie: 'fringe',
	toEdge: 0.38,
	edgeToPin: 11.14,
	beyondPin: 10,
	rise: 0.1,
	fringe: 'grainy',
	slopeAlong: 1.42,
	slopeAcross: -2.2,
	stimpFeet: 12.66,
	grain: 'left'
};
/** Water along the whole right side. */
const ALONG_WATER: World = {
	lie: 'sitting-down',
	toEdge: 1.22,
	edgeToPin: 23.04,
	beyondPin: 6.1,
	slopeAlong: 3,
	stimpFeet: 8.8,
	firmness: 'soft',
	hazards: [{ kind: 'water', from: 1.22, to: 27, height: 0, side: 'right', offset: 4.36 }]
};

describe('what hardly changes a shot hardly changes its strokes', () => {
	it.each([
		['hardly anything works', THIN, { skill: 'expert' }, 'edgeToPin', 0.1],
		['a putt hops over a bank', OVER_BANK, { skill: 'high' }, 'toEdge', 0.06]
	] as const)('where %s', async (_, world, player, what, by) => {
		const strokes: number[] = [];
		for (let step = 0; step < 4; step++) {
			const moved = { ...world, [what]: (world[what] as number) + step * by };
			strokes.push((await asked(moved, player)).options[0]!.statistics.expectedStrokes);
		}
		strokes
			.slice(1)
			.forEach((value, i) => expect(Math.abs(value - strokes[i]!)).toBeLessThan(0.06));
	});
});

describe('another luck of the balls', () => {
	it('calls what was among the ties, and turns it away from water as before', async () => {
		const answers = [];
		for (let seed = 1; seed <= 4; seed++)
			answers.push(await asked(ALONG_WATER, { skill: 'scratch' }, seed));
		const ties = answers.map(
			({ options }) =>
				new Set(options.filter(({ tied }) => tied).map(({ candidate }) => playKey(candidate.play)))
		);
		for (const { options } of answers) {
			const { candidate, statistics } = options[0]!;
			for (const other of ties) expect(other).toContain(playKey(candidate.play));
			expect(candidate.side).toBeLessThan(-0.4);
			expect(statistics.chances.hazard).toBeLessThan(0.04);
		}
	});
});

describe('ties', () => {
	it('are the same for other seeds: one call, or one that every seed calls a tie', async () => {
		const answers = [];
		for (const seed of [1, 2, 3])
			answers.push(
				await decided(
					ask({ toEdge: 5, edgeToPin: 10, fringe: 'grainy' }, {}, { samples: 600, seed })
				)
			);
		const calls = new Set(answers.map(({ options }) => options[0]!.candidate.play.club.name));
		for (const { options } of answers) {
			const tied = options
				.filter((option) => option.tied)
				.map(({ candidate }) => candidate.play.club.name);
			for (const call of calls) expect(tied).toContain(call);
		}
	});

	it('are never broken for more trouble than a flatter way among them has', async () => {
		for (const situation of [
			{ lie: 'semi-rough', toEdge: 5, edgeToPin: 10, fringe: 'rough' },
			{ lie: 'fairway', toEdge: 8, edgeToPin: 5, fringe: 'grainy' }
		]) {
			const [best, ...others] = (await decided(ask(situation))).options;
			const trouble = ({ statistics: { chances } }: typeof best & object) =>
				chances.hazard + chances.fourOrMore;
			for (const other of others.filter(({ tied }) => tied))
				expect(trouble(best!)).toBeLessThan(trouble(other) + 0.06);
		}
	});
});
