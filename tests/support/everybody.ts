import type { PupilFile } from '$lib/io/work/pupil';
import { readPupilFile, readRoster } from '$lib/store/shelves/pupils';

/** Every pupil with bag and balls as they are kept, by name. */
export async function everybody(): Promise<PupilFile[]> {
	const ids = (await readRoster()).map(({ pupil }) => pupil.id);
	return (await Promise.all(ids.map(readPupilFile))).filter((file) => file !== undefined);
}
