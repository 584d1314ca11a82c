import 'fake-indexeddb/auto';
import { afterEach, expect, it, vi } from 'vitest';
import { database } from './database';
import { nothingKept } from './nothingKept';

afterEach(() => vi.unstubAllGlobals());

it('is so until the store is opened for the first time', async () => {
	expect(await nothingKept()).toBe(true);
	expect(await indexedDB.databases()).toEqual([]);
	await database.settings.count();
	expect(await nothingKept()).toBe(false);
});

it('is not so while something waits to be written, or where the browser does not say', async () => {
	vi.stubGlobal('indexedDB', { databases: () => Promise.resolve([]) });
	expect(await nothingKept()).toBe(true);
	const notes = { 'crisp-landing/unwritten/settings/page/playing': '{"row":{"value":"ann"}}' };
	vi.stubGlobal('localStorage', { ...notes, getItem: (name: keyof typeof notes) => notes[name] });
	expect(await nothingKept()).toBe(false);
	vi.unstubAllGlobals();
	for (const indexedDB of [
		undefined,
		{},
		{ databases: () => Promise.reject(new Error('denied')) }
	]) {
		vi.stubGlobal('indexedDB', indexedDB);
		expect(await nothingKept()).toBe(false);
	}
});
