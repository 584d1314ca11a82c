import { expect, it } from 'vitest';
import type { LandingRegion } from '$lib/core/plan/studies/landingRegion';
import type { Candidate } from '$lib/core/plan/ladder/candidate';
import { directPool } from '../../../../../tests/support/planner';
import { candidateOf } from '../../../../../tests/support/raced';
import { question } from '../../../../../tests/support/scenes';
import { LandingStudy } from './landingStudy.svelte';

it('map a landing once, none of a putt, and forget it', async () => {
	const asked: Candidate[] = [];
	const region = { cell: 0.5 } as LandingRegion;
	const { pool } = directPool({
		landingRegion: (_, candidate) => {
			asked.push(candidate);
			return Promise.resolve(region);
		}
	});
	const study = new LandingStudy(pool);
	const { request } = question({});
	const [chip, putt] = [candidateOf('SW'), candidateOf('Putter')];
	putt.play = { ...putt.play, flight: 'putt' };
	await study.map(request, chip);
	await study.map(request, chip);
	expect([asked.length, study.region]).toEqual([1, region]);
	await study.map(request, putt);
	expect([asked.length, study.region, study.status]).toEqual([1, null, 'idle']);
});
