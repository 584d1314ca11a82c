import { asset } from '$app/paths';
import { parseArchive, type Archive } from '$lib/io/archive';

/** The invented academy that ships with the app. */
export async function readDemo(): Promise<Archive> {
	const response = await fetch(asset('/demo/quarry-academy.json'));
	const parsed = parseArchive(await response.text());
	if ('problems' in parsed) throw new Error(parsed.problems.join(' '));
	return parsed.archive;
}
