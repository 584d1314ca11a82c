import { mergeLists } from './mergeLists';

/** Longer lists are one value: they are measured or read from a file, not edited item by item. */
const MOST_ITEMS = 20_000;

/** A part that two sides changed differently; the side that is put over the other is `mine`. */
export interface Clash {
	/** Keys from the top of the record. */
	path: string[];
	mine: unknown;
	theirs: unknown;
}

export interface Merged<T> {
	merged: T;
	clashes: Clash[];
}

type Fields = Record<string, unknown>;

const isFields = (value: unknown): value is Fields =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

/** Whether plain data says the same. */
export function sameData(a: unknown, b: unknown): boolean {
	if (a === b) return true;
	if (Array.isArray(a) && Array.isArray(b))
		return a.length === b.length && a.every((item, i) => sameData(item, b[i]));
	if (!isFields(a) || !isFields(b)) return false;
	const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
	return [...keys].every((key) => sameData(a[key], b[key]));
}

/** Whether a value is one place on a map or a line: changed as one, never by halves. */
const isPlace = (value: unknown): boolean =>
	Array.isArray(value) &&
	(value.length === 2 || value.length === 3) &&
	value.every((part) => typeof part === 'number');

/** Whether a value is a list that is put together item by item. */
const isList = (value: unknown): value is unknown[] =>
	Array.isArray(value) && value.length <= MOST_ITEMS;

function mergeFields(
	base: Fields,
	mine: Fields,
	theirs: Fields,
	path: string[],
	clashes: Clash[]
): Fields {
	const merged: Fields = {};
	for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
		const value = mergeValues(base[key], mine[key], theirs[key], [...path, key], clashes);
		if (value !== undefined) merged[key] = value;
	}
	return merged;
}

function mergeValues(
	base: unknown,
	mine: unknown,
	theirs: unknown,
	path: string[],
	clashes: Clash[]
): unknown {
	if (sameData(base, theirs)) return mine;
	if (sameData(base, mine) || sameData(mine, theirs)) return theirs;
	if (isFields(base) && isFields(mine) && isFields(theirs))
		return mergeFields(base, mine, theirs, path, clashes);
	if (isList(base) && isList(mine) && isList(theirs) && ![base, mine, theirs].every(isPlace))
		return mergeLists(base, mine, theirs, (parts) =>
			mergeValues(parts.base, parts.mine, parts.theirs, [...path, parts.at], clashes)
		);
	clashes.push({ path, mine, theirs });
	return mine === undefined ? theirs : mine;
}

/**
 * Puts two changes of one record together: each side's changes against what both began with. Where both changed the same part, mine is
 * taken and the clash is told. An item that one side removed and the other changed stays. Lists keep their order: see `mergeLists`.
 *
 * @param base what both sides began with; plain data, like the others
 */
export function mergeThree<T extends object>(base: T, mine: T, theirs: T): Merged<T> {
	const clashes: Clash[] = [];
	const merged = mergeValues(base, mine, theirs, [], clashes) as T;
	return { merged, clashes };
}

/** What a key of a path leads to in a list: an index, or the item of that id. */
const indexIn = (list: readonly unknown[], key: string): number =>
	/^\d+$/.test(key) ? Number(key) : list.findIndex((item) => isFields(item) && item.id === key);

const stepInto = (at: unknown, key: string): unknown =>
	Array.isArray(at) ? (at as unknown[])[indexIn(at, key)] : (at as Fields | undefined)?.[key];

/** Puts a value at a place of a record, or takes it out where the value is undefined; for a place that is gone, does nothing. */
export function putAt(record: object, path: readonly string[], value: unknown): void {
	const holder = path.slice(0, -1).reduce<unknown>(stepInto, record);
	const last = path.at(-1);
	if (typeof holder !== 'object' || holder === null || last === undefined) return;
	if (Array.isArray(holder)) {
		const at = indexIn(holder, last);
		if (value === undefined) holder.splice(at, at < 0 ? 0 : 1);
		else if (at < 0) holder.push(value);
		else holder[at] = value;
	} else if (value === undefined) delete (holder as Fields)[last];
	else (holder as Fields)[last] = value;
}
