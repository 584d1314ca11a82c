import { describe, expect, it } from 'vitest';
import { question as ask } from '../../../../../../tests/support/scenes';
import { finishes, raced, candidateOf, strokesAround } from '../../../../../../tests/support/raced';
import { Outcome } from '../../../ball/simulate';
import { playIntended } from '../../../solve/solve';
import type { Play } from '../../../player/intent';
import { possiblePlays } from '../../ladder/possiblePlays';
import { chooseLeaves, noteRegret, settle, stillOpen } from './leave';
import type { Finishes } from '../sample';
import { localSampler } from '../localSampler';
import { plan } from '../../plan';
import { enter, hasPlayed, sampleTo, strokesOf, type SampleJob } from '../race';
import { leanTo, solveCandidate } from '../../ladder/candidate';
import type { Question } from '../../question/question';

const decided = (question: Question) => plan(question, localSampler(question));

describe('where a shot is left', () => {
	/** Short-sided over grainy fringe: the pin cannot be got at, a place past it can. */
	const shortSided = ask({ toEdge: 4, edgeToPin: 1, fringe: 'grainy' }, {}, { samples: 400 });

	it('is past the pin where that is markedly cheaper, and then no other place is', async () => {
		const { options, why } = await decided(shortSided);
		const best = options[0]!;
		expect(best.candidate.safe).toBe(true);
		expect(best.candidate.target).toBeGreaterThan(shortSided.target);
		expect(why.some(({ code }) => code === 'playedSafe')).toBe(true);
		const others = [-0.8, 0.8, 2].map((by) =>
			enter(solveCandidate(shortSided, best.candidate.play, best.candidate.target + by))
		);
		await sampleTo(others, 400, localSampler(shortSided));
		for (const other of others.filter(hasPlayed))
			expect(strokesOf(other)).toBeGreaterThan(best.statistics.expectedStrokes - 0.05);
	});

	it('is the pin where nothing speaks against it', async () => {
		const { options } = await decided(ask({ toEdge: 2, edgeToPin: 9 }));
		expect(options[0]!.candidate.safe).toBe(false);
	});

	it('is to the side away from water along the line', async () => {
		const beside = { kind: 'water', from: 2, to: 30, side: 'right', offset: 1 };
		const question = ask(
			{ toEdge: 6, edgeToPin: 14, hazards: [beside], fringe: 'rough' },
			{ skill: 'high' },
			{ samples: 400 }
		);
		const { options } = await decided(question);
		expect(options[0]!.candidate.side).toBeLessThan(0);
	});

	it('is one place a play, whatever places were tried', async () => {
		const sampler = localSampler(shortSided);
		const { options } = await decided(shortSided);
		const candidate = options[0]!.candidate;
		const leant = [4, 6].map((by) => leanTo(shortSided, candidate, by));
		const near = [candidate, ...leant].map(enter);
		await sampleTo(near, 200, sampler);
		const settled = settle(near.filter(hasPlayed), shortSided.situation.toEdge);
		expect(settled).toHaveLength(1);
		expect(settled[0]!.candidate).toBe(candidate);
	});
});

