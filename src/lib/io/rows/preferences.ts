import * as z from 'zod/mini';

/** How this browser shows things; whatever cannot be read is as on a first visit. */
export const preferencesRow = z.object({
	theme: z.catch(z.enum(['paper', 'slate', 'sunlight']), 'paper'),
	/** Whether the call is said aloud. */
	aloud: z.catch(z.boolean(), false)
});

export type Preferences = z.output<typeof preferencesRow>;

export const FIRST_PREFERENCES: Preferences = preferencesRow.parse({});
