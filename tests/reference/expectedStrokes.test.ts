import { describe, expect, it } from 'vitest';
import { localSampler } from '$lib/core/plan/race/localSampler';
import { expectedAround, expectedPutts, onePuttChance } from '$lib/core/plan/race/cost';
import { plan } from '$lib/core/plan/plan';
import { PROFILE, type Skill } from '$lib/core/player/player';
import { FOOT, YARD } from '$lib/core/units';
import { question as ask } from '../support/scenes';

const costs = (skill: Skill) => PROFILE[skill].costs;
const SKILLS: Skill[] = ['expert', 'scratch', 'middle', 'high'];

/** M. Broadie, Interfaces 42 (2012) and Every Shot Counts (2014); tour professionals, quoted from memory. */
describe('expected strokes', () => {
	it.each([
		[3, 1.04],
		[5, 1.23],
		[8, 1.5],
		[10, 1.61],
		[20, 1.87],
		[30, 1.98],
		[60, 2.21],
		[90, 2.4]
	])('takes a tour professional from %i ft of green %f', (feet, strokes) => {
		expect(expectedPutts(feet * FOOT, costs('expert'))).toBeCloseTo(strokes, 6);
	});

	it('holes half from 8 ft on tour and from about 5 ft at handicap 15–20', () => {
		expect(onePuttChance(8 * FOOT, costs('expert'))).toBeCloseTo(0.5, 6);
		expect(onePuttChance(5 * FOOT, costs('middle'))).toBeCloseTo(0.5, 1);
	});

	it('grows with distance and falls with skill, on and off the green', () => {
		for (const skill of SKILLS) {
			const putts = [0.5, 1, 2, 4, 8, 16, 25].map((metres) => expectedPutts(metres, costs(skill)));
			expect([...putts].sort((a, b) => a - b)).toEqual(putts);
		}
		for (const from of ['fairway', 'rough', 'sand'] as const) {
			const bySkill = SKILLS.map((skill) => expectedAround(15, from, costs(skill)));
			expect([...bySkill].sort((a, b) => a - b)).toEqual(bySkill);
		}
		expect(expectedAround(10 * YARD, 'fairway', costs('expert'))).toBeLessThan(
			expectedAround(10 * YARD, 'rough', costs('expert'))
		);
	});

	/** Typical layouts: a few yards of longer grass, then level green of medium pace. */
	const LAYOUTS = [
		['fairway', 10, 4, 2.18],
		['fairway', 20, 6, 2.4],
		['semi-rough', 10, 4, 2.34],
		['semi-rough', 20, 6, 2.59]
	] as const;

	/** A bunker with half a metre of lip where the ball lies in sand. */
	const bunker = [{ kind: 'sand', from: 0, to: 3, height: 0.5 }];
	const strokesFrom = async (lie: string, yards: number, toEdge: number, skill: Skill) => {
		const question = ask(
			{
				lie,
				toEdge: toEdge * YARD,
				edgeToPin: (yards - toEdge) * YARD,
				fringe: lie === 'fairway' ? 'grainy' : 'rough',
				hazards: lie === 'sand' ? bunker : []
			},
			{ skill },
			{ samples: 300 }
		);
		const { options } = await plan(question, localSampler(question));
		return options[0]!.statistics.expectedStrokes;
	};

	it.each(LAYOUTS)(
		'brings the expert from %s, %i yards, within 0.08 of the published strokes',
		async (lie, yards, toEdge, published) => {
			const strokes = await strokesFrom(lie, yards, toEdge, 'expert');
			expect(Math.abs(strokes - published)).toBeLessThan(0.08);
		}
	);

	/** The next stroke of a weaker player costs what the plan of that stroke would say: the two must not contradict each other. */
	it.each(
		LAYOUTS.flatMap(([lie, yards, toEdge]) =>
			(['scratch', 'middle', 'high'] as const).map((skill) => [skill, lie, yards, toEdge] as const)
		)
	)(
		'plans for %s from %s, %i yards, what the cost of such a stroke says',
		async (skill, lie, yards, toEdge) => {
			const strokes = await strokesFrom(lie, yards, toEdge, skill);
			const table = expectedAround(
				yards * YARD,
				lie === 'fairway' ? 'fairway' : 'rough',
				costs(skill)
			);
			expect(Math.abs(strokes - table)).toBeLessThan(0.12);
		}
	);

	it.each(([10, 20] as const).flatMap((yards) => SKILLS.map((skill) => [skill, yards] as const)))(
		'plans for %s from sand, %i yards, what the cost of such a stroke says',
		async (skill, yards) => {
			const strokes = await strokesFrom('sand', yards, 4, skill);
			expect(Math.abs(strokes - expectedAround(yards * YARD, 'sand', costs(skill)))).toBeLessThan(
				0.13
			);
		}
	);
});
