import { describe, expect, it } from 'vitest';
import { finishes, strokesAround } from '../../../../../../tests/support/raced';
import { question as ask } from '../../../../../../tests/support/scenes';
import { playKey } from '../../../player/intent';
import { buildLadder } from '../../ladder/ladder';
import { rejectCandidate, solveCandidate } from '../../ladder/candidate';
import { plan } from '../../plan';
import type { Question } from '../../question/question';
import { localSampler } from '../localSampler';
import type { Sampler } from '../race';
import { entrants } from './entrants';

const keysOf = async (question: Question, sampler: Sampler = localSampler(question)) => {
	const found = await entrants(question, buildLadder(question), sampler);
	return found.map(({ candidate }) => ({ ...candidate, key: playKey(candidate.play) }));
};
const called = async (question: Question) =>
	(await plan(question, localSampler(question))).options[0]!;

/** A bank of rough that falls to the green. */
const DOWN_A_BANK = {
	lie: 'semi-rough',
	fringe: 'rough',
	toEdge: 7,
	edgeToPin: 10,
	rise: -2.5,
	stimpFeet: 12
};

describe('what takes part in a race', () => {
	it('are those of the ladder, and of two head speeds that end at one place the one that works', async () => {
		const question = ask(DOWN_A_BANK);
		const found = await keysOf(question);
		const open = found.find(({ key }) => key === 'SW/high/25/straight')!;
		const trickling = solveCandidate(question, open.play);
		expect(rejectCandidate(question, trickling)?.code).toBe('shortOfGreen');
		expect(open.against).toBeNull();
		expect(open.target).toBe(trickling.target);
		expect(open.solution.outcome.landingX).toBeGreaterThan(question.situation.toEdge);
	});

	it('are those that reach only short of the pin, as far as they reach', async () => {
		const question = ask({ lie: 'sand', toEdge: 4, edgeToPin: 13.5 }, { skill: 'high' });
		const out = new Set(
			buildLadder(question)
				.rejected.filter(({ rejection }) => rejection.code === 'tooFast')
				.map(({ play }) => playKey(play))
		);
		const short = (await keysOf(question)).filter(({ key }) => out.has(key));
		expect(short.length).toBeGreaterThan(0);
		for (const { target, solution, play } of short) {
			expect(target).toBeLessThan(question.pin);
			expect(solution.speed).toBeGreaterThan(0.95 * question.fastest(play));
		}
	});

	it('play no more balls at a glance than were asked for', async () => {
		const steep = { lie: 'fringe', toEdge: 22.7, edgeToPin: 18.9, stimpFeet: 12, slopeAlong: -30 };
		const question = ask({ ...steep, fringe: 'rough' }, {}, { samples: 20 });
		const { options } = await plan(question, localSampler(question));
		expect(options.length).toBeGreaterThan(0);
		for (const { statistics } of options)
			expect(Number.isFinite(statistics.expectedStrokes)).toBe(true);
	});

	it('are the cheapest at a glance of those that land just short, and no more than sixteen', async () => {
		const question = ask({ toEdge: 9, edgeToPin: 10, fringe: 'smooth' });
		const ladder = buildLadder(question);
		expect(ladder.landingShort.length).toBeGreaterThan(16);
		const cheap = playKey(ladder.landingShort[3]!.play);
		const sampler: Sampler = (jobs) =>
			Promise.resolve(
				jobs.map(({ play, from, to }) =>
					finishes(strokesAround(playKey(play) === cheap ? 2 : 3, 0, to - from))
				)
			);
		const short = (await keysOf(question, sampler)).filter(
			({ against }) => against?.code === 'shortOfGreen'
		);
		expect(short).toHaveLength(16);
		expect(short[0]!.key).toBe(cheap);
	});

	it('are, where no ball stops at the pin, any speed at which one stops on the green, or runs onto it', async () => {
		const question = ask({
			lie: 'sitting-up',
			fringe: 'grainy',
			toEdge: 2.85,
			edgeToPin: 3.52,
			beyondPin: 10.87,
			segments: [
				{ length: 2, slopeAlong: -8, slopeAcross: 0 },
				{ length: 3, slopeAlong: -20, slopeAcross: 0 },
				{ length: 20, slopeAlong: -1, slopeAcross: 0 }
			]
		});
		const ladder = buildLadder(question);
		expect(ladder.candidates.every(({ safe }) => safe)).toBe(true);
		// What has a place that is nearest past the pin stands in the ladder.
		const inLadder = new Set(ladder.candidates.map(({ play }) => playKey(play)));
		const more = (await keysOf(question)).filter(({ key }) => !inLadder.has(key));
		expect(more.length).toBeGreaterThan(0);
		for (const { against, solution, target } of more) {
			expect([undefined, 'shortOfGreen']).toContain(against?.code);
			expect(solution.outcome.finishX).toBeCloseTo(target, 6);
			expect(target).toBeGreaterThan(question.pin);
			expect(target).toBeLessThan(question.pin + question.situation.beyondPin);
		}
	});

	it('are, where nothing works, all lengths of every play with what speaks against each', async () => {
		const lip = [{ kind: 'sand', from: 0, to: 2, height: 1.5 }];
		const question = ask({ lie: 'sand', sandSurface: 'plugged', toEdge: 3, hazards: lip });
		const found = await keysOf(question);
		const targets = new Set(found.map(({ target }) => Math.round(target)));
		expect(targets.size).toBeGreaterThan(3);
	});
});

