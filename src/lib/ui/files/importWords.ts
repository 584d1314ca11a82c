import { soMany } from '$lib/io/words/say';
import { KIND } from '$lib/io/words/kind';
import type { FileProblem } from '$lib/io/files/esriGrid';
import type { CaredGrid } from '$lib/io/work/gridCare';
import type { SavedArchive } from '$lib/workers/fileProtocol';

const MOST_PROBLEMS = 3;
/** What a person asks after first; the rest belongs to these. */
const SAID = ['pupils', 'shots', 'greens', 'readings', 'sessions'] as const;

/** What is wrong in a file and where, and that nothing was changed. */
export const fileProblemWords = (name: string, { line, column, message }: FileProblem): string =>
	`${name}, line ${line}, column ${column}: ${message}. Nothing was changed.`;

/** The first few things that are wrong in an archive. */
export function archiveProblemWords(name: string, problems: readonly string[]): string {
	const more = problems.length - MOST_PROBLEMS;
	const shown = problems.slice(0, MOST_PROBLEMS).join('; ');
	return `${name} was not imported. ${shown}${more > 0 ? `; and ${more} more` : ''}. Nothing was changed.`;
}

/** What went into an archive. */
export function exportedWords(counts: SavedArchive['counts']): string {
	const parts = [
		...SAID.map((table) => soMany(counts[table], KIND[table].one, KIND[table].many)),
		...(counts.unreadable > 0
			? [`${soMany(counts.unreadable, 'row', 'rows')} that cannot be read, as they are`]
			: [])
	];
	return `Saved: ${parts.join(', ')}.`;
}

/** What reading a grid did to it. */
export function gridReadWords({ grid, misread, moved, lowered }: CaredGrid): string {
	const notes = [
		moved ? 'It uses map coordinates and was moved so that its middle is the green’s.' : '',
		lowered === 0 ? '' : `Its heights count from sea level; ${lowered} m were taken off.`,
		misread === 0
			? ''
			: `${soMany(misread, 'height stands', 'heights stand')} far off all others and ${misread === 1 ? 'was' : 'were'} left out as misread.`
	].filter(Boolean);
	return [`Read ${grid.columns} × ${grid.rows} heights.`, ...notes].join(' ');
}

/** What undoing an import did; rows that were changed after it stay. */
export const undoneWords = (left: number): string =>
	left === 0
		? 'The import is undone.'
		: `The import is undone, but for ${soMany(left, 'row that was changed', 'rows that were changed')} since.`;
