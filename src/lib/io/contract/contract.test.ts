import { describe, expect, it } from 'vitest';
import { simulate } from '$lib/core/ball/simulate';
import { radians } from '$lib/core/units';
import { delivery, planeScene } from '../../../../tests/support/scenes';
import { issuesOf } from '../fields/issues';
import { isSmall, tooMuchWork, workOf } from './planWork';
import { planRequestSchema, planRequestToCore } from './planRequest';
import { publishedSchemas } from './schemas';
import { answerSimulate, simulateRequestSchema, simulateResponseSchema } from './simulate';
import { situationToCore } from '../fields/situation';
import { situationSchema } from './situation';

const ball = {
	delivery: { clubSpeed: 8, attackAngle: -4, dynamicLoft: 51 },
	ground: { stimpFeet: 10 }
};
const problems = (
	schema: typeof simulateRequestSchema | typeof planRequestSchema,
	value: unknown
) => {
	const parsed = schema.safeParse(value);
	return parsed.success ? [] : issuesOf(parsed.error);
};

describe('simulate', () => {
	it('fills what is left out and answers what its schema says', () => {
		const answer = answerSimulate(simulateRequestSchema.parse(ball));
		expect(simulateResponseSchema.parse(answer)).toEqual(answer);
		expect(answer.path.length).toBeLessThanOrEqual(400);
		expect(answer.finish.x).toBeCloseTo(answer.carry + answer.roll, 6);
	});

	it('says what the engine says of a dry green with nothing in the way', () => {
		const { finish, carry } = answerSimulate(
			simulateRequestSchema.parse({ ...ball, ground: { stimpFeet: 10, slopeAlong: 2, edge: 0 } })
		);
		const out = simulate(
			delivery({ clubSpeed: 8, dynamicLoft: radians(51) }),
			planeScene({ along: 0.02 })
		);
		expect(finish.x).toBeCloseTo(out.finishX, 3);
		expect(carry).toBeCloseTo(out.carry, 3);
	});

	it('drops the ball into a hole on its way and not into one beside it', () => {
		const far = answerSimulate(simulateRequestSchema.parse(ball)).finish.x;
		const toHole = (x: number, z: number) =>
			answerSimulate(simulateRequestSchema.parse({ ...ball, hole: { x, z } })).holed;
		expect(toHole(far - 0.3, 0)).toBe(true);
		expect(toHole(far - 0.3, 0.2)).toBe(false);
	});

	it('says that a ball never stops on a wall of a slope', () => {
		const steep = simulateRequestSchema.parse({
			...ball,
			ground: { stimpFeet: 12, slopeAlong: -20 }
		});
		expect(answerSimulate(steep).stopped).toBe(false);
	});

	it('names unknown keys, wrong types and ranges by path', () => {
		expect(problems(simulateRequestSchema, { ...ball, colour: 'red' })).toEqual([
			{ path: 'colour', message: 'is not a known key' }
		]);
		expect(problems(simulateRequestSchema, { ...ball, ground: { stimpFeet: 40 } })).toEqual([
			{ path: 'ground.stimpFeet', message: 'must be a number from 3 to 18 feet' }
		]);
		expect(
			problems(simulateRequestSchema, {
				...ball,
				delivery: { ...ball.delivery, clubSpeed: 'fast' }
			})[0]?.path
		).toBe('delivery.clubSpeed');
	});
});

