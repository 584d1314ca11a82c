import type * as z from 'zod/mini';
import { createDocument, type ZodOpenApiResponsesObject } from 'zod-openapi';
import { version } from '../../../package.json';
import { errorSchema } from '$lib/io/contract/error';
import { planRequestSchema } from '$lib/io/contract/planRequest';
import { planResponseSchema } from '$lib/io/contract/planResponse';
import { ratiosRequestSchema, ratiosResponseSchema } from '$lib/io/contract/ratios';
import { simulateRequestSchema, simulateResponseSchema } from '$lib/io/contract/simulate';

/** A question for each address that takes one, as somebody would begin. */
export const EXAMPLES = {
	simulate: {
		delivery: { clubSpeed: 8, attackAngle: -4, dynamicLoft: 51 },
		ground: { stimpFeet: 10, edge: 3 }
	},
	plan: {
		situation: { lie: 'fairway', toEdge: 3, edgeToPin: 9, stimpFeet: 10 },
		player: { skill: 'middle', hand: 'right', school: 'free' },
		samples: 50,
		seed: 1
	},
	ratios: { green: { stimpFeet: 10 }, player: { skill: 'middle' }, carries: [3, 6] }
} as const;

const REFUSALS: Readonly<Record<number, string>> = {
	400: 'The body is not JSON, or holds wrong or unknown values; each is named.',
	413: 'The body is larger than 256 KiB.',
	415: 'The body is not application/json.',
	422: 'It is more work than one request may ask.',
	503: 'Too many plans are waiting, or the server is stopping; Retry-After says when to ask again.'
};

type Schema = z.core.$ZodType;

const asJson = (schema: Schema, description: string) => ({
	description,
	content: { 'application/json': { schema } }
});
const refused = (...statuses: number[]): ZodOpenApiResponsesObject =>
	Object.fromEntries(
		statuses.map((status) => [String(status), asJson(errorSchema, REFUSALS[status]!)])
	);
/** An address that is asked by a JSON body. */
const asked = (
	summary: string,
	question: Schema,
	answer: Schema,
	example: object,
	statuses: number[]
) => ({
	post: {
		summary,
		requestBody: {
			required: true,
			content: { 'application/json': { schema: question, example } }
		},
		responses: { '200': asJson(answer, 'The answer.'), ...refused(...statuses) }
	}
});

/**
 * Every address of the interface in OpenAPI 3.1, from the schemas that validate what goes in and out.
 *
 * @param simulation what a simulated device may be told
 */
export const openApi = (simulation: z.core.$ZodObject) =>
	createDocument({
		openapi: '3.1.0',
		info: {
			title: 'Crisp Landing',
			version,
			description:
				'Which club, which landing spot, which swing. Metres, seconds, m/s, degrees, percent, rpm; green speed in feet.',
			license: { name: 'MIT', identifier: 'MIT' }
		},
		servers: [{ url: '/' }],
		paths: {
			'/api/simulate': asked(
				'One ball from strike to rest',
				simulateRequestSchema,
				simulateResponseSchema,
				EXAMPLES.simulate,
				[400, 413, 415]
			),
			'/api/plan': asked(
				'Ranked ways to play a shot, and why',
				planRequestSchema,
				planResponseSchema,
				EXAMPLES.plan,
				[400, 413, 415, 422, 503]
			),
			'/api/ratios': asked(
				'What each club does on a green: ground over air',
				ratiosRequestSchema,
				ratiosResponseSchema,
				EXAMPLES.ratios,
				[400, 413, 415]
			),
			'/api/schema': {
				get: {
					summary: 'JSON Schemas of requests, answers, rows and the archive',
					responses: {
						'200': {
							description: 'A schema for each name, and the version of the app.',
							content: { 'application/json': { schema: { type: 'object' } } }
						}
					}
				}
			},
			'/api/openapi.json': {
				get: {
					summary: 'This document',
					responses: {
						'200': {
							description: 'OpenAPI 3.1.',
							content: { 'application/json': { schema: { type: 'object' } } }
						}
					}
				}
			},
			'/api/devices/{device}': {
				get: {
					summary: 'Readings of a simulated measuring device, as server-sent events',
					parameters: [
						{
							name: 'device',
							in: 'path',
							required: true,
							schema: { type: 'string', enum: ['ramp', 'tape', 'level', 'tracker'] }
						},
						{
							name: 'Last-Event-ID',
							in: 'header',
							description: 'Of a tracker: everything after this event.',
							schema: { type: 'string' }
						}
					],
					requestParams: { query: simulation },
					responses: {
						'200': {
							description: 'A reading in the data of each event.',
							content: { 'text/event-stream': { schema: { type: 'string' } } }
						},
						...refused(400),
						'404': asJson(errorSchema, 'There is no such device.')
					}
				}
			}
		}
	});