describe('places tried', () => {
	/** Balls that cost the less the farther left they are aimed, and less at a place past the pin than anywhere else along the line. */
	const sampler =
		(asked: Question, past = 1.25) =>
		(jobs: readonly SampleJob[]): Promise<Finishes[]> => {
			const out = new Outcome();
			return Promise.resolve(
				jobs.map(({ play, speed, aim, from, to }) => {
					playIntended(asked.intent(play), asked.bare, speed, aim, out);
					const off = Math.abs(out.finishX - asked.target - past);
					const strokes = 3 + 0.1 * off + 0.2 * Math.atan2(out.finishZ, out.finishX);
					return finishes(strokesAround(strokes, 0, to - from));
				})
			);
		};
	/** One club's first play for the pin. */
	const wedge = (situation: Record<string, unknown>) => {
		const bag = [{ name: 'PW', loft: 46 }];
		const asked = ask({ toEdge: 3, edgeToPin: 9, ...situation }, {}, { bag });
		const [play] = possiblePlays(asked.request.bag, asked.situation);
		return { asked, candidate: solveCandidate(asked, play!) };
	};
	const chosen = async (situation: Record<string, unknown>) => {
		const { asked, candidate: pin } = wedge(situation);
		const own = enter(pin);
		await sampleTo([own], 40, sampler(asked));
		const found = await chooseLeaves(asked, [own].filter(hasPlayed), sampler(asked), 40);
		return found.map(({ candidate }) => [
			Math.round(100 * (candidate.target - asked.target)) / 100,
			Math.round(candidate.side)
		]);
	};

	it('lie past the pin, the cheapest of them or between', async () => {
		expect(await chosen({})).toEqual([
			[0, 0],
			[expect.closeTo(1.25, 0), 0]
		]);
	});

	it('are two where what lands short is cheapest: that, and the best of those that land on the green', async () => {
		const { asked, candidate } = wedge({});
		const own = enter({ ...candidate, against: { code: 'shortOfGreen', by: 1 } });
		const balls = sampler(asked, 0);
		await sampleTo([own], 40, balls);
		const [first, other] = await chooseLeaves(asked, [own].filter(hasPlayed), balls, 40);
		expect(first).toBe(own);
		expect(other!.candidate).toMatchObject({ play: candidate.play, against: null });
		expect(Math.abs(other!.candidate.target - asked.target)).toBeCloseTo(1.25, 9);
	});

	it('lie to the side only where something lies there', async () => {
		const aside = [0, -2];
		expect(await chosen({})).not.toContainEqual(aside);
		expect(await chosen({ width: { left: 8, right: 8 } })).toContainEqual(aside);
		const water = { kind: 'water', from: 3, to: 15, side: 'right', offset: 4 };
		expect(await chosen({ hazards: [water] })).toContainEqual(aside);
		const across = { kind: 'water', from: 18, to: 20 };
		expect(await chosen({ hazards: [across] })).not.toContainEqual(aside);
	});

	it('lie away from what is stated beside the line, with every play in the race', async () => {
		const water = { kind: 'water', from: 3, to: 15, side: 'left', offset: 4 };
		const asked = ask({ toEdge: 3, edgeToPin: 9, hazards: [water] });
		const plays = possiblePlays(asked.request.bag, asked.situation)
			.filter(({ shape, club }) => shape === 'straight' && !club.putter)
			.slice(0, 9);
		const entries = plays.map((play) => enter(solveCandidate(asked, play)));
		// Every turn costs a little on these few balls.
		const aims = new Map<Play, number[]>();
		const turning = (dearer: number) => (jobs: readonly SampleJob[]) =>
			Promise.resolve(
				jobs.map(({ play, aim, from, to }) => {
					const own = entries.find(({ candidate }) => candidate.play === play)!.candidate.solution
						.aim;
					aims.set(play, [...(aims.get(play) ?? []), aim - own]);
					return finishes(strokesAround(3 + (aim === own ? 0 : dearer), 0, to - from));
				})
			);
		const turned = async (dearer: number) => {
			entries.forEach((entry) => (entry.finishes = null));
			await sampleTo(entries, 40, turning(dearer));
			const found = await chooseLeaves(asked, entries.filter(hasPlayed), turning(dearer), 40);
			return new Set(
				found.filter(({ candidate }) => candidate.side > 0).map(({ candidate }) => candidate.play)
			);
		};
		expect(await turned(0.02)).toEqual(new Set(plays));
		for (const own of aims.values()) expect(Math.min(...own)).toBeGreaterThan(-1e-9);
		expect(await turned(0.04)).toEqual(new Set());
	});

	it('is short of the pin for a putt where what just gets over an edge runs on, and one step on nothing jumps', async () => {
		const putter = [{ name: 'Putter', loft: 3, putter: true }];
		const putted = async (edgeToPin: number, toEdge = 1.94) => {
			const { options } = await decided(
				ask(
					{
						lie: 'fringe',
						toEdge,
						edgeToPin,
						beyondPin: 4.9,
						rise: 0.41,
						fringe: 'rough',
						slopeAlong: 1.35,
						slopeAcross: 1.12,
						stimpFeet: 8.19,
						firmness: 'firm'
					},
					{ skill: 'middle' },
					{ bag: putter, samples: 400 }
				)
			);
			return options[0]!;
		};
		const options = [await putted(20.77), await putted(20.87), await putted(20.77, 2.04)];
		const strokes = options.map(({ statistics }) => statistics.expectedStrokes);
		expect(Math.max(...strokes) - Math.min(...strokes)).toBeLessThan(0.06);
		for (const { candidate } of options) expect(candidate.target).toBeLessThan(20.5);
	});

	it('is short of the green for a putt where what is struck a little too hard runs far down it', async () => {
		const bag = [{ name: 'Putter', loft: 3, putter: true }];
		const falling = (toEdge: number) =>
			ask(
				{ lie: 'tight', toEdge, edgeToPin: 2, beyondPin: 15, slopeAlong: -3, stimpFeet: 12 },
				{ skill: 'high' },
				{ bag, samples: 400 }
			);
		const targetOf = async (question: Question) =>
			(await decided(question)).options[0]!.candidate.target;
		const far = await targetOf(falling(14));
		expect(far).toBeGreaterThan(16 - 12);
		expect(far).toBeLessThan(14 - 0.5);
		expect(await targetOf(falling(2))).toBe(4);
	});

	it('of a putt from off the green are head speeds: to the pin where the middle ball still ends about there', async () => {
		const putter = [{ name: 'Putter', loft: 3, putter: true }];
		const putts = async (best: number, toEdge = 2) => {
			const asked = ask({ lie: 'fringe', toEdge, edgeToPin: 9 }, {}, { bag: putter });
			const [play] = possiblePlays(asked.request.bag, asked.situation);
			const own = enter(solveCandidate(asked, play!));
			const { speed } = own.candidate.solution;
			const cheapestAt = (jobs: readonly SampleJob[]) =>
				Promise.resolve(
					jobs.map((job) => {
						const off = Math.abs(job.speed / speed - best);
						return finishes(strokesAround(2.5 + off, 0, job.to - job.from));
					})
				);
			await sampleTo([own], 40, cheapestAt);
			const found = await chooseLeaves(asked, [own].filter(hasPlayed), cheapestAt, 40);
			return found
				.filter(({ riskAverse }) => !riskAverse)
				.map(({ candidate: { solution, target } }) => ({
					faster: Math.round(100 * (solution.speed / speed)) / 100,
					past: target - asked.target,
					ends: solution.outcome.finishX - asked.target
				}));
		};
		const [own, softer] = await putts(0.95);
		expect(own).toMatchObject({ faster: 1, past: 0 });
		expect(softer).toMatchObject({ faster: 0.95, past: 0 });
		expect(softer!.ends).toBeLessThan(-0.3);
		const [, harder] = await putts(1.06);
		expect(harder!.faster).toBe(1.06);
		expect(harder!.past).toBeCloseTo(harder!.ends, 9);
		expect(harder!.past).toBeGreaterThan(1);
		expect((await putts(1)).every(({ faster }) => faster === 1)).toBe(true);
		// On the green there is nothing to hop over.
		expect((await putts(0.95, 0)).every(({ faster }) => faster >= 1)).toBe(true);
	});

	it('lie off the green never', async () => {
		const found = await chosen({ beyondPin: 1 });
		expect(Math.max(...found.map(([past]) => past!))).toBeLessThan(0.5);
	});
});