describe('plan request', () => {
	const situation = { toEdge: 3, edgeToPin: 9, stimpFeet: 10 };

	it.each([
		['situation.edgeToPin', { situation: { ...situation, edgeToPin: 0 } }],
		['situation.toEdge', { situation: { ...situation, toEdge: -2 } }],
		['situation.lie', { situation: { ...situation, lie: 'moon' } }],
		[
			'situation.hazards.0.to',
			{ situation: { ...situation, hazards: [{ kind: 'sand', from: 3, to: 2 }] } }
		],
		['bag', { situation, bag: [] }],
		['player.school', { situation, player: { skill: 'middle', school: 'mine' } }]
	])('refuses %s', (path, value) => {
		const found = problems(planRequestSchema, { player: { skill: 'middle' }, ...value });
		expect(found.map((issue) => issue.path)).toEqual([path]);
	});

	it.each([
		['wanted.kinds.0', { kinds: ['hook'] }, /must be one of: putt, chip/],
		['wanted.clubs', { clubs: ['ZW'] }, /ZW is no club of this bag: .*SW/],
		['wanted.without', { without: ['SW', 'QW'] }, /QW is no club/],
		['wanted', { clubs: ['SW'], without: ['SW'] }, /leaves no club/],
		['wanted', { kinds: ['flop'], clubs: ['7i', '9i'] }, /none of 7i, 9i makes a flop/],
		['wanted', { kinds: ['splash'] }, /makes a splash from this lie/],
		['wanted.apexAtLeast', { apexAtMost: 1, apexAtLeast: 2 }, /more than apexAtMost, 1 m/],
		['wanted.apexAtMost', { apexAtMost: -1 }, /from 0 to 40 metres/],
		['wanted.colour', { colour: 'red' }, /is not a known key/]
	])('refuses a wish that nothing can meet: %s', (path, wanted, message) => {
		const found = problems(planRequestSchema, { situation, player: { skill: 'middle' }, wanted });
		expect(found.map((issue) => issue.path)).toEqual([path]);
		expect(found[0]!.message).toMatch(message);
	});

	it('takes an empty part of a wish for any', () => {
		const core = (wanted?: object) =>
			planRequestToCore(
				planRequestSchema.parse({
					situation,
					player: { skill: 'middle' },
					...(wanted && { wanted })
				})
			).wanted;
		expect(core()).toBeUndefined();
		expect(core({ kinds: [], clubs: [], without: [] })).toBeUndefined();
		expect(core({ kinds: ['chip'], clubs: [], without: ['Putter'], apexAtMost: 2 })).toEqual({
			kinds: ['chip'],
			clubs: [],
			without: ['Putter'],
			apexAtMost: 2,
			apexAtLeast: null
		});
	});

	it('converts to the core’s units', () => {
		const core = situationToCore(
			situationSchema.parse({ ...situation, slopeAlong: -2, slopeAcross: 1 })
		);
		expect(core.greenSpeed).toBeCloseTo(3.048, 9);
		expect(core.segments).toEqual([
			expect.objectContaining({ slopeAlong: -0.02, slopeAcross: 0.01 })
		]);
	});

	it('calls too much work by its name', () => {
		const asked = (samples: number, change: object = {}, bag?: object[]) =>
			planRequestToCore(
				planRequestSchema.parse({
					situation: { ...situation, ...change },
					player: { skill: 'middle' },
					samples,
					...(bag && { bag })
				})
			);
		expect(tooMuchWork(asked(800))).toBeNull();
		expect(isSmall(asked(400))).toBe(true);
		const wedge = [{ name: 'SW', loft: 56, bounce: 10 }];
		const excess = tooMuchWork(asked(100_000, {}, wedge))!;
		expect(excess).toMatch(/100000 samples .* times the work/);
		const [, instead] = /ask for (\d+) samples/.exec(excess)!;
		expect(tooMuchWork(asked(Number(instead), {}, wedge))).toBeNull();
		expect(workOf(asked(800, { wind: { along: 3, across: 0 } }))).toBeGreaterThan(
			workOf(asked(800))
		);
		const points = [
			[0, 0, 0],
			[9, 0, 0.1],
			[9, 5, 0]
		];
		expect(workOf(asked(800, { survey: { points } }))).toBeGreaterThan(3 * workOf(asked(800)));
	});

	it('refuses swings it cannot use, with what to do', () => {
		const refused = (swings: object[]) =>
			problems(planRequestSchema, { situation, player: { skill: 'middle' }, swings }).map(
				({ path, message }) => `${path}: ${message}`
			);
		expect(refused([{ club: 'ZW', swing: '9', carry: 9 }])[0]).toMatch(
			/swings\.0\.club.*no club of this bag.*SW/
		);
		expect(refused([{ club: 'SW', swing: 'elbow', carry: 9 }])[0]).toMatch(
			/swings\.0\.swing.*no swing that is known.*hip/
		);
		const turned = [
			{ club: 'SW', swing: '8', carry: 12 },
			{ club: 'SW', swing: '9', carry: 10 }
		];
		expect(refused(turned)[0]).toMatch(/swings\.1\.carry.*12 m of the shorter swing 8/);
		expect(refused([turned[0]!, { ...turned[1]!, flight: 'low' }])).toEqual([]);
		expect(refused([{ club: 'SW', swing: '8:30', carry: 12, spread: 0.6, n: 8 }])).toEqual([]);
	});

	it('knows a misread height from a steep place', () => {
		const flat = [0, 4, 8, 12].flatMap((x) => [-3, 3].map((z) => [x, z, 0.02 * x]));
		const asked = (points: number[][]) =>
			problems(planRequestSchema, {
				situation: { ...situation, survey: { points } },
				player: { skill: 'middle' }
			}).map(({ path, message }) => `${path}: ${message}`);
		expect(asked(flat)).toEqual([]);
		expect(
			asked(flat.map((point, i) => (i === 5 ? [point[0]!, point[1]!, 10] : point)))[0]
		).toMatch(/points\.5.*misreading/);
	});
});

describe('published schemas', () => {
	it('covers every request and response', () => {
		const schemas = publishedSchemas('1.2.3');
		expect(schemas.version).toBe('1.2.3');
		expect(Object.keys(schemas)).toEqual([
			'version',
			'simulateRequest',
			'simulateResponse',
			'planRequest',
			'planResponse',
			'ratiosRequest',
			'ratiosResponse',
			'error',
			'savedShot',
			'pupil',
			'club',
			'ball',
			'green',
			'reading',
			'archive',
			'deviceReading'
		]);
		expect(schemas.planRequest).toMatchObject({ type: 'object', additionalProperties: false });
		// What has a default need not be sent, nor stand in a file.
		expect(schemas.planRequest).toMatchObject({ required: ['situation', 'player'] });
		expect(schemas.simulateRequest.required).not.toContain('seed');
		expect(schemas.pupil.required).toEqual(['id', 'name']);
		expect(schemas.club.required).toEqual(['id', 'pupilId', 'name', 'loft']);
		expect(schemas.savedShot.required).toEqual(['id', 'name', 'savedAt', 'shot']);
		expect(JSON.stringify(schemas.green)).toContain(
			'"heights":{"type":"array","items":{"anyOf":[{"type":"number"},{"type":"null"}]}}'
		);
	});
});
