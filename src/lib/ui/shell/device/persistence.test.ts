import { expect, it, vi } from 'vitest';
import { persist, storageUse } from './persistence';

const storage = (change: Partial<StorageManager>) =>
	({
		estimate: () => Promise.resolve({ usage: 5e6, quota: 2e9 }),
		persisted: () => Promise.resolve(false),
		persist: () => Promise.resolve(true),
		...change
	}) as StorageManager;
const fails = () => Promise.reject(new Error('denied'));

it('tells the room taken and whether it is promised, as far as the browser does', async () => {
	expect(await storageUse(storage({}))).toEqual({ bytes: 5e6, most: 2e9, persistent: false });
	const silent = storage({ estimate: undefined, persisted: () => Promise.resolve(true) });
	expect(await storageUse(silent)).toEqual({ bytes: null, most: null, persistent: true });
	expect(await storageUse(storage({ persisted: fails }))).toBeNull();
	expect(await storageUse({} as StorageManager)).toBeNull();
});

it('asks only where nothing is promised yet, and takes a failure for a no', async () => {
	const ask = vi.fn(() => Promise.resolve(false));
	expect(await persist(storage({ persisted: () => Promise.resolve(true), persist: ask }))).toBe(
		true
	);
	expect(ask).not.toHaveBeenCalled();
	expect(await persist(storage({ persist: ask }))).toBe(false);
	expect(ask).toHaveBeenCalledOnce();
	expect(await persist(storage({ persist: fails }))).toBe(false);
	expect(await persist({} as StorageManager)).toBe(false);
});
