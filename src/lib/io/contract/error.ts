import * as z from 'zod/mini';

export const errorSchema = z.strictObject({
	error: z.strictObject({
		message: z.string(),
		issues: z.array(z.strictObject({ path: z.string(), message: z.string() }))
	})
});
