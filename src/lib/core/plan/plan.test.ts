import { describe, expect, it } from 'vitest';
import { question } from '../../../../tests/support/scenes';
import { buildLadder } from './ladder/ladder';
import { localSampler } from './race/localSampler';
import { plan } from './plan';
import { firstAnswer } from './firstAnswer';
import type { SampleJob } from './race/rank';
import { pairedDifference, standardError, statisticsOf } from './race/statistics';
import { joinFinishes } from './race/sample';

const ask = (situation: object, player: object = {}, rest: object = {}) =>
	question(
		{ stimpFeet: 9.5, fringe: 'grainy', ...situation },
		{ ...player },
		{ samples: 120, ...rest }
	);

describe('plan', () => {
	it('brings every candidate to the hole, a little past on the flat', () => {
		const { candidates } = buildLadder(ask({ slopeAcross: 2 }));
		expect(candidates.length).toBeGreaterThan(5);
		for (const { solution } of candidates) {
			expect(solution.outcome.finishX).toBeCloseTo(12.25, 1);
			expect(Math.abs(solution.outcome.finishZ)).toBeLessThan(0.05);
		}
	});

	it('says the aim as a width at the hole', () => {
		const question = ask({ slopeAcross: 2 });
		const { ladder, details } = firstAnswer(question);
		ladder.candidates.forEach(({ solution }, i) =>
			expect(details[i]!.aimOffset).toBeCloseTo(Math.tan(solution.aim) * question.pin, 12)
		);
		expect(Math.max(...details.map(({ aimOffset }) => Math.abs(aimOffset)))).toBeGreaterThan(0.1);
	});

	it('gives the same answer for the same seed, and another luck for another', async () => {
		const planOf = (seed: number) => {
			const question = ask({}, {}, { seed });
			return plan(question, localSampler(question));
		};
		const [a, b, c] = [await planOf(3), await planOf(3), await planOf(4)];
		expect(b).toEqual(a);
		expect(c.options[0]!.statistics.expectedStrokes).not.toBe(
			a.options[0]!.statistics.expectedStrokes
		);
	});

	it('answers alike however the balls are dealt', async () => {
		const question = ask({});
		const whole = await plan(question, localSampler(question));
		const single = localSampler(question);
		const dealt = await plan(question, async (jobs: readonly SampleJob[]) => {
			const answers = [];
			for (const job of [...jobs].reverse()) {
				const middle = Math.floor((job.from + job.to) / 2);
				const halves = await single([
					{ ...job, to: middle },
					{ ...job, from: middle }
				]);
				answers.unshift(joinFinishes(halves));
			}
			return answers;
		});
		expect(dealt.options.map((option) => option.statistics)).toEqual(
			whole.options.map((option) => option.statistics)
		);
	});

	it('mirrors a slope across and a left-hander', () => {
		const aim = (slopeAcross: number, hand: string) =>
			firstAnswer(ask({ slopeAcross }, { hand })).details.map((details) => details.aimOffset);
		const right = aim(2, 'right');
		const left = aim(-2, 'left');
		expect(left.length).toBe(right.length);
		left.forEach((offset, i) => expect(offset).toBeCloseTo(-right[i]!, 3));
		expect(right[0]).toBeLessThan(0);
	});

	it('stays within a school where only its ways work at the pin, and others would with the ball left elsewhere', async () => {
		const asked = ask(
			{
				lie: 'tight',
				toEdge: 3.22,
				edgeToPin: 2.59,
				beyondPin: 14.57,
				fringe: 'grainy',
				hazards: [{ kind: 'water', from: 0.56, to: 2.11, height: 0.33 }]
			},
			{ skill: 'expert', school: 'one-wedge-two-ways' },
			{ samples: 40 }
		);
		const found = await plan(asked, localSampler(asked));
		expect(new Set(found.options.map(({ candidate }) => candidate.play.club.name))).toEqual(
			new Set(['LW'])
		);
		expect(found.why.map(({ code }) => code)).toContain('schoolCosts');
	});

	it('stays within a school and says what it costs', async () => {
		const question = ask({}, { school: 'one-wedge-two-ways' });
		const { options, rejected, why } = await plan(question, localSampler(question));
		expect(new Set(options.map((option) => option.candidate.play.club.name))).toEqual(
			new Set(['LW'])
		);
		expect(rejected.some(({ rejection }) => rejection.code === 'notInSchool')).toBe(true);
		expect(why.some((reason) => reason.code === 'schoolCosts')).toBe(true);
	});

	const putterOnly = [{ name: 'Putter', loft: 3, bounce: 0, putter: true }];
	const across = [{ kind: 'sand', from: 1, to: 2 }];
	it.each([
		['a putter with sand in its way', { hazards: across }, putterOnly, 'blockedPutt'],
		['a putter in deep rough', { lie: 'deep-rough' }, putterOnly, undefined],
		['sand without a wedge', { lie: 'sand', toEdge: 3 }, [{ name: '7i', loft: 34 }], undefined],
		['sand far from the green', { lie: 'sand', toEdge: 30, edgeToPin: 20 }, undefined, undefined],
		[
			'a ball in its own crater far from the green',
			{ lie: 'sand', sandSurface: 'plugged', toEdge: 30, edgeToPin: 20 },
			undefined,
			'tooFast'
		],
		['a green that holds nothing', { slopeAlong: -20 }, undefined, 'noStop'],
		['a green deep below', { rise: -3 }, undefined, undefined]
	])('is never without an answer: %s', async (_, situation, bag, against) => {
		const question = ask(situation, {}, { samples: 40, ...(bag && { bag }) });
		const { options, why, sensitivity } = await plan(question, localSampler(question));
		const best = options[0]!;
		expect(Number.isFinite(best.statistics.expectedStrokes)).toBe(true);
		expect(best.setup.cue).toBeTruthy();
		expect(sensitivity).not.toBeNull();
		expect(why.length).toBeGreaterThan(0);
		if (!against) return;
		expect(best.candidate.against?.code).toBe(against);
		expect(why[0]!.code).toBe('leastBad');
	});

	it('lets nothing back in where a shot works', () => {
		const { candidates, compromised } = buildLadder(ask({}));
		expect(compromised).toBe(false);
		expect(candidates.every(({ against }) => against === null)).toBe(true);
	});

	it('prefers measured swings and refuses to go far beyond them', () => {
		const swings = [
			{ club: 'SW', swing: '8', carry: 4 },
			{ club: 'SW', swing: '9', carry: 6 }
		];
		const near = firstAnswer(ask({ toEdge: 2, edgeToPin: 7 }, {}, { swings }));
		const own = near.ladder.candidates.findIndex(
			({ play }) => play.club.name === 'SW' && play.flight === 'standard'
		);
		expect(near.details[own]!.swing.source).toBe('measured');
		const far = firstAnswer(ask({ toEdge: 20, edgeToPin: 12 }, {}, { swings }));
		const out = far.ladder.rejected.find(
			({ play }) => play.club.name === 'SW' && play.flight === 'standard'
		);
		expect(out?.rejection.code).toBe('tooFarForMeasured');
	});

	it('cautions when the best shot carries farther than anything measured with its club', async () => {
		const bag = [{ name: 'SW', loft: 56, bounce: 10 }];
		const swings = [
			{ club: 'SW', swing: '7', carry: 6 },
			{ club: 'SW', swing: '9', carry: 7 }
		];
		const cautionsOf = async (longest: number) => {
			const own = [swings[0]!, { ...swings[1]!, carry: longest }];
			const question = ask({ toEdge: 8, edgeToPin: 7 }, {}, { bag, swings: own });
			return (await plan(question, localSampler(question))).cautions;
		};
		expect(await cautionsOf(7)).toContain('outside-measured');
		expect(await cautionsOf(15)).not.toContain('outside-measured');
	});

	it('tries both spin shapes on the wedges and on nothing else', () => {
		const { candidates, rejected } = buildLadder(ask({ toEdge: 2, edgeToPin: 10 }));
		const shaped = [...candidates, ...rejected].filter(({ play }) => play.shape !== 'straight');
		const clubs = new Set(shaped.map(({ play }) => play.club.name));
		expect([...clubs].sort()).toEqual(['GW', 'LW', 'PW', 'SW']);
		const carry = (shape: string) =>
			candidates.find(({ play }) => play.club.name === 'SW' && play.shape === shape)!.airShare;
		expect(carry('inside')).toBeLessThan(carry('outside'));
	});
});

