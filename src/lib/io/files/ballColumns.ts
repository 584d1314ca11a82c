import type { DateOrder } from './fileDates';

/** What a column of a foreign file may hold. */
export const BALL_FIELDS = [
	'club',
	'carry',
	'side',
	'stopped',
	'roll',
	'stoppedSide',
	'swing',
	'swingFrom',
	'flight',
	'at',
	'tags',
	'shape',
	'lie',
	'meant',
	'touchError',
	'strokes',
	'inferred',
	'counts',
	'spread',
	'n'
] as const;
export type BallField = (typeof BALL_FIELDS)[number];

export type FileUnit = 'metres' | 'yards' | 'feet';
/** Which column holds what, and in which unit lengths are. */
export interface BallColumns {
	columns: Partial<Record<BallField, string>>;
	unit: FileUnit;
	/** Which comes first in dates that are written in figures; left out, the column itself tells. */
	dates?: DateOrder | undefined;
}
