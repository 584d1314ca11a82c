import { z } from 'zod';
import { archiveSchema } from '../archive';
import { deviceReadingSchema } from '../deviceReading';
import { greenSchema } from '../green';
import { readingSchema } from '../reading';
import { savedShotSchema } from '../savedShot';
import { errorSchema } from './error';
import { planRequestSchema, planResponseSchema } from './plan';
import { simulateRequestSchema, simulateResponseSchema } from './simulate';

/** JSON Schemas of everything that crosses the border, from the one set of Zod schemas. */
export const publishedSchemas = () => ({
	simulateRequest: z.toJSONSchema(simulateRequestSchema, { io: 'input' }),
	simulateResponse: z.toJSONSchema(simulateResponseSchema),
	planRequest: z.toJSONSchema(planRequestSchema, { io: 'input' }),
	planResponse: z.toJSONSchema(planResponseSchema),
	error: z.toJSONSchema(errorSchema),
	savedShot: z.toJSONSchema(savedShotSchema, { io: 'input' }),
	green: z.toJSONSchema(greenSchema, { io: 'input' }),
	reading: z.toJSONSchema(readingSchema, { io: 'input' }),
	archive: z.toJSONSchema(archiveSchema, { io: 'input' }),
	deviceReading: z.toJSONSchema(deviceReadingSchema)
});
