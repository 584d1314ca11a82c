import { describe, expect, it } from 'vitest';
import { fileNameOf } from './download';
import { archiveProblemWords, fileProblemWords } from './importWords';

describe('file names', () => {
	it.each([
		['Spoil-heap green', 'spoil-heap-green'],
		['  Nº 3 / “Kiln”  ', 'n-3-kiln'],
		['../../etc', 'etc'],
		['№', 'green']
	])('%j becomes %s', (name, file) => {
		expect(fileNameOf(name)).toBe(file);
	});
});

describe('what an import says', () => {
	it('names file, line and column, and that nothing was changed', () => {
		expect(fileProblemWords('a.csv', { line: 3, column: 2, message: 'up_m is empty' })).toBe(
			'a.csv, line 3, column 2: up_m is empty. Nothing was changed.'
		);
	});

	it('names the first few things wrong in an archive and counts the rest', () => {
		const words = archiveProblemWords('b.json', ['one', 'two', 'three', 'four', 'five']);
		expect(words).toBe(
			'b.json was not imported. one; two; three; and 2 more. Nothing was changed.'
		);
		expect(archiveProblemWords('b.json', ['one'])).not.toContain('more');
	});
});
