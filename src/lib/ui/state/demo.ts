import { asset } from '$app/paths';
import { answering } from '$lib/store/base/answering';
import { seedOnce } from '$lib/store/files/archive';
import { aroundToday } from '$lib/io/archive/aroundToday';
import { ownZone } from '$lib/io/lessons/wallTime';
import { parseArchive, type Archive } from '$lib/io/archive/archive';

/** The invented academy that ships with the app, in the middle of its work. */
export async function readDemo(): Promise<Archive> {
	const response = await fetch(asset('/demo/quarry-academy.json'));
	const parsed = parseArchive(await response.text());
	if ('problems' in parsed) throw new Error(parsed.problems.join(' '));
	return aroundToday(parsed.archive, Date.now(), ownZone());
}

/** Puts the demo's data in, on the first visit only. A store that takes nothing says so itself, in every view. */
export async function seedDemo(): Promise<void> {
	const demo = await readDemo();
	await answering(seedOnce(demo)).catch(() => {});
}
