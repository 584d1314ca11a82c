import { describe, expect, it } from 'vitest';
import { question as ask } from '../../../../../tests/support/scenes';
import { fromFeet, toFeet } from '../../units';
import { localSampler } from '../race/localSampler';
import { plan } from '../plan';
import { rankLadder, type SampledCandidate } from '../race/rank';
import { cautionsFor, reasonsFor } from './reasons';
import { grainedSpeed } from '../../ground/grain';
import { callSchools, ruleSpot, schoolFacts } from './schoolCalls';
import { runTheSameWay, sensitivityOf } from './sensitivity';
import { Outcome } from '../../ball/simulate';
import { playIntended } from '../../solve/solve';
import { buildLadder } from '../ladder/ladder';
import type { Question } from '../question/question';

const planned = (question: Question) => plan(question, localSampler(question));
const bump = (change: Record<string, unknown> = {}) =>
	ask({ toEdge: 3, edgeToPin: 12, fringe: 'grainy', ...change });

describe('what if', () => {
	it('goes the way a coach expects: faster, downhill and from a worse lie', () => {
		const question = bump();
		const candidate = buildLadder(question).candidates.find(({ play }) => play.club.name === '8i')!;
		const found = sensitivityOf(question, candidate);
		expect(found.stimpPlus1).toBeGreaterThan(0.1);
		expect(found.stimpMinus1).toBeLessThan(-0.1);
		expect(found.slopePlus1).toBeLessThan(0);
		expect(found.slopeMinus1).toBeGreaterThan(0);
		expect(found.distancePlus1).toBeCloseTo(-0.9144, 6);
		expect(found.distanceMinus1).toBeCloseTo(0.9144, 6);
	});

	it('asks the middle of some balls where a kink sends one the same way for more and for less', () => {
		const overEdge = ask(
			{
				lie: 'fringe',
				toEdge: 1.55,
				edgeToPin: 3.03,
				beyondPin: 9.65,
				rise: 0.19,
				fringe: 'grainy',
				slopeAlong: 2.83,
				slopeAcross: -0.5,
				stimpFeet: 9.99,
				grain: 'left'
			},
			{ skill: 'expert' }
		);
		const putt = buildLadder(overEdge).candidates.find(({ play }) => play.club.putter)!;
		const { speed, aim, outcome } = putt.solution;
		const alone = (feet: number) => {
			const greenSpeed = overEdge.situation.greenSpeed + fromFeet(feet);
			const other = overEdge.within({ ...overEdge.situation, greenSpeed });
			const ball = playIntended(other.intent(putt.play), other.bare, speed, aim, new Outcome());
			return ball.finishX - outcome.finishX;
		};
		expect(runTheSameWay(alone(1), alone(-1))).toBe(true);
		const { stimpPlus1, stimpMinus1 } = sensitivityOf(overEdge, putt);
		expect(stimpPlus1).toBeGreaterThan(0.05);
		expect(stimpMinus1).toBeLessThan(-0.05);
		expect([runTheSameWay(0.3, 0.04), runTheSameWay(0.3, -0.3)]).toEqual([false, false]);
	});

	it('tilts a surveyed surface as well', () => {
		const points = [-2, 4, 10, 16].flatMap((x) => [-6, 6].map((z) => [x, z, 0.01 * x]));
		const question = bump({ survey: { points } });
		const candidate = buildLadder(question).candidates.find(({ play }) => play.club.name === '8i')!;
		const found = sensitivityOf(question, candidate);
		expect(found.slopePlus1).toBeLessThan(-0.1);
		expect(found.slopeMinus1).toBeGreaterThan(0.1);
	});
});

