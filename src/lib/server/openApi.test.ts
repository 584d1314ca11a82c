import { Validator } from '@seriousme/openapi-schema-validator';
import { describe, expect, it } from 'vitest';
import { plan } from '$lib/core/plan/plan';
import { Question } from '$lib/core/plan/question/question';
import { localSampler } from '$lib/core/plan/race/localSampler';
import { simulationSchema } from '$lib/devices/simulation/simulatedDevices';
import { planRequestSchema, planRequestToCore } from '$lib/io/contract/planRequest';
import { planResponseSchema, planToWire } from '$lib/io/contract/planResponse';
import { answerRatios, ratiosRequestSchema, ratiosResponseSchema } from '$lib/io/contract/ratios';
import {
	answerSimulate,
	simulateRequestSchema,
	simulateResponseSchema
} from '$lib/io/contract/simulate';
import { version } from '../../../package.json';
import { EXAMPLES, openApi } from './openApi';

const described = () => JSON.stringify(openApi(simulationSchema));
const ROUTES = Object.keys(import.meta.glob('../../routes/api/**/+server.ts'));

describe('the description of the interface', () => {
	it('is OpenAPI 3.1 to a validator of its own', async () => {
		const validator = new Validator();
		const found = await validator.validate(JSON.parse(described()) as Record<string, unknown>);
		expect(found.errors ?? []).toEqual([]);
		expect(found.valid).toBe(true);
		expect(validator.version).toBe('3.1');
	});

	it('has every address that there is, and the version of the app', () => {
		const { paths, info } = openApi(simulationSchema);
		const routes = ROUTES.map((file) =>
			file.replace('../../routes', '').replace('/+server.ts', '').replace('[device]', '{device}')
		);
		expect(Object.keys(paths!).toSorted()).toEqual(routes.toSorted());
		expect(info.version).toBe(version);
	});

	it('says what may be left out, and what a device may be told', () => {
		const text = described();
		expect(text).toContain('"required":["situation","player"]');
		for (const name of Object.keys(simulationSchema.shape)) expect(text).toContain(`"${name}"`);
	});

	it('gives examples that are answered as it says', async () => {
		const ball = answerSimulate(simulateRequestSchema.parse(EXAMPLES.simulate));
		expect(simulateResponseSchema.parse(ball).carry).toBeGreaterThan(1);
		const rows = answerRatios(ratiosRequestSchema.parse(EXAMPLES.ratios));
		expect(ratiosResponseSchema.parse(rows).rows.length).toBeGreaterThan(5);
		const request = planRequestToCore(planRequestSchema.parse(EXAMPLES.plan));
		const question = new Question(request);
		const answer = planToWire(await plan(question, localSampler(question)), request);
		expect(planResponseSchema.parse(answer).best).toBeGreaterThanOrEqual(0);
	});
});
