import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { parseArchive } from '$lib/io/archive/archive';
import { blankGreen } from '$lib/ui/greens/state/greenEdits';
import { freshShot } from '$lib/io/work/freshShot';
import { pupilFile } from '../../../../tests/support/pupils';
import { practisedSession, sessionBall } from '../../../../tests/support/sessions';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { database } from '../base/database';
import { greenFile, sessionFile, shotFile } from './fileOf';
import { saveGreen } from '../shelves/greens';
import { addSession } from '../shelves/practice';
import { addPupil } from '../shelves/pupils';
import { saveShot } from '../shelves/savedShots';

beforeEach(async () => {
	vi.stubGlobal('localStorage', new SmallStorage());
	await Promise.all(database.tables.map((table) => table.clear()));
	await addPupil(pupilFile({ id: 'pupil-1', notes: 'for the coach only' }, [{ carry: 14 }]));
	await addPupil(pupilFile({ id: 'other' }));
	await saveGreen(blankGreen('g', 'Kiln'));
});

const read = (text: string) => {
	const parsed = parseArchive(text);
	if ('problems' in parsed) throw new Error(parsed.problems.join());
	return parsed.archive;
};
const ids = (rows: readonly { id: string }[]) => rows.map(({ id }) => id);

describe('something to hand to somebody', () => {
	it('is a shot with whose it is, their bag and its green, without the coach’s notes', async () => {
		const shot = { ...freshShot('pupil-1'), place: { greenId: 'g', ball: [0, 0], pin: [1, 1] } };
		const { id } = await saveShot('Over the bank', shot as never);
		const file = read(await shotFile(id));
		expect(ids(file.shots)).toEqual([id]);
		expect(file.pupils.map((pupil) => [pupil.id, 'notes' in pupil])).toEqual([['pupil-1', false]]);
		expect(new Set(file.clubs.map(({ pupilId }) => pupilId))).toEqual(new Set(['pupil-1']));
		expect([ids(file.greens), file.balls]).toEqual([['g'], []]);
	});

	it('is a session with its own balls and everybody who took a turn', async () => {
		const session = practisedSession();
		await addSession(session, [sessionBall({ id: 'mine' })]);
		await addSession(practisedSession({ id: 'elsewhere' }), [
			sessionBall({ id: 'not', sessionId: 'elsewhere' })
		]);
		const file = read(await sessionFile('session-1'));
		expect([ids(file.sessions), ids(file.balls), ids(file.pupils)]).toEqual([
			['session-1'],
			['mine'],
			['pupil-1']
		]);
	});

	it('is a green by itself, and nothing that is not here', async () => {
		const file = read(await greenFile('g'));
		expect([ids(file.greens), file.pupils]).toEqual([['g'], []]);
		await expect(greenFile('gone')).rejects.toThrow('not kept here any more');
		await expect(shotFile('gone')).rejects.toThrow('shot');
	});
});