describe('what strangers found, on other clubs and places than were looked at', () => {
	it('is called where a brute search found it, no dearer', async () => {
		// Strokes of the best of some hundred swings drawn at random, each found without the planner.
		const found: [Record<string, unknown>, Record<string, unknown>, number][] = [
			[DOWN_A_BANK, {}, 2.96],
			[{ toEdge: 15, edgeToPin: 8, rise: -6, fringe: 'grainy' }, {}, 2.96],
			[
				{
					lie: 'sand',
					toEdge: 3.45,
					edgeToPin: 11.9,
					beyondPin: 8,
					hazards: [{ kind: 'water', from: 1.6, to: 2.7, height: 1.06 }]
				},
				{ skill: 'high' },
				3.85
			]
		];
		for (const [situation, player, strokes] of found) {
			const { statistics } = await called(ask(situation, player, { samples: 400 }));
			expect(statistics.expectedStrokes).toBeLessThan(strokes + 0.03);
		}
	});

	it('is no damage limitation where nothing stops at the pin, nor near past it, and a harder ball does behind', async () => {
		const stations = [0.04, 0, -0.23, -0.69, -0.8, -0.82, -0.84].map((height, i) => ({
			x: 2.5 * (i - 1),
			height
		}));
		const points = stations.flatMap(({ x, height }) =>
			[-6, 0, 6].map((z) => [x, z, height + 0.027 * z])
		);
		const ledge = ask(
			{
				lie: 'fringe',
				wet: true,
				toEdge: 1.17,
				edgeToPin: 2.81,
				beyondPin: 9.26,
				fringe: 'grainy',
				stimpFeet: 10.81,
				stance: { along: 8.13, across: -0.9 },
				survey: { points }
			},
			{ skill: 'expert' },
			{ samples: 400 }
		);
		expect(buildLadder(ledge).compromised).toBe(true);
		const { options, compromised } = await plan(ledge, localSampler(ledge));
		const [{ candidate, statistics }] = options as [(typeof options)[0]];
		expect([compromised, candidate.against]).toEqual([false, null]);
		expect(candidate.target).toBeGreaterThan(ledge.pin + 2);
		// Brute force: 2.84; what is called with the damage limited costs 3.08.
		expect(statistics.expectedStrokes).toBeLessThan(2.92);
	});

	it('changes no more than the ground does while a bank grows', async () => {
		const strokes: number[] = [];
		for (let rise = -2.2; rise >= -2.81; rise -= 0.2)
			strokes.push(
				(await called(ask({ ...DOWN_A_BANK, rise }, {}, { samples: 300 }))).statistics
					.expectedStrokes
			);
		strokes
			.slice(1)
			.forEach((value, i) => expect(Math.abs(value - strokes[i]!)).toBeLessThan(0.06));
	});

	it('lands short of the green only where that clearly pays, and then is no longer out', async () => {
		const slow = ask(
			{
				toEdge: 1.05,
				edgeToPin: 2.06,
				beyondPin: 12.95,
				rise: 0.08,
				fringe: 'grainy',
				stimpFeet: 7.49,
				firmness: 'firm',
				grain: 'against',
				stance: { along: -13.63, across: 0.43 }
			},
			{ skill: 'scratch', school: 'free' },
			{ samples: 400 }
		);
		const { options, rejected } = await plan(slow, localSampler(slow));
		const inLadder = buildLadder(slow).candidates.map(({ play }) => playKey(play));
		const short = options.filter(
			({ candidate }) => candidate.against && !inLadder.includes(playKey(candidate.play))
		);
		expect(short.length).toBeGreaterThan(0);
		const works = options.filter(({ candidate }) => !candidate.against);
		const cheapest = Math.min(...works.map(({ statistics }) => statistics.expectedStrokes));
		for (const { candidate, statistics } of short) {
			expect(statistics.expectedStrokes).toBeLessThan(cheapest);
			expect(rejected.some(({ play }) => play === candidate.play)).toBe(false);
		}
	});
});