describe('statistics', () => {
	const rows = (strokes: number[]) => ({
		x: Float64Array.from(strokes, (_, i) => 10 + i),
		z: Float64Array.from(strokes, () => 0),
		landingX: Float64Array.from(strokes, () => 4),
		landingZ: Float64Array.from(strokes, () => 0.5),
		strokes: Float64Array.from(strokes),
		upAndDown: Float64Array.from(strokes, () => 0.5),
		fourOrMore: Float64Array.from(strokes, () => 0.1),
		kind: Uint8Array.from(strokes, (_, i) => (i === 0 ? 1 : 0)),
		contact: Uint8Array.from(strokes, (_, i) => i % 3)
	});

	it('matches the closed forms on a small sample', () => {
		const result = statisticsOf(rows([1, 2, 3, 4]), 10);
		expect(result.expectedStrokes).toBe(2.5);
		expect(result.standardError).toBeCloseTo(Math.sqrt(5 / 3 / 4), 12);
		expect(result.leave.median).toBe(1.5);
		expect(result.chances).toMatchObject({
			holed: 0.25,
			inside1m: 0.5,
			inside2m: 0.75,
			upAndDown: 0.5,
			heavy: 0.25
		});
	});

	it('cancels shared luck in a paired difference', () => {
		const difference = pairedDifference(rows([1.5, 2.5, 3.5]), rows([1, 2, 3]));
		expect(difference.mean).toBeCloseTo(0.5, 12);
		expect(difference.standardError).toBeCloseTo(0, 12);
		expect(standardError([5])).toBe(0);
	});
});
