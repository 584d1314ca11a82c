import { describe, expect, it } from 'vitest';
import { localSampler } from '$lib/core/plan/race/localSampler';
import { plan, type Plan, type PlanOption } from '$lib/core/plan/plan';
import { Question } from '$lib/core/plan/question/question';
import { degrees, radians } from '$lib/core/units';
import { request } from '../../../../tests/support/scenes';
import { planResponseSchema, planToWire } from './planResponse';

const asked = request({ slopeAcross: 2 }, {}, { samples: 40 });
const question = new Question(asked);
const decided = await plan(question, localSampler(question));
const best = decided.options[0]!;

/** The answer's first option, were the plan's best another one. */
const said = (change: Partial<PlanOption> = {}) => {
	const changed: Plan = { ...decided, options: [{ ...best, ...change }] };
	return planToWire(changed, asked).options[0]!;
};
const candidate = (change: Partial<PlanOption['candidate']>) => ({
	candidate: { ...best.candidate, ...change }
});

describe('a plan in the terms of the contract', () => {
	it('is what the contract says, best first', () => {
		const answer = planToWire(decided, asked);
		expect(() => planResponseSchema.parse(answer)).not.toThrow();
		expect(answer.options.map(({ club }) => club)).toEqual(
			decided.options.map((option) => option.candidate.play.club.name)
		);
	});

	it('has lengths from where they are asked for and angles in degrees', () => {
		const { outcome } = best.candidate.solution;
		expect(said()).toMatchObject({
			carry: outcome.carry,
			landingPastEdge: outcome.landingX - 3,
			landingAngle: degrees(outcome.landingAngle),
			setup: { faceOpen: degrees(best.setup.faceOpen) }
		});
	});

	it('has ground over air for options and schools, and the free choice only where one is restricted', async () => {
		const { outcome } = best.candidate.solution;
		const answer = planToWire(decided, asked);
		expect(answer.options[0]!.ratio).toBeCloseTo(outcome.roll / outcome.carry, 12);
		expect(answer).not.toHaveProperty('free');
		for (const [i, school] of answer.schools.entries()) {
			// Within the roll of the school's own ball: it ends so far past the hole, and landed where the rule says.
			const call = decided.schools[i]!;
			const rolled = question.pin + call.missAtHole - call.advice.carry;
			expect(school.ratio! * call.advice.carry).toBeCloseTo(rolled, 0);
		}
		const never = { ...outcome, carry: 0 };
		const solution = { ...best.candidate.solution, outcome: never };
		expect(said(candidate({ solution })).ratio).toBeNull();
		const wanted = request({}, {}, { samples: 40, wanted: { kinds: ['flop'] } });
		const flop = new Question(wanted);
		const { free } = planToWire(await plan(flop, localSampler(flop)), wanted);
		expect(free!.shot).not.toBe('flop');
		expect(free!.expectedStrokes).toBeGreaterThan(1);
	});

	it('tells the side of the aim, and straight within a centimetre', () => {
		expect(said({ aimOffset: -0.4 }).aim).toEqual({ offset: 0.4, side: 'left' });
		expect(said({ aimOffset: 0.4 }).aim).toEqual({ offset: 0.4, side: 'right' });
		expect(said({ aimOffset: 0.009 }).aim.side).toBe('straight');
	});

	it('notes what a reader must know: another place, a shaped path, damage limitation, an unmeasured or longer swing', () => {
		const swing = { ...best.swing, past: false, source: 'measured' as const };
		const setup = { ...best.setup, slope: [] };
		const notes = (change: Partial<PlanOption>) => said({ swing, setup, ...change }).notes;
		expect(notes(candidate({ safe: false }))).toEqual([]);
		expect(notes(candidate({ safe: true }))).toEqual(['played to a place that is not the pin']);
		expect(notes(candidate({ play: { ...best.candidate.play, shape: 'outside' } }))).toEqual([
			'path from outside'
		]);
		expect(notes(candidate({ against: { code: 'shortOfGreen', by: 0.4 } }))).toEqual([
			'damage limitation, the least bad way: lands 0.4 m short of where it may land on the green'
		]);
		expect(notes({ swing: { ...swing, past: true } })).toEqual([
			'longer than any swing measured with this club: carried on from the longest'
		]);
		expect(notes({ swing: { ...swing, source: 'model' } })).toEqual([
			'swing length from the model swing, not measured'
		]);
	});

	it('says other setups in words', () => {
		const { alternatives } = said({
			setup: { ...best.setup, alternatives: best.setup.alternatives.slice(0, 1) }
		}).setup;
		for (const words of alternatives) expect(words).toMatch(/[a-z]{3,} [a-z]/);
		expect(alternatives).toHaveLength(Math.min(1, best.setup.alternatives.length));
	});

	it('names an open face by its angle, whatever the flight is called', () => {
		const open = said(
			candidate({ play: { ...best.candidate.play, flight: 'splash', faceOpen: radians(20) } })
		);
		expect(open.flight).toBe('open');
	});
});