describe('places still open', () => {
	const EDGE = 4;
	const club = candidateOf('SW');
	const at = (target: number) => ({ ...club, target, safe: target !== 10 });
	const entry = (target: number, mean: number, error: number, riskAverse = false) =>
		raced({ ...at(target), play: club.play }, finishes(strokesAround(mean, error)), { riskAverse });
	const targets = (entries: Parameters<typeof stillOpen>[0]) =>
		stillOpen(entries, EDGE, 3).map(({ candidate }) => candidate.target);
	const own = entry(10, 2.8, 0);

	it('are the pin’s own alone where no other can save enough', () => {
		expect(targets([own, entry(11, 2.8, 0)])).toEqual([10]);
		expect(targets([own, entry(11, 2.786, 0)])).toEqual([10]);
		expect(targets([own, entry(11, 2.9, 0.02)])).toEqual([10]);
	});

	it('keep what another would save, though it is too little to be worth a word', () => {
		const pin = entry(10, 2.8, 0);
		const open = [pin, entry(11, 2.79, 0), entry(12, 2.795, 0)];
		stillOpen(open, EDGE, 3);
		expect(pin.regret).toBe(0);
		noteRegret(open, EDGE);
		expect(pin.regret).toBeCloseTo(0.01, 9);
		const [settled] = settle([pin, entry(13, 2.788, 0)], EDGE);
		expect(settled).toBe(pin);
		expect(pin.regret).toBeCloseTo(0.012, 9);
	});

	it('are both while chance may decide', () => {
		expect(targets([own, entry(11, 2.8, 0.01)])).toEqual([10, 11]);
		expect(targets([own, entry(11, 2.75, 0.02)])).toEqual([10, 11]);
	});

	it('are the other alone where it surely saves enough', () => {
		expect(targets([own, entry(11, 2.7, 0.01), entry(13, 2.9, 0.01)])).toEqual([11]);
		expect(targets([own, entry(11, 2.784, 0)])).toEqual([11]);
	});

	it('are short of the green only where that clearly pays, and else what is cheapest on it', () => {
		const [onGreen, off] = [entry(8, 2.77, 0), entry(3, 2.755, 0)];
		expect(targets([own, onGreen, off])).toEqual([8]);
		expect(settle([own, onGreen, off], EDGE)).toEqual([onGreen]);
		expect(onGreen.regret).toBeCloseTo(0.015, 9);
		expect(settle([own, onGreen, entry(3, 2.74, 0)], EDGE)[0]!.candidate.target).toBe(3);
		// Where a play's own place is none on the green, others beside it are as good.
		expect(settle([entry(3.5, 2.8, 0), off], EDGE)[0]!.candidate.target).toBe(3);
	});

	it('are asked play by play, and never cost the risk-averse place', () => {
		const other = raced(candidateOf('PW'), finishes(strokesAround(3, 0)));
		const riskAverse = entry(13, 3.2, 0, true);
		expect(stillOpen([own, other, riskAverse], EDGE, 3)).toEqual([own, other, riskAverse]);
	});
});
