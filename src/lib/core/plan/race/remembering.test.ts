import { expect, it } from 'vitest';
import { question } from '../../../../../tests/support/scenes';
import { buildLadder } from '../ladder/ladder';
import { createLocalSampler, localSampler } from './localSampler';
import { plan } from '../plan';
import type { SampleJob, Sampler } from './race';
import { remembering } from './remembering';

const asked = () =>
	question({ stimpFeet: 10 }, { school: 'one-wedge-two-ways' }, { samples: 60, seed: 3 });

/** A sampler that notes what it is asked. */
function noting(sampler: Sampler): { sampler: Sampler; jobs: SampleJob[] } {
	const jobs: SampleJob[] = [];
	const noted: Sampler = (asked) => {
		jobs.push(...asked);
		return sampler(asked);
	};
	return { sampler: noted, jobs };
}

it('answers what it has answered from memory, in the order asked, and tells apart what differs in anything', async () => {
	const own = asked();
	const [first, second] = buildLadder(own).candidates;
	const job = (change: Partial<SampleJob> = {}): SampleJob => ({
		play: first!.play,
		speed: first!.solution.speed,
		aim: 0,
		from: 0,
		to: 5,
		...change
	});
	const { sampler, jobs } = noting(localSampler(own));
	const remembered = remembering(sampler);
	const different = [
		job(),
		job({ play: second!.play }),
		job({ speed: first!.solution.speed * 1.1 }),
		job({ aim: 0.05 }),
		job({ from: 2 }),
		job({ to: 9 })
	];
	const plain = createLocalSampler(own)(different);
	expect(await remembered(different.slice(0, 3))).toEqual(plain.slice(0, 3));
	expect(await remembered([...different].reverse())).toEqual([...plain].reverse());
	expect(jobs).toHaveLength(different.length);
	await remembered(different);
	expect(jobs).toHaveLength(different.length);
});

it('lets a plan within a school play no ball twice', async () => {
	const own = asked();
	const { sampler, jobs } = noting(localSampler(own));
	await plan(own, sampler);
	const plays = [...new Set(jobs.map(({ play }) => play))];
	const keys = jobs.map(
		({ play, speed, aim, from, to }) => `${plays.indexOf(play)} ${speed} ${aim} ${from} ${to}`
	);
	expect(new Set(keys).size).toBe(keys.length);
});
