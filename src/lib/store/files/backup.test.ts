import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { backupDue, noteBackup, readBackup } from './backup';
import { database } from '../base/database';
import { addPupil, ballShelf, pupilShelf } from '../shelves/pupils';
import { pupilFile } from '../../../../tests/support/pupils';

beforeEach(async () => {
	vi.stubGlobal('localStorage', new SmallStorage());
	await Promise.all(database.tables.map((table) => table.clear()));
});

describe('the last archive', () => {
	it('is none at first, with everything that is here behind it', async () => {
		await addPupil(pupilFile({ id: 'p' }, [{ carry: 14 }]));
		const rows = (await database.clubs.count()) + 2;
		expect(await readBackup()).toEqual({ savedAt: null, changed: rows });
	});

	it('is noted, and what is added, changed and removed after it counts', async () => {
		await addPupil(pupilFile({ id: 'p' }, [{ carry: 14 }, { carry: 15 }]));
		const at = new Date(Date.now() + 5);
		await noteBackup(at);
		expect(await readBackup()).toEqual({ savedAt: at.toISOString(), changed: 0 });
		await new Promise((resolve) => setTimeout(resolve, 10));
		await ballShelf.remove('p-ball-0');
		const pupil = (await pupilShelf.read()).rows[0]!;
		await pupilShelf.put({ ...pupil, notes: 'changed' });
		expect((await readBackup()).changed).toBe(2);
	});

	it('counts as none where what was kept is no date', async () => {
		await database.settings.put({ key: 'savedAt', value: 'yesterday' });
		expect(await readBackup()).toEqual({ savedAt: null, changed: 0 });
	});
});

it('is due again when much has changed and a week has gone', () => {
	const now = Date.parse('2026-05-20T12:00:00Z');
	const due = (changed: number, savedAt: string | null) => backupDue({ changed, savedAt }, now);
	expect(due(200, null)).toBe(true);
	expect(due(199, null)).toBe(false);
	expect(due(500, '2026-05-13T12:00:00Z')).toBe(true);
	expect(due(500, '2026-05-13T12:00:01Z')).toBe(false);
});
