import { describe, expect, it } from 'vitest';
import { mean } from './statistics';
import { createRng } from '../../math/random';
import { finishes, strokesAround } from '../../../../../tests/support/raced';
import { question as ask } from '../../../../../tests/support/scenes';
import { playKey } from '../../player/intent';
import { buildLadder } from '../ladder/ladder';
import { localSampler } from './localSampler';
import { plan } from '../plan';
import { ballsOf, rankLadder, type SampleJob, type Sampler } from './rank';
import type { Finishes } from './sample';

const CLUBS = ['8i', 'PW', 'SW', 'LW'].map((name, i) => ({ name, loft: [38, 46, 56, 60][i]! }));
const asked = (situation: object = {}, rest: object = {}) =>
	ask({ toEdge: 4, edgeToPin: 9, ...situation }, {}, { bag: CLUBS, samples: 800, ...rest });

/** A sampler that says what each club costs, and what it was asked for. */
function pricing(prices: Record<string, number>) {
	const balls = new Map<string, number>();
	const sampler = (jobs: readonly SampleJob[]): Promise<Finishes[]> =>
		Promise.resolve(
			jobs.map(({ play, from, to }) => {
				balls.set(play.club.name, Math.max(to, balls.get(play.club.name) ?? 0));
				return finishes(strokesAround(prices[play.club.name]!, 0, to - from));
			})
		);
	return { sampler, balls };
}

