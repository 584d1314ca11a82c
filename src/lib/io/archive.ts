import { z } from 'zod';
import { issuesOf } from './contract/issues';
import { greenSchema } from './green';
import { readingSchema } from './reading';
import { savedShotSchema } from './savedShot';

const FORMAT = 'crisp-landing archive';

/** Everything a browser holds, as one file. */
export const archiveSchema = z.strictObject({
	format: z.literal(FORMAT, { error: `must be “${FORMAT}”` }),
	version: z.literal(1, { error: 'must be 1: this file was written by another version' }),
	exportedAt: z.iso.datetime(),
	shots: z.array(savedShotSchema).max(2000, 'must be at most 2000 shots').default([]),
	greens: z.array(greenSchema).max(200, 'must be at most 200 greens').default([]),
	readings: z.array(readingSchema).max(5000, 'must be at most 5000 readings').default([])
});

export type Archive = z.output<typeof archiveSchema>;

/** Largest file that is read. */
export const MOST_ARCHIVE_BYTES = 20 * 1024 * 1024;

/** Writes an archive. */
export const formatArchive = (content: Omit<Archive, 'format' | 'version'>): string =>
	`${JSON.stringify({ format: FORMAT, version: 1, ...content }, null, '\t')}\n`;

/** Reads an archive completely or not at all. */
export function parseArchive(text: string): { archive: Archive } | { problems: string[] } {
	let content: unknown;
	try {
		content = JSON.parse(text);
	} catch (error) {
		return { problems: [`The file is not JSON: ${error instanceof Error ? error.message : ''}`] };
	}
	const parsed = archiveSchema.safeParse(content);
	if (parsed.success) return { archive: parsed.data };
	return {
		problems: issuesOf(parsed.error).map(({ path, message }) => `${path || 'The file'}: ${message}`)
	};
}
