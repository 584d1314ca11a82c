import * as z from 'zod/mini';
import { archiveVersion1 } from './version1';

/** One version of the archive: its schema, and the pure step that makes the next version's content of it. */
export interface Version {
	schema: z.ZodMiniType;
	/** Null for the present version. */
	lift: ((content: never) => unknown) | null;
}

/** Every version there has been, oldest first; the first is version 1. */
export const VERSIONS: readonly Version[] = [{ schema: archiveVersion1, lift: null }];
export const PRESENT_VERSION = VERSIONS.length;

/**
 * Checks a file by its own version's schema and lifts it step by step to the newest.
 *
 * @param version of the file, 1 and up
 * @param versions every version there has been
 * @returns the newest version's content, or what was wrong with the file and at which stage of it
 */
export function lifted(
	content: unknown,
	version: number,
	versions: readonly Version[] = VERSIONS
): { content: unknown } | { error: z.core.$ZodError; content: unknown } {
	let present = content;
	for (const { schema, lift } of versions.slice(version - 1)) {
		const parsed = schema.safeParse(present);
		if (!parsed.success) return { error: parsed.error, content: present };
		present = lift ? lift(parsed.data as never) : parsed.data;
	}
	return { content: present };
}
