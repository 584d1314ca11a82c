import { describe, expect, it } from 'vitest';
import { issuesOf } from './issues';
import { planRequestSchema, tooMuchWork } from './plan';
import { publishedSchemas } from './schemas';
import { answerSimulate, simulateRequestSchema, simulateResponseSchema } from './simulate';
import { situationSchema, situationToCore } from './situation';

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
		const asked = (samples: number) =>
			planRequestSchema.parse({ situation, player: { skill: 'middle' }, samples });
		expect(tooMuchWork(asked(800))).toBeNull();
		expect(tooMuchWork(asked(90_000))).toMatch(/11 clubs × 90000 samples/);
	});
});

describe('published schemas', () => {
	it('covers every request and response', () => {
		const schemas = publishedSchemas();
		expect(Object.keys(schemas)).toEqual([
			'simulateRequest',
			'simulateResponse',
			'planRequest',
			'planResponse',
			'error',
			'savedShot',
			'green',
			'reading',
			'archive',
			'deviceReading'
		]);
		expect(schemas.planRequest).toMatchObject({ type: 'object', additionalProperties: false });
	});
});
