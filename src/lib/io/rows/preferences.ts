import { z } from 'zod';

/** How this browser shows things; whatever cannot be read is as on a first visit. */
export const preferencesRow = z.object({
	units: z.enum(['metres', 'yards', 'feet', 'paces']).catch('metres'),
	/** The player's own pace, measured once, in metres. */
	paceLength: z.number().min(0.5).max(1.3).catch(0.9),
	theme: z.enum(['paper', 'slate', 'sunlight']).catch('paper')
});

export type Preferences = z.output<typeof preferencesRow>;
