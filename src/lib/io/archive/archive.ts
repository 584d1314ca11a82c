import * as z from 'zod/mini';
import { issuesOf } from '../fields/issues';
import { notJsonWords, placeWords } from './placeWords';
import { lifted, PRESENT_VERSION } from './lift';
import type { ArchiveVersion1 } from './version1';

const FORMAT = 'crisp-landing archive';

export type Archive = ArchiveVersion1;
/** What is put into an archive. */
export type ArchiveContent = Omit<Archive, 'format' | 'version'>;

/** Longest file that is read: as long as a string can be, so that nothing is written that is not read. */
export const MOST_ARCHIVE_BYTES = 2 ** 29 - 24;

const headSchema = z.looseObject({
	format: z.literal(FORMAT, { error: `must be “${FORMAT}”` }),
	version: z
		.int({ error: 'must be a whole number' })
		.check(
			z.minimum(1, 'must be 1 or more'),
			z.maximum(
				PRESENT_VERSION,
				'is of a newer release than this one: update the app and read it again'
			)
		)
});

/** The head of a file of any version. */
export const formatOf = (version: number) => ({ format: FORMAT, version });

/** An archive of any version, not looked at yet. */
export type AnyArchive = Record<string, unknown>;

/** An archive of nothing, to put rows into. */
export const emptyArchive = (): ArchiveContent => ({
	exportedAt: new Date().toISOString(),
	pupils: [],
	clubs: [],
	balls: [],
	sessions: [],
	drills: [],
	homework: [],
	rounds: [],
	plays: [],
	series: [],
	lessons: [],
	lessonPlans: [],
	packages: [],
	reads: [],
	glances: [],
	exams: [],
	shots: [],
	greens: [],
	readings: [],
	preferences: null,
	deleted: [],
	unreadable: []
});

/** Writes an archive of the present version. */
export const formatArchive = (content: ArchiveContent): string =>
	`${JSON.stringify({ ...formatOf(PRESENT_VERSION), ...content }, null, '\t')}\n`;

const problemsOf = (error: z.core.$ZodError, content: unknown) => ({
	problems: issuesOf(error).map(({ path, message }) => `${placeWords(content, path)}: ${message}`)
});

/**
 * Reads an archive of any version, completely or not at all: its version is looked at, its own frozen schema checks it, and it is lifted
 * step by step to the present version.
 *
 * @returns the content, or everything that is wrong with the file
 */
export function parseArchive(text: string): { archive: Archive } | { problems: string[] } {
	let content: unknown;
	try {
		content = JSON.parse(text);
	} catch {
		return { problems: [notJsonWords(text)] };
	}
	const head = headSchema.safeParse(content);
	if (!head.success) return problemsOf(head.error, content);
	const found = lifted(content, head.data.version);
	if ('error' in found) return problemsOf(found.error, found.content);
	// The last schema of the chain is that of the present version.
	return { archive: found.content as Archive };
}
