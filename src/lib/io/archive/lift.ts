import * as z from 'zod/mini';
import { archiveVersion1 } from './version1';
import { liftShotRowTo2 } from './liftTo2';
import { stampRow, takePupilsOut } from './liftTo3';
import { archiveVersion2 } from './version2';
import { archiveVersion3 } from './version3';
import { archiveVersion4 } from './version4';
import { archiveVersion5 } from './version5';

/** One version of the archive: its frozen schema, and the pure step that makes the next version's content of it. */
interface Version {
	schema: z.ZodMiniType;
	/** Null for the present version. */
	lift: ((content: never) => unknown) | null;
}

const liftArchiveTo2 = (content: z.output<typeof archiveVersion1>): unknown => ({
	...content,
	version: 2,
	shots: content.shots.map(liftShotRowTo2)
});

function liftArchiveTo3(content: z.output<typeof archiveVersion2>): unknown {
	const { preferences } = content;
	return {
		...content,
		version: 3,
		...takePupilsOut(content.shots, [], preferences),
		greens: content.greens.map(stampRow),
		readings: content.readings.map(stampRow)
	};
}

/** Version 4 adds tables and fields that may be missing: everything else stays as it was. */
const liftArchiveTo4 = (content: z.output<typeof archiveVersion3>): unknown => ({
	...content,
	version: 4
});

/** Version 5 knows green speeds of timed putts, and whether the call is said aloud: everything else stays as it was. */
const liftArchiveTo5 = (content: z.output<typeof archiveVersion4>): unknown => ({
	...content,
	version: 5,
	preferences: content.preferences && { ...content.preferences, aloud: false }
});

/** Every version there has been, oldest first; the first is version 1. */
export const VERSIONS: readonly Version[] = [
	{ schema: archiveVersion1, lift: liftArchiveTo2 },
	{ schema: archiveVersion2, lift: liftArchiveTo3 },
	{ schema: archiveVersion3, lift: liftArchiveTo4 },
	{ schema: archiveVersion4, lift: liftArchiveTo5 },
	{ schema: archiveVersion5, lift: null }
];
export const PRESENT_VERSION = VERSIONS.length;
