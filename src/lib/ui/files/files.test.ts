import { describe, expect, it } from 'vitest';
import { fileNameOf } from './download';
import { archiveProblemWords, exportedWords, fileProblemWords, gridReadWords } from './importWords';

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

	it('says what a grid needed', () => {
		const grid = { originU: 0, originV: 0, cell: 1, columns: 4, rows: 5, heights: [] };
		const words = gridReadWords({ grid, misread: 2, moved: true, lowered: 431 });
		expect(words).toMatch(/^Read 4 × 5 heights\. It uses map coordinates/);
		expect(words).toContain('431 m were taken off');
		expect(words).toContain('2 heights stand far off all others and were left out');
		expect(gridReadWords({ grid, misread: 0, moved: false, lowered: 0 })).toBe(
			'Read 4 × 5 heights.'
		);
	});

	it('names the first few things wrong in an archive and counts the rest', () => {
		const words = archiveProblemWords('b.json', ['one', 'two', 'three', 'four', 'five']);
		expect(words).toBe(
			'b.json was not imported. one; two; three; and 2 more. Nothing was changed.'
		);
		expect(archiveProblemWords('b.json', ['one'])).not.toContain('more');
	});

	it('says what went into an archive, and what could not be read', () => {
		const counts = {
			pupils: 1,
			clubs: 14,
			balls: 90,
			sessions: 3,
			drills: 0,
			homework: 0,
			rounds: 0,
			series: 0,
			lessons: 0,
			lessonPlans: 0,
			packages: 0,
			reads: 0,
			glances: 0,
			exams: 0,
			plays: 0,
			shots: 2,
			greens: 0,
			readings: 1,
			unreadable: 0
		};
		expect(exportedWords(counts)).toBe('Saved: 1 pupil, 2 shots, 0 greens, 1 reading, 3 sessions.');
		expect(exportedWords({ ...counts, unreadable: 2 })).toContain(
			'2 rows that cannot be read, as they are.'
		);
	});
});
