import * as z from 'zod/mini';

/** How this browser shows things; whatever cannot be read is as on a first visit. */
export const preferencesRow = z.object({
	/** Which look; as the system wishes until one is chosen. */
	theme: z.catch(z.enum(['system', 'paper', 'slate', 'sunlight']), 'system'),
	/** In what this screen shows lengths, and how long a pace of its owner is, metres. */
	units: z.catch(z.enum(['metres', 'yards', 'feet', 'paces']), 'metres'),
	pace: z.catch(z.number().check(z.minimum(0.5), z.maximum(1.3)), 0.9),
	/** Whether single letters and figures choose something. */
	singleKeys: z.catch(z.boolean(), true),
	/** Whether the call is said aloud. */
	aloud: z.catch(z.boolean(), false)
});

export type Preferences = z.output<typeof preferencesRow>;

export const FIRST_PREFERENCES: Preferences = preferencesRow.parse({});
