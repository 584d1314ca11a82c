import { playingOf, type Playing } from '$lib/io/work/playing';
import { PLAIN_BALL, type Ball, type Pupil, type PupilFile } from '$lib/io/work/pupil';
import { newPupilFile } from '$lib/store/shelves/newPupilFile';

/** A pupil with the standard set, ids that tests can name, and what is to be different. */
export function pupilFile(change: Partial<Pupil> = {}, carries: Partial<Ball>[] = []): PupilFile {
	const { pupil, clubs } = newPupilFile('Test pupil');
	const id = change.id ?? 'pupil-1';
	return {
		pupil: { ...pupil, ...change, id },
		clubs: clubs.map((club) => ({ ...club, id: `${id}-${club.name}`, pupilId: id })),
		balls: carries.map((ball, i) => ({
			...PLAIN_BALL,
			id: `${id}-ball-${i}`,
			pupilId: id,
			clubId: `${id}-SW`,
			at: `2026-05-01T00:00:${String(i).padStart(2, '0')}.000Z`,
			swing: '9',
			flight: 'standard',
			carry: 14,
			source: 'typed',
			...ball
		}))
	};
}

/** Who plays by default, as the planner takes it. */
export const somePlayer = (change: Partial<Pupil> = {}): Playing => playingOf(pupilFile(change));

/** One pupil whoever is asked for. */
export const whoever = (): PupilFile => ANYBODY;
const ANYBODY = pupilFile();
