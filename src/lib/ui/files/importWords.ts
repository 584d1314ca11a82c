import type { FileProblem } from '$lib/io/esriGrid';

const MOST_PROBLEMS = 3;

/** What is wrong in a file and where, and that nothing was changed. */
export const fileProblemWords = (name: string, { line, column, message }: FileProblem): string =>
	`${name}, line ${line}, column ${column}: ${message}. Nothing was changed.`;

/** The first few things that are wrong in an archive. */
export function archiveProblemWords(name: string, problems: readonly string[]): string {
	const more = problems.length - MOST_PROBLEMS;
	const shown = problems.slice(0, MOST_PROBLEMS).join('; ');
	return `${name} was not imported. ${shown}${more > 0 ? `; and ${more} more` : ''}. Nothing was changed.`;
}
