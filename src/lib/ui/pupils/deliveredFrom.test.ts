import { describe, expect, it } from 'vitest';
import { plan } from '$lib/core/plan/plan';
import { localSampler } from '$lib/core/plan/race/localSampler';
import { Question } from '$lib/core/plan/question/question';
import type { RollFit } from '$lib/core/practice/rollFit';
import { radians } from '$lib/core/units';
import { playingOf } from '$lib/io/work/playing';
import { shotRequest } from '$lib/io/work/shotRequest';
import { freshShot } from '$lib/io/work/freshShot';
import { pupilFile } from '../../../../tests/support/pupils';
import { deliveredFrom } from './deliveredFrom';

const known = (value: number, reach: number, told = true) => ({
	value,
	low: value - reach,
	high: value + reach,
	told
});
const fit = (change: Partial<RollFit> = {}): RollFit => ({
	status: 'found',
	n: 16,
	loft: { standard: known(radians(-4), radians(1)) },
	grip: known(0.9, 0.3, false),
	firmness: known(0, 0.5, false),
	mixedUp: null,
	scatter: 1,
	...change
});

describe('a strike out of several sessions', () => {
	it('weighs each by how well it is known, and takes nothing that was not told', () => {
		const vague = fit({ loft: { standard: known(radians(2), radians(3)) } });
		expect(deliveredFrom([fit(), vague])).toEqual({ loft: { standard: -3.4 }, grip: 1 });
		const spun = fit({ grip: known(1.2, 0.1) });
		expect(deliveredFrom([spun, fit({ status: 'end', grip: known(0.5, 0.01) })])!.grip).toBe(1.2);
	});

	it('is none where nothing was told', () => {
		expect(deliveredFrom([])).toBeNull();
		const untold = fit({ loft: { standard: known(0, 0.1, false) } });
		expect(deliveredFrom([untold, fit({ status: 'few', loft: {} })])).toBeNull();
	});

	it('changes the plan: a club that delivers less loft runs on, so it is landed shorter', async () => {
		const ladder = async (delivered?: { loft: { standard: number }; grip: number }) => {
			const file = pupilFile({ ...(delivered && { delivered }) });
			const { situation } = freshShot('pupil-1');
			const shot = { situation: { ...situation, toEdge: 3, edgeToPin: 12 } };
			const question = new Question(shotRequest(shot, playingOf(file), 40, 1));
			const { options } = await plan(question, localSampler(question));
			return options;
		};
		const landing = (options: Awaited<ReturnType<typeof ladder>>) =>
			options.find(
				({ candidate }) => candidate.play.club.name === 'PW' && candidate.play.flight === 'standard'
			)!.candidate.solution.outcome.landingX;
		const [model, strong] = [await ladder(), await ladder({ loft: { standard: -6 }, grip: 1 })];
		expect(landing(strong)).toBeLessThan(landing(model) - 0.3);
	});
});
