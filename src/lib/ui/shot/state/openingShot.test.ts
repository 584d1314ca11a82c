import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { database } from '$lib/store/base/database';
import { SETTING } from '$lib/store/base/stored';
import { saveShot } from '$lib/store/shelves/savedShots';
import { keepPlay } from '$lib/store/shelves/log';
import { writeLastShot } from '$lib/store/shelves/settings';
import { playOf } from '../../../../../tests/support/plays';

vi.mock('$app/paths', () => ({ asset: (path: string) => path }));
const { lastAsked, openingShot } = await import('./openingShot');
const { freshShot } = await import('$lib/io/work/freshShot');

const shotTo = (edgeToPin: number) => {
	const shot = freshShot('pupil-1');
	return { ...shot, situation: { ...shot.situation, edgeToPin } };
};
const breakLast = () => database.settings.put({ key: SETTING.lastShot, value: { broken: true } });

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
	vi.stubGlobal('fetch', () =>
		Promise.resolve(new Response(readFileSync('static/demo/quarry-academy.json', 'utf8')))
	);
});

describe('what the Shot view begins with', () => {
	it('is nothing on a first visit', async () => {
		expect(await openingShot(null, false)).toEqual({ kind: 'first-visit' });
		expect(await openingShot('gone', false)).toEqual({ kind: 'first-visit' });
	});

	it('is the shot that is asked for, before the last one', async () => {
		const saved = await saveShot('Over the lip', shotTo(12));
		await writeLastShot({ shot: shotTo(7), id: null, line: 'one' });
		expect(await openingShot(saved.id, false)).toEqual({
			kind: 'shot',
			shot: saved.shot,
			name: 'Over the lip',
			origin: saved
		});
	});

	it('is the question of a shot of the log, as a shot of its own', async () => {
		await writeLastShot({ shot: shotTo(7), id: null, line: 'one' });
		await keepPlay(playOf({ id: 'p', shot: shotTo(15) }));
		const asked = { kind: 'shot', shot: shotTo(15), name: '', origin: null };
		expect(await openingShot(null, false, 'p')).toEqual(asked);
		expect(await openingShot(null, false, 'gone')).toMatchObject({ line: 'one' });
	});

	it('is the last one, on its line, with the name of the kept shot it came from', async () => {
		const saved = await saveShot('Over the lip', shotTo(12));
		await writeLastShot({ shot: shotTo(13), id: saved.id, line: 'one' });
		const found = await openingShot('gone', false);
		expect(found).toMatchObject({ kind: 'shot', name: 'Over the lip', origin: saved, line: 'one' });
		expect(found.kind === 'shot' && found.shot.situation.edgeToPin).toBe(13);
		await writeLastShot({ shot: shotTo(13), id: 'removed', line: 'one' });
		expect(await openingShot(null, false)).toMatchObject({ name: '', origin: null });
	});

	it('says of a last shot that it cannot be read', async () => {
		await breakLast();
		expect(await openingShot(null, true)).toEqual({ kind: 'broken' });
	});

	it('is the demo’s first where it is shown and nothing else is there', async () => {
		const found = await openingShot(null, true);
		const demo = JSON.parse(readFileSync('static/demo/quarry-academy.json', 'utf8')) as {
			shots: { id: string; name: string }[];
		};
		expect(found).toMatchObject({ kind: 'shot', name: demo.shots[0]!.name });
		await database.shots.delete(demo.shots[0]!.id);
		expect(await openingShot(null, true)).toEqual({ kind: 'first-visit' });
	});
});

it('takes ball and weather of the last shot, and plain ones where there is none', async () => {
	expect((await lastAsked()).situation).toEqual(freshShot('nobody').situation);
	await writeLastShot({ shot: shotTo(21), id: null, line: 'one' });
	expect((await lastAsked()).situation.edgeToPin).toBe(21);
	await breakLast();
	expect((await lastAsked()).situation).toEqual(freshShot('nobody').situation);
});
