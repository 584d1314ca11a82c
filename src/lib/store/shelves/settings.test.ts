import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { SmallStorage } from '../../../../tests/support/smallStorage';
import { workingShotRow } from '$lib/io/rows/shot';
import { FIRST_PREFERENCES } from '$lib/io/rows/preferences';
import { database } from '../base/database';
import { SETTING } from '../base/stored';
import {
	mergeLastShot,
	readLastShot,
	readPreferences,
	writeLastShot,
	writePreferences,
	type LastShot
} from './settings';

beforeEach(async () => {
	vi.stubGlobal('localStorage', new SmallStorage());
	await Promise.all(database.tables.map((table) => table.clear()));
});

const shot = (change: Record<string, unknown> = {}) =>
	workingShotRow.parse({
		pupilId: 'p',
		situation: { toEdge: 3, edgeToPin: 9, stimpFeet: 10, ...change }
	});
const last = (change: Record<string, unknown> = {}, rest: Partial<LastShot> = {}): LastShot => ({
	shot: shot(change),
	id: null,
	line: 'one',
	...rest
});

describe('the shot on the screen', () => {
	it('is kept with where it came from and whose line of work it is', async () => {
		expect(await readLastShot()).toBeNull();
		await writeLastShot(last({ toEdge: 4 }, { id: 'kept' }));
		expect(await readLastShot()).toEqual(last({ toEdge: 4 }, { id: 'kept' }));
	});

	it('takes in what another tab changed of the same line of work', async () => {
		await writeLastShot(last({ edgeToPin: 6 }));
		const { merged, clashes } = await mergeLastShot(last(), last({ toEdge: 5 }));
		expect(clashes).toEqual([]);
		expect(merged.situation).toMatchObject({ toEdge: 5, edgeToPin: 6 });
		expect(await readLastShot()).toEqual({ shot: merged, id: null, line: 'one' });
	});

	it('counts over what another tab changed at the same place, and says so', async () => {
		await writeLastShot(last({ toEdge: 6 }));
		const { merged, clashes } = await mergeLastShot(last(), last({ toEdge: 5 }));
		expect(merged.situation.toEdge).toBe(5);
		expect(clashes).toEqual([{ path: ['situation', 'toEdge'], mine: 5, theirs: 6 }]);
	});

	it('stands over another line of work, and over what cannot be read', async () => {
		await writeLastShot(last({ edgeToPin: 6 }, { line: 'two' }));
		const mine = last({ toEdge: 5 });
		expect((await mergeLastShot(last(), mine)).merged).toEqual(mine.shot);
		await database.settings.put({ key: SETTING.lastShot, value: { nonsense: true } });
		expect(await readLastShot()).toBe('broken');
		expect((await mergeLastShot(last(), mine)).merged).toEqual(mine.shot);
		expect(await readLastShot()).toEqual(mine);
	});
});

it('keeps preferences, and begins with the first ones where they cannot be read', async () => {
	expect(await readPreferences()).toEqual(FIRST_PREFERENCES);
	const other = { ...FIRST_PREFERENCES, theme: 'slate' as const };
	await writePreferences(other);
	expect(await readPreferences()).toEqual(other);
	await database.settings.put({ key: SETTING.preferences, value: { theme: 7 } });
	expect(await readPreferences()).toEqual(FIRST_PREFERENCES);
});