describe('ranking', () => {
	it('plays on with what may still be cheapest, and leaves the hopeless at a first look', async () => {
		const question = asked();
		const { sampler, balls } = pricing({ '8i': 2.5, PW: 2.51, SW: 2.56, LW: 3.2 });
		const shares: number[] = [];
		const ranked = await rankLadder(question, buildLadder(question), sampler, (share) =>
			shares.push(share)
		);
		expect(ranked[0]!.candidate.play.club.name).toMatch(/8i|PW/);
		expect(ranked.at(-1)!.candidate.play.club.name).toBe('LW');
		expect([...balls]).toEqual(
			expect.arrayContaining([
				['8i', 800],
				['PW', 800],
				['SW', 320],
				['LW', 48]
			])
		);
		expect(shares).toEqual([...shares].sort((a, b) => a - b));
		expect(shares.at(-1)).toBe(1);
	});

	it('gives more balls to what competes only where luck does not tell it from the leader yet', async () => {
		const question = asked();
		const { sampler, balls } = pricing({ '8i': 2.5, PW: 2.505, SW: 2.53, LW: 2.55 });
		const rng = createRng(3);
		// Each lot is as unsteady as it is even on average, so that the leader stays the leader.
		const shaken = (strokes: Float64Array, by: number) => {
			const noise = strokes.map(() => rng.normal());
			const middle = mean(noise);
			return strokes.map((value, i) => value + by * (noise[i]! - middle));
		};
		const by = new Map(Object.entries({ PW: 1, LW: 0.38 }));
		const unsteady: Sampler = async (jobs) =>
			(await sampler(jobs)).map((played, i) => {
				const unsteadiness = by.get(jobs[i]!.play.club.name) ?? 0;
				return { ...played, strokes: shaken(played.strokes, unsteadiness) };
			});
		await rankLadder(question, buildLadder(question), unsteady);
		expect([balls.get('8i'), balls.get('PW')]).toEqual([2000, 2000]);
		// The one is known exactly, the other well enough to be dearer.
		expect(balls.get('SW')).toBe(800);
		expect(balls.get('LW')).toBeLessThanOrEqual(1000);
	});

	it('asks for no more balls than there are to be', async () => {
		const question = asked({}, { samples: 50 });
		const { sampler, balls } = pricing({ '8i': 2.5, PW: 2.51, SW: 2.8, LW: 3.2 });
		await rankLadder(question, buildLadder(question), sampler);
		expect([balls.get('LW'), balls.get('PW')]).toEqual([48, 50]);
		expect(ballsOf(4, 800)).toBe(4 * 48 + 4 * (4 * 128 + 800) + 4 * 2000);
		expect(ballsOf(20, 800)).toBe(20 * 48 + 12 * (4 * 128 + 800) + 5 * 2000);
	});

	it('asks twelve plays where they are best left, of which a putt by several head speeds is one', async () => {
		const bag = [48, 52, 56, 60].map((loft) => ({ name: `W${loft}`, loft }));
		const putter = { name: 'Putter', loft: 3, putter: true };
		const question = ask(
			{ lie: 'fringe', toEdge: 1, edgeToPin: 12 },
			{},
			{ bag: [...bag, putter], samples: 128 }
		);
		const ladder = buildLadder(question);
		const order = [
			...new Map(ladder.candidates.map((candidate) => [candidate.play, candidate])).values()
		].filter(({ play }) => !play.club.putter);
		expect(order.length).toBeGreaterThan(11);
		const putts = new Set<number>();
		const priced: Sampler = (jobs) =>
			Promise.resolve(
				jobs.map(({ play, speed, from, to }) => {
					if (play.club.putter) putts.add(speed);
					const at = order.findIndex((candidate) => candidate.play === play);
					const elsewhere = speed !== order[at]?.solution.speed;
					// The last that is asked saves the most, the one after it would save as much.
					const saves = (at === 10 || at === 11) && elsewhere ? 0.04 : 0;
					const own = at >= 0 || play.club.putter ? 2.4 + 0.001 * at : 3;
					return finishes(strokesAround(own - saves, 0, to - from));
				})
			);
		const ranked = await rankLadder(question, ladder, priced);
		expect(putts.size).toBeGreaterThan(2);
		const isLeftElsewhere = (at: number) =>
			ranked.find(({ candidate }) => candidate.play === order[at]!.play)?.candidate.safe;
		expect([isLeftElsewhere(10), isLeftElsewhere(11)]).toEqual([true, false]);
	});

	it('brings in what works only past the pin, once', async () => {
		const water = { kind: 'water', from: 1, to: 4.2, height: 0 };
		const question = asked({ toEdge: 4, edgeToPin: 1.5, beyondPin: 9, hazards: [water] });
		const ladder = buildLadder(question);
		const out = ladder.rejected.map(({ play }) => playKey(play));
		const prices = { '8i': 2.5, PW: 2.6, SW: 2.8, LW: 3 };
		const past = (await rankLadder(question, ladder, pricing(prices).sampler)).filter(
			({ candidate }) => out.includes(playKey(candidate.play))
		);
		expect(past.length).toBeGreaterThan(0);
		for (const { candidate } of past)
			expect(Math.abs(candidate.target - question.target)).toBeGreaterThan(0);
		const keys = past.map(({ candidate }) => playKey(candidate.play));
		expect(new Set(keys).size).toBe(keys.length);
	});

	it('has nothing to say of an empty ladder', async () => {
		const empty = {
			candidates: [],
			rejected: [],
			otherWays: [],
			landingShort: [],
			compromised: false
		};
		expect(await rankLadder(asked(), empty, pricing({}).sampler)).toEqual([]);
	});
});

describe('a plan within a school', () => {
	it('says what the school costs over the cheapest of all, and how far it has come, in two halves', async () => {
		const question = ask(
			{ toEdge: 4, edgeToPin: 9, fringe: 'grainy' },
			{ school: 'one-wedge-two-ways' },
			{ samples: 60 }
		);
		const shares: number[] = [];
		const own = await plan(question, localSampler(question), (share) => shares.push(share));
		const free = ask({ toEdge: 4, edgeToPin: 9, fringe: 'grainy' }, {}, { samples: 60 });
		const best = (await plan(free, localSampler(free))).options;
		const cheapest = Math.min(...best.map(({ statistics }) => statistics.expectedStrokes));
		const { more } = own.why.find((reason) => reason.code === 'schoolCosts')!;
		const gap = own.options[0]!.statistics.expectedStrokes - cheapest;
		expect(more).toBeGreaterThan(0.03);
		expect(Math.abs(more - gap)).toBeLessThan(0.05);
		expect(shares).toEqual([...shares].sort((a, b) => a - b));
		expect(shares.at(-1)).toBe(1);
		expect(shares.filter((share) => share <= 0.5)).toHaveLength(shares.length / 2);
	});
});