describe('schools', () => {
	it('reckon with one share of the day, whatever shot is asked about', () => {
		const share = (change: Record<string, unknown>) => schoolFacts(ask(change)).todaysAirShare;
		const day = share({ stimpFeet: 11 });
		for (const shot of [
			{ toEdge: 1, edgeToPin: 3, beyondPin: 2 },
			{ toEdge: 12, edgeToPin: 20, fringe: 'rough', rise: -1 },
			{ lie: 'sand', slopeAlong: -4, grain: 'against', wind: { along: 5, across: 0 } }
		])
			expect(share({ stimpFeet: 11, ...shot })).toBe(day);
		expect(share({ stimpFeet: 8 })).toBeGreaterThan(day);
	});

	it('do not bind in sand, nor where they do not hold by their own word', async () => {
		const sand = ask(
			{ lie: 'sand', toEdge: 3, edgeToPin: 9 },
			{ school: 'rule-of-twelve' },
			{ samples: 40 }
		);
		const found = await planned(sand);
		expect(found.why).toContainEqual({
			code: 'schoolElsewhere',
			school: 'rule-of-twelve',
			beyond: 'madeForGrass'
		});
		expect(found.rejected.some(({ rejection }) => rejection.code === 'notInSchool')).toBe(false);
		// The day's percentage would not carry the fringe here.
		const short = ask(
			{ toEdge: 8, edgeToPin: 3 },
			{ school: 'todays-percentage' },
			{ samples: 40 }
		);
		expect((await planned(short)).why).toContainEqual(
			expect.objectContaining({ code: 'schoolElsewhere', beyond: 'notEnoughGreen' })
		);
	});

	it('are all asked, and each says where its ball ends and at which speed it would be right', () => {
		const calls = callSchools(bump());
		expect(calls).toHaveLength(10);
		for (const { holdsAt, missAtHole } of calls) {
			expect(Number.isFinite(missAtHole)).toBe(true);
			if (holdsAt !== null) {
				expect(toFeet(holdsAt)).toBeGreaterThanOrEqual(4);
				expect(toFeet(holdsAt)).toBeLessThanOrEqual(16);
			}
		}
	});

	it('say where they are used outside what they were made for', () => {
		const beyond = (change: Record<string, unknown>) =>
			new Set(callSchools(bump(change)).map(({ advice }) => advice.beyond));
		expect(beyond({ lie: 'sand' })).toEqual(new Set(['madeForGrass']));
		expect(beyond({ lie: 'deep-rough' })).toEqual(new Set(['madeForCleanLies']));
		expect(beyond({ toEdge: 25, edgeToPin: 15 })).toContain('carryTooLong');
		expect(beyond({})).toContain(null);
	});

	it('end farther past on a quicker green and are right at the speed they name', () => {
		const twelve = (feet: number) =>
			callSchools(bump({ stimpFeet: feet })).find(({ id }) => id === 'rule-of-twelve')!;
		expect(twelve(12).missAtHole).toBeGreaterThan(twelve(8).missAtHole);
		const { holdsAt } = twelve(10);
		if (holdsAt !== null) expect(Math.abs(twelve(toFeet(holdsAt)).missAtHole)).toBeLessThan(0.1);
	});

	it('are told of a landing spot just on the green and of today’s percentage', () => {
		const question = bump();
		expect(ruleSpot(question.situation)).toBeCloseTo(3.9, 9);
		expect(ruleSpot(ask({ toEdge: 3, edgeToPin: 1 }).situation)).toBeCloseTo(3.4, 9);
		const slow = schoolFacts(bump({ stimpFeet: 7 })).todaysAirShare;
		const quick = schoolFacts(bump({ stimpFeet: 12 })).todaysAirShare;
		expect(slow).toBeGreaterThan(quick);
	});
});

