import { describe, expect, it } from 'vitest';
import { finishes, strokesAround } from '../../../../../../tests/support/raced';
import { question } from '../../../../../../tests/support/scenes';
import { Outcome } from '../../../ball/simulate';
import type { Play } from '../../../player/intent';
import { playIntended } from '../../../solve/solve';
import type { Question } from '../../question/question';
import { possiblePlays } from '../../ladder/possiblePlays';
import { buildLadder } from '../../ladder/ladder';
import { solveCandidate } from '../../ladder/candidate';
import { enter, hasPlayed, sampleTo, type Entry, type Sampler } from '../race';
import { lookCloser } from './closer';

const BALLS = 40;
const asked = question({ toEdge: 1, edgeToPin: 12, beyondPin: 6 });
const plays = buildLadder(asked)
	.candidates.map(({ play }) => play)
	.filter(({ shape, club }) => shape === 'straight' && !club.putter);

/** Balls that cost the less the nearer they end to a place past the pin, and what each play costs besides. */
function cheapestAt(past: number, dearer: (play: Play) => number = () => 0) {
	const out = new Outcome();
	const ends: number[] = [];
	const sampler: Sampler = (jobs) =>
		Promise.resolve(
			jobs.map(({ play, speed, aim, from, to }) => {
				playIntended(asked.intent(play), asked.bare, speed, aim, out);
				const end = out.finishX - asked.target;
				if (from === 0) ends.push(end);
				const strokes = 2.5 + 0.01 * (end - past) ** 2 + dearer(play);
				return finishes(strokesAround(strokes, 0, to - from));
			})
		);
	return { sampler, ends };
}

const entryAt = (past: number, change: Partial<Entry> = {}, play = plays[0]!): Entry => ({
	...enter(solveCandidate(asked, play, asked.target + past)),
	...change
});

async function looked(entries: Entry[], { sampler, ends }: ReturnType<typeof cheapestAt>) {
	await sampleTo(entries, BALLS, sampler);
	ends.length = 0;
	const found = await lookCloser(asked, entries.filter(hasPlayed), sampler, BALLS);
	return found.map(({ candidate, finishes: { x } }) => {
		expect(x).toHaveLength(BALLS);
		return { play: candidate.play, past: candidate.target - asked.target };
	});
}

describe('a closer look', () => {
	it('finds the lowest point between places that lie far apart', async () => {
		const balls = cheapestAt(2.4);
		const [found] = await looked(
			[0, 1.25, 3, 5].map((past) => entryAt(past)),
			balls
		);
		expect(found!.past).toBeCloseTo(2.4, 0);
		expect(Math.abs(found!.past - 2.4)).toBeLessThan(0.3);
	});

	it('goes a metre on from a place that is an end, to either side', async () => {
		for (const end of [1, -1]) {
			const balls = cheapestAt(4 * end);
			const [found] = await looked([entryAt(0)], balls);
			expect(found!.past).toBeCloseTo(end, 9);
		}
	});

	it('finds nothing where the cheapest is known, after a look to either side', async () => {
		const balls = cheapestAt(0);
		expect(await looked([entryAt(0)], balls)).toEqual([]);
		expect(balls.ends.map(Math.round).sort()).toEqual([-1, 1]);
		// What is known is not asked again.
		expect(
			await looked(
				[-1.2, 0, 1.2].map((past) => entryAt(past)),
				balls
			)
		).toEqual([]);
		expect(balls.ends).toEqual([]);
	});

	it('stays on the green', async () => {
		const back = asked.situation.beyondPin - 1;
		const balls = cheapestAt(back + 4);
		expect(await looked([entryAt(back)], balls)).toEqual([]);
		expect(balls.ends).toHaveLength(1);
	});

	it('leaves out what is turned aside, what something speaks against, the risk-averse place, and what has too few balls', async () => {
		const { candidate } = entryAt(0);
		const against = { code: 'shortOfGreen', by: 1 } as const;
		const balls = cheapestAt(3);
		for (const entry of [
			entryAt(0, { riskAverse: true }),
			{ ...entryAt(0), candidate: { ...candidate, side: 1 } },
			{ ...entryAt(0), candidate: { ...candidate, against } }
		])
			expect(await looked([entry], balls)).toEqual([]);
		const few = entryAt(0);
		await sampleTo([few], BALLS - 1, balls.sampler);
		balls.ends.length = 0;
		expect(await lookCloser(asked, [few].filter(hasPlayed), balls.sampler, BALLS)).toEqual([]);
		expect(balls.ends).toEqual([]);
	});

	it('moves a putt from off the green by its head speed, on the green none', async () => {
		const putt = possiblePlays(asked.request.bag, asked.situation).find(({ club }) => club.putter)!;
		const balls = cheapestAt(8);
		const entry = entryAt(0, {}, putt);
		await sampleTo([entry], BALLS, balls.sampler);
		const look = (from: Question) =>
			lookCloser(from, [entry].filter(hasPlayed), balls.sampler, BALLS);
		const [harder] = await look(asked);
		const { speed } = entry.candidate.solution;
		expect(harder!.candidate.solution.speed / speed).toBeCloseTo(1.04, 9);
		expect(await look(question({ toEdge: 0, edgeToPin: 13, lie: 'fringe' }))).toEqual([]);
	});

	it('asks the ten plays that cost least', async () => {
		const twelve = plays.slice(0, 12);
		const balls = cheapestAt(1, (play) => -0.1 * twelve.indexOf(play));
		const found = await looked(
			twelve.map((play) => entryAt(0, {}, play)),
			balls
		);
		expect(found.map(({ play }) => play)).toEqual(twelve.slice(2).reverse());
	});

	it('plays on only where it looks no dearer', async () => {
		const balls = cheapestAt(2);
		const played: number[] = [];
		const counting: Sampler = (jobs) => {
			played.push(...jobs.map(({ to }) => to));
			return balls.sampler(jobs);
		};
		const entry = entryAt(0);
		await sampleTo([entry], 300, balls.sampler);
		const [found] = await lookCloser(asked, [entry].filter(hasPlayed), counting, 300);
		expect(found!.candidate.target - asked.target).toBeGreaterThan(0.9);
		// To either side, on where it is cheaper, and at the lowest point of the parabola where that lies elsewhere.
		expect(played.slice(0, 3)).toEqual([96, 96, 300]);
	});
});
