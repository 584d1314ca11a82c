import { asset } from '$app/paths';
import { z } from 'zod';
import { savedShotSchema, type SavedShot } from '$lib/io/savedShot';

const demoSchema = z.object({ shots: z.array(savedShotSchema) });

/** The invented academy that ships with the app. */
export async function readDemo(): Promise<SavedShot[]> {
	const response = await fetch(asset('/demo/quarry-academy.json'));
	return demoSchema.parse(await response.json()).shots;
}
