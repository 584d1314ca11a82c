import type { Stamp } from '$lib/io/fields/stamp';
import { sameData } from './merge';

/** Of fields that came of an older row than the rest: since when they stand. */
export interface Since {
	since?: Readonly<Record<string, Stamp>>;
}
type Fields = Readonly<Record<string, unknown>>;

/**
 * A field of a row, by name.
 *
 * @param row plain data
 */
export const fieldOf = (row: object, field: string): unknown => (row as Fields)[field];

/** What a row says of since when its fields stand; nothing where all are as old as the row. */
export const sinceOf = ({ since }: Since): Since =>
	since && Object.keys(since).length > 0 ? { since } : {};

/** The same once a row is changed: a field that this changes stands from now on. */
export const stillSince = (before: Since, now: object): Since =>
	sinceOf({
		since: Object.fromEntries(
			Object.entries(before.since ?? {}).filter(([field]) =>
				sameData(fieldOf(before, field), fieldOf(now, field))
			)
		)
	});

/** A row without some of its fields. */
export const without = <T extends object>(row: T, fields: readonly string[]): T =>
	fields.length === 0
		? row
		: (Object.fromEntries(Object.entries(row).filter(([key]) => !fields.includes(key))) as T);
