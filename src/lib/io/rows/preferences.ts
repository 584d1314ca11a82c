import { z } from 'zod';

/** How this browser shows things; whatever cannot be read is as on a first visit. */
export const preferencesRow = z.object({
	theme: z.enum(['paper', 'slate', 'sunlight']).catch('paper'),
	/** Whether the call is said aloud. */
	aloud: z.boolean().catch(false)
});

export type Preferences = z.output<typeof preferencesRow>;

export const FIRST_PREFERENCES: Preferences = preferencesRow.parse({});
