import { describe, expect, it } from 'vitest';
import { request } from '../../../../tests/support/scenes';

import { localSampler } from './race/localSampler';
import { plan } from './plan';
import { Question } from './question/question';
import { shotKind, type ShotKind } from './question/shotKind';
import { ANY_SHOT, type Wanted } from './question/wanted';

const SITUATIONS = [
	{},
	{ toEdge: 15, edgeToPin: 12, slopeAlong: -2 },
	{ lie: 'semi-rough', toEdge: 4, edgeToPin: 6, rise: 1 },
	{ toEdge: 5, edgeToPin: 8, hazards: [{ kind: 'sand', from: 1, to: 3.5, height: 0.4 }] }
] as const;

const asked = (situation: Record<string, unknown>, wanted: Partial<Wanted>, samples = 60) =>
	new Question({
		...request(situation, {}, { samples }),
		wanted: { ...ANY_SHOT, ...wanted }
	});
const planned = (question: Question) => plan(question, localSampler(question));

describe('a kind of shot that is asked for', () => {
	it.each(['putt', 'chip', 'pitch', 'lob', 'flop'] as const satisfies ShotKind[])(
		'is what every option is, and there is one: %s',
		async (kind) => {
			for (const situation of SITUATIONS.slice(1, 3)) {
				const question = asked(situation, { kinds: [kind] });
				const { options, free } = await planned(question);
				expect(options.length).toBeGreaterThan(0);
				if (free!.instead) {
					// No putt from deep grass: the free answer stands there instead, and is said to.
					expect([kind, 'lie' in situation]).toEqual(['putt', true]);
					continue;
				}
				for (const { candidate } of options)
					expect(shotKind(candidate.play, candidate.airShare)).toBe(kind);
			}
		}
	);

	it('may be several kinds, and clubs are chosen or left out beside it', async () => {
		const { options } = await planned(
			asked({}, { kinds: ['chip', 'pitch'], without: ['SW', 'Putter'] })
		);
		const kinds = options.map(({ candidate }) => shotKind(candidate.play, candidate.airShare));
		expect(new Set(kinds)).toEqual(new Set(['chip', 'pitch']));
		expect(options.map(({ candidate }) => candidate.play.club.id)).not.toContain('SW');
		const only = await planned(asked({}, { clubs: ['GW', '9i'] }));
		expect(new Set(only.options.map(({ candidate }) => candidate.play.club.id))).toEqual(
			new Set(['GW', '9i'])
		);
	});

	it('flies under a branch, or over something, wherever the ball is left', async () => {
		const situation = { toEdge: 8, edgeToPin: 8 };
		const apexes = async (wanted: Partial<Wanted>) =>
			(await planned(asked(situation, wanted))).options.map(
				({ candidate }) => candidate.solution.outcome.apex
			);
		const low = await apexes({ apexAtMost: 1 });
		expect(low.length).toBeGreaterThan(0);
		expect(Math.max(...low)).toBeLessThanOrEqual(1);
		expect(Math.min(...(await apexes({ apexAtLeast: 3 })))).toBeGreaterThanOrEqual(3);
		// Nothing flies so high: what comes nearest is offered, with what it lacks.
		const { options } = await planned(asked(situation, { apexAtLeast: 39 }));
		expect(options[0]!.candidate.against).toMatchObject({ code: 'fliesTooLow' });
	});
});

describe('its price', () => {
	it('is the difference of the two plans, each as it is by itself', async () => {
		for (const situation of [SITUATIONS[0], SITUATIONS[1]]) {
			const question = asked(situation, { kinds: ['lob'] }, 200);
			const chosen = await planned(question);
			const free = await planned(question.freed());
			const [best, freely] = [chosen.options[0]!, free.options[0]!];
			expect(chosen.free!.expectedStrokes).toBe(freely.statistics.expectedStrokes);
			expect(chosen.free!.candidate.play).toEqual(freely.candidate.play);
			expect(chosen.free!.saves).toBeCloseTo(
				Math.max(0, best.statistics.expectedStrokes - freely.statistics.expectedStrokes),
				12
			);
		}
	});

	it('is not told where nothing restricts the choice, and with a school against no school', async () => {
		const free = new Question(request({}, {}, { samples: 60 }));
		expect((await planned(free)).free).toBeNull();
		const school = { ...request({}, {}, { samples: 60 }), school: 'gap-wedge-limit' as const };
		const schooled = await planned(new Question(school));
		const unschooled = await planned(free);
		if (schooled.free)
			expect(schooled.free.candidate.play).toEqual(unschooled.options[0]!.candidate.play);
	});

	it('is nothing, and the call the same, where the free choice is what was asked for', async () => {
		for (const situation of SITUATIONS.slice(2)) {
			const free = await planned(new Question(request(situation, {}, { samples: 200 })));
			const { play, airShare, target } = free.options[0]!.candidate;
			const same = await planned(asked(situation, { kinds: [shotKind(play, airShare)] }, 200));
			expect(same.free!.saves).toBeLessThan(0.03);
			expect(same.options.some(({ candidate }) => candidate.target === target)).toBe(true);
		}
	});

	it('plays no ball twice', async () => {
		const question = asked({}, { kinds: ['chip'] }, 100);
		const balls = new Set<string>();
		let played = 0;
		const sampler = localSampler(question);
		await plan(question, (jobs) => {
			for (const { play, speed, aim, from, to } of jobs)
				for (let ball = from; ball < to; ball++) {
					balls.add(
						`${play.club.id} ${play.flight} ${play.faceOpen} ${play.shape} ${speed} ${aim} ${ball}`
					);
					played++;
				}
			return sampler(jobs);
		});
		expect(balls.size).toBe(played);
	});
});