describe('reasons and cautions', () => {
	it('say what decided it, what became of the habit, and what to watch', async () => {
		const { why } = await planned(bump());
		const codes = why.map(({ code }) => code);
		expect(codes.some((code) => code === 'fewestStrokes' || code === 'tieLeastAir')).toBe(true);
		expect(codes.some((code) => code.startsWith('habit'))).toBe(true);
		expect(codes).toContain('watch');
	});

	it('tell a tie with another play from the same one left elsewhere, and what a flatter one costs', async () => {
		const question = ask({ toEdge: 3, edgeToPin: 12, fringe: 'grainy' }, {}, { samples: 60 });
		const ladder = buildLadder(question);
		const ranked = await rankLadder(question, ladder, localSampler(question));
		const best = { ...ranked[0]!, tied: true, close: true };
		const dear = ranked.find(
			(option) => option.candidate.play !== best.candidate.play && !option.close
		)!;
		const firstReason = (...others: SampledCandidate[]) =>
			reasonsFor(question, [best, ...others], ladder, sensitivityOf(question, best.candidate), {
				cost: null,
				lifted: null
			})[0];
		const elsewhere = { ...best, candidate: { ...best.candidate } };
		expect(firstReason(elsewhere)?.code).toBe('fewestStrokes');
		const { statistics, candidate } = best;
		const cheaper = { ...statistics, expectedStrokes: statistics.expectedStrokes - 0.01 };
		expect(firstReason({ ...elsewhere, statistics: cheaper })).toMatchObject({
			code: 'tieLeastAir',
			other: null,
			tied: 0
		});
		const flat = { ...dear.candidate, airShare: candidate.airShare - 0.1 };
		expect(firstReason({ ...dear, candidate: flat, statistics, tied: true })).toMatchObject({
			code: 'tieCheaper',
			other: dear.candidate.play,
			tied: 1,
			flatter: dear.candidate.play
		});
		expect(
			firstReason({ ...dear, candidate: flat, statistics, tied: true, close: true })
		).toMatchObject({ code: 'tieEven' });
	});

	it('say nothing where there is nothing to play', () => {
		const ladder = {
			candidates: [],
			rejected: [],
			otherWays: [],
			landingShort: [],
			compromised: false
		};
		expect(reasonsFor(bump(), [], ladder, {} as never, { cost: null, lifted: null })).toEqual([]);
	});

	it('name the dangers of the shot and always the shared green and the round', () => {
		const ladder = buildLadder(bump());
		const flop = buildLadder(
			ask({ toEdge: 7, edgeToPin: 4, hazards: [{ kind: 'sand', from: 1, to: 6, height: 0.5 }] })
		);
		const chip = cautionsFor(bump(), ladder.candidates[0]);
		expect(chip).toEqual(['shared-green', 'not-in-a-round']);
		const open = flop.candidates.find(({ play }) => play.flight === 'open');
		if (open)
			expect(
				cautionsFor(ask({ hazards: [{ kind: 'sand', from: 1, to: 6, height: 0.5 }] }), open)
			).toEqual(expect.arrayContaining(['nobody-in-front', 'short-finds-hazard']));
		expect(cautionsFor(bump({ slopeAlong: -4 }), undefined)).toContain('downhill-runs-away');
	});
});

describe('what is said of a hazard', () => {
	const cautions = (hazard: object) => {
		const question = ask({ toEdge: 3, edgeToPin: 8, hazards: [{ kind: 'water', ...hazard }] });
		return cautionsFor(question, buildLadder(question).candidates[0]);
	};

	it('depends on where it lies to the shot', () => {
		const short = 'short-finds-hazard';
		const long = 'long-finds-hazard';
		const wide = 'wide-finds-hazard';
		expect(cautions({ from: 1, to: 2.5 })).toEqual(expect.arrayContaining([short]));
		expect(cautions({ from: 1, to: 2.5 })).not.toContain(long);
		expect(cautions({ from: 15, to: 18 })).toContain(long);
		expect(cautions({ from: 15, to: 18 })).not.toContain(short);
		const beside = cautions({ from: 5, to: 14, side: 'left', offset: 3 });
		expect(beside).toContain(wide);
		expect(beside).not.toContain(short);
		expect(cautions({ kind: 'mound', from: 1, to: 2 })).not.toContain(short);
	});
});

describe('grain', () => {
	it('speeds the green one way and slows it the other, by the same factor', () => {
		const speed = fromFeet(10);
		expect(grainedSpeed(speed, 'none')).toBe(speed);
		expect(grainedSpeed(speed, 'with') * grainedSpeed(speed, 'against')).toBeCloseTo(
			speed ** 2,
			12
		);
		expect(grainedSpeed(speed, 'with')).toBeGreaterThan(speed);
	});
});
