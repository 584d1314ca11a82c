import { asset } from '$app/paths';
import { answering } from '$lib/store/base/answering';
import { isInUse, seedOnce } from '$lib/store/files/archive';
import { aroundToday } from '$lib/io/archive/aroundToday';
import { ownZone } from '$lib/io/lessons/wallTime';
import { parseArchive, type Archive } from '$lib/io/archive/archive';

/** The invented academy that ships with the app, in the middle of its work. */
export async function readDemo(): Promise<Archive> {
	const coming = fetch(asset('/demo/quarry-academy.json'));
	// A browser takes a twentieth of a second to name its zone for the first time: while the file is on its way.
	const zone = ownZone();
	const parsed = parseArchive(await (await coming).text());
	if ('problems' in parsed) throw new Error(parsed.problems.join(' '));
	return aroundToday(parsed.archive, Date.now(), zone);
}

let seeding: Promise<void> | null = null;
/** Where the demo begins, once it was read. */
let firstId: string | undefined;

/** Puts the demo's data in, on the first visit only. A store that takes nothing says so itself, in every view. */
export function seedDemo(): Promise<void> {
	// Whoever asks meanwhile waits for the same.
	seeding ??= seed().finally(() => (seeding = null));
	return seeding;
}

async function seed(): Promise<void> {
	if (await answering(isInUse()).catch(() => false)) return;
	const demo = await readDemo();
	firstId = demo.shots[0]?.id;
	await answering(seedOnce(demo)).catch(() => {});
}

/** The shot that the demo begins with; undefined where it has none. */
export async function firstOfDemo(): Promise<string | undefined> {
	return (firstId ??= (await readDemo()).shots[0]?.id);
}
