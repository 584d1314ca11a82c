import Dexie from 'dexie';
import { expect, it } from 'vitest';
import { reasonOf } from './reason';

it.each([
	[
		new Dexie.MissingAPIError('IndexedDB API missing. Please visit https://example.org'),
		/keep nothing/
	],
	[new DOMException('The quota has been exceeded.', 'QuotaExceededError'), /disk is full/],
	[
		new Dexie.BulkError('t.bulkPut(): 1 of 1 operations failed. Errors: QuotaExceededError', []),
		/disk is full/
	],
	[new Dexie.VersionError('The requested version (10) is less than …'), /newer release/],
	[new Dexie.DatabaseClosedError('Database has been closed'), /reload the page/],
	[new DOMException('Internal error opening backing store', 'UnknownError'), /does not do/],
	[new Error('The green has no edge.'), /^The green has no edge\.$/],
	['odd', /^odd$/]
])('says why in words that are not a library’s (%#)', (error, words) => {
	expect(reasonOf(error)).toMatch(words);
	expect(reasonOf(error)).not.toContain('http');
});
