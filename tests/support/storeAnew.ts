import 'fake-indexeddb/auto';
import { afterAll, beforeAll, vi } from 'vitest';
import { database } from '$lib/store/base/database';
import { hearTidings } from '$lib/store/base/tidings';

/** Files that share their modules begin with an empty store of which nothing is left to say, and leave neither a clock nor a stand-in to the next. */
beforeAll(async () => {
	await database.delete();
	await database.open();
	hearTidings(() => {})();
});
afterAll(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
	vi.restoreAllMocks();
});
