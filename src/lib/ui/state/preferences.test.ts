import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { database } from '$lib/store/base/database';
import { FIRST_PREFERENCES } from '$lib/io/rows/preferences';
import { readPreferences, writePreferences } from '$lib/store/shelves/settings';
import { soon, until } from '../../../../tests/support/soon';
import { preferences } from './preferences.svelte';

const dataset: Record<string, string> = {};
vi.stubGlobal('document', { documentElement: { dataset } });
let stop = () => {};
/** What the system wishes for, as the browser tells it. */
const wished = new Set<string>();
const told = new Set<() => void>();
vi.stubGlobal('matchMedia', (query: string) => ({
	get matches() {
		return wished.has(query);
	},
	addEventListener: (_: string, listener: () => void) => told.add(listener),
	removeEventListener: (_: string, listener: () => void) => told.delete(listener)
}));

beforeEach(async () => {
	await Promise.all(database.tables.map((table) => table.clear()));
	preferences.storeFailure = '';
});
afterEach(() => {
	stop();
	vi.restoreAllMocks();
});

it('follow what is kept, other tabs included, and show it', async () => {
	stop = preferences.follow();
	await until(() => dataset['theme'] === 'paper');
	await writePreferences({ ...FIRST_PREFERENCES, theme: 'sunlight', aloud: true });
	await until(() => preferences.current.theme === 'sunlight');
	expect(preferences.current.aloud).toBe(true);
	expect(dataset['theme']).toBe('sunlight');
});

it('follow the wishes of the system until a look is chosen', async () => {
	const look = (...wishes: string[]) => {
		wished.clear();
		for (const wish of wishes) wished.add(wish);
		told.forEach((listener) => listener());
		return dataset['theme'];
	};
	stop = preferences.follow();
	await until(() => preferences.current.theme === 'system');
	expect(look('(prefers-color-scheme: dark)')).toBe('slate');
	expect(look('(prefers-color-scheme: dark)', '(prefers-contrast: more)')).toBe('sunlight');
	expect(look()).toBe('paper');
	preferences.change({ theme: 'paper' });
	expect(look('(prefers-color-scheme: dark)')).toBe('paper');
	stop();
	expect(told.size).toBe(0);
	wished.clear();
});

it('are shown at once when they are changed, and kept', async () => {
	preferences.change({ theme: 'slate' });
	expect([preferences.current.theme, dataset['theme']]).toEqual(['slate', 'slate']);
	await soon(async () => expect((await readPreferences()).theme).toBe('slate'));
	preferences.change({ aloud: true });
	await soon(async () =>
		expect(await readPreferences()).toMatchObject({ theme: 'slate', aloud: true })
	);
});

it('say so where they cannot be kept, and stay as they were chosen', async () => {
	vi.spyOn(database.settings, 'put').mockRejectedValue(new Error('The disk is full.'));
	preferences.change({ theme: 'sunlight' });
	await until(() => preferences.storeFailure !== '');
	expect(preferences.storeFailure).toBe('The disk is full.');
	expect(preferences.current.theme).toBe('sunlight');
	preferences.storeFailed('odd');
	await until(() => preferences.storeFailure === 'odd');
});
