import { describe, expect, it } from 'vitest';
import { finishes, raced, candidateOf, strokesAround } from '../../../../../tests/support/raced';
import {
	blowUpOf,
	cheapest,
	enter,
	hasPlayed,
	hopeful,
	sampleTo,
	strokesOf,
	type SampleJob
} from './race';

/** A sampler whose balls cost the number of their seed, and what it was asked. */
function counting() {
	const asked: SampleJob[][] = [];
	const sampler = (jobs: readonly SampleJob[]) => {
		asked.push([...jobs]);
		return Promise.resolve(
			jobs.map(({ from, to }) => finishes(Array.from({ length: to - from }, (_, i) => from + i)))
		);
	};
	return { asked, sampler };
}

describe('sampleTo', () => {
	it('asks for balls in blocks, as the candidate is played, and puts them behind each other', async () => {
		const { asked, sampler } = counting();
		const entry = enter(candidateOf('SW'));
		expect(hasPlayed(entry)).toBe(false);
		await sampleTo([entry], 1000, sampler);
		const { play } = entry.candidate;
		expect(asked).toEqual([
			[
				{ play, speed: 10, aim: 0.1, from: 0, to: 400 },
				{ play, speed: 10, aim: 0.1, from: 400, to: 800 },
				{ play, speed: 10, aim: 0.1, from: 800, to: 1000 }
			]
		]);
		expect([...entry.finishes!.strokes]).toEqual(Array.from({ length: 1000 }, (_, i) => i));
	});

	it('goes on from where each entry is, and leaves those that have as many', async () => {
		const { asked, sampler } = counting();
		const [started, done, fresh] = [
			raced(candidateOf('PW'), finishes(Array.from({ length: 100 }, (_, i) => i))),
			raced(candidateOf('GW'), finishes(strokesAround(2, 0, 300))),
			enter(candidateOf('SW'))
		];
		const before = done.finishes;
		await sampleTo([started, done, fresh], 300, sampler);
		expect(asked[0]!.map(({ play, from, to }) => [play.club.name, from, to])).toEqual([
			['PW', 100, 300],
			['SW', 0, 300]
		]);
		for (const entry of [started, fresh])
			expect([...entry.finishes!.strokes]).toEqual(Array.from({ length: 300 }, (_, i) => i));
		expect(done.finishes).toBe(before);
		await sampleTo([started, done, fresh], 300, sampler);
		expect(asked).toHaveLength(1);
	});
});

describe('the field', () => {
	const [best, near, far] = [
		raced(candidateOf('PW'), finishes(strokesAround(2.5, 0), { fourOrMore: 0.2 })),
		raced(candidateOf('GW'), finishes(strokesAround(2.6, 0.03))),
		raced(candidateOf('SW'), finishes(strokesAround(2.7, 0)))
	];
	const idle = enter(candidateOf('LW'));

	it('knows its cheapest among those that have played', () => {
		expect(cheapest([idle, far, best, near])).toBe(best);
		expect(strokesOf(far)).toBeCloseTo(2.7, 9);
		expect(blowUpOf(best)).toBeCloseTo(0.2, 12);
	});

	it('hopes for what the slack and the doubt allow, and for no more', () => {
		const names = (slack: number, errors: number) =>
			hopeful([far, idle, best, near], slack, errors).map(
				({ candidate }) => candidate.play.club.name
			);
		expect(names(0, 0)).toEqual(['PW']);
		expect(names(0.11, 0)).toEqual(['PW', 'GW']);
		expect(names(0.05, 1.5)).toEqual(['PW']);
		expect(names(0.05, 2)).toEqual(['PW', 'GW']);
		expect(names(0.21, 0)).toEqual(['SW', 'PW', 'GW']);
	});
});
