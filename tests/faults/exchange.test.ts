import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { createRng, type Rng } from '$lib/core/math/random';
import { emptyArchive, formatArchive, parseArchive, type Archive } from '$lib/io/archive/archive';
import { isCredible, stampFrom } from '$lib/io/fields/stamp';
import { database } from '$lib/store/base/database';
import { readAll } from '$lib/store/files/archive';
import { addPupil, mergePupilFile } from '$lib/store/shelves/pupils';
import { pupilFile } from '../support/pupils';
import { MemoryStorage } from './faultyStorage';
import { schedules } from './schedules';
import { everybody } from '../support/everybody';

/**
 * A coach's store that exchanges files with a device whose clock is off by up to three days, some of them without the coach's notes, taken
 * in by a worker whose clock is its own; the store is closed and opened in between.
 */

const STEPS = 14;
const DAY = 86_400_000;

/** The same app in another thread: what it knows of the time is its own. */
async function elsewhere() {
	vi.resetModules();
	const { importArchive } = await import('$lib/store/files/archive');
	const { database: own } = await import('$lib/store/base/database');
	return { take: importArchive, end: () => own.close() };
}

const kept = async () => (await everybody())[0]!;

/** What the other device makes of a file: a later name, by its own clock, all of the row or without the notes. */
function edited(file: Archive, rng: Rng, skew: number, step: number): Archive {
	const [pupil] = file.pupils;
	if (!pupil) return file;
	const updatedAt = stampFrom(Date.now() + skew + step, 0, 'phone');
	const now = { ...pupil, name: `theirs ${step}`, updatedAt };
	if (rng.uniform() < 0.5) return { ...file, pupils: [now] };
	const { notes: _, ...partial } = now;
	return { ...emptyArchive(), format: file.format, version: file.version, pupils: [partial] };
}

const read = (text: string): Archive => {
	const parsed = parseArchive(text);
	if ('problems' in parsed) throw new Error(parsed.problems.join());
	return parsed.archive;
};

beforeEach(() => vi.stubGlobal('localStorage', new MemoryStorage()));
afterEach(async () => {
	vi.unstubAllGlobals();
	await database.delete();
	await database.open();
});

it.each(schedules)(
	'undoes no edit that was made after it was taken in, and erases no notes (schedule %i)',
	async (seed) => {
		const rng = createRng(5000 + seed);
		await addPupil(pupilFile({ notes: 'from the start' }));
		const skew = (rng.uniform() * 6 - 3) * DAY;
		const { take, end } = await elsewhere();
		const taken: Archive[] = [];
		let notes = 'from the start';
		for (let step = 1; step <= STEPS; step++) {
			const dice = rng.uniform();
			if (dice < 0.35) {
				const file = edited(read(formatArchive(await readAll())), rng, skew, step);
				await take(file);
				taken.push(file);
			} else if (dice < 0.8) {
				const base = await kept();
				notes = `own ${step}`;
				const pupil = { ...base.pupil, name: `own ${step}`, notes };
				await mergePupilFile(base, { ...base, pupil });
				// Whatever was taken in before is older than this, however often it comes again.
				for (const file of taken.slice(-3)) await take(file);
				expect((await kept()).pupil.name, `step ${step}, skew ${skew}`).toBe(`own ${step}`);
			} else {
				database.close();
				await database.open();
			}
			expect((await kept()).pupil.notes).toBe(notes);
		}
		for (const { updatedAt } of await database.pupils.toArray())
			expect(isCredible(updatedAt, Date.now())).toBe(true);
		end();
	}
);
