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

const idsOf = (list: readonly unknown[]): string[] | null => {
	const ids = list.map((item) => (isFields(item) && typeof item.id === 'string' ? item.id : null));
	return ids.every((id) => id !== null) ? ids : null;
};

const byId = (list: readonly unknown[]): Fields =>
	Object.fromEntries((list as { id: string }[]).map((item) => [item.id, item]));

/** Lists whose items have ids: item by item, in the order of mine, with what is new of theirs at the end. */
function mergeById(
	base: readonly unknown[],
	mine: readonly unknown[],
	theirs: readonly unknown[],
	path: string[],
	clashes: Clash[]
): unknown[] {
	const fields = mergeFields(byId(base), byId(mine), byId(theirs), path, clashes);
	const order = [...new Set([...idsOf(mine)!, ...idsOf(theirs)!])];
	return order.flatMap((id) => (id in fields ? [fields[id]] : []));
}

/** Lists without ids and of different lengths: what either took out is out, what either put in is in. */
function mergeItems(
	base: readonly unknown[],
	mine: readonly unknown[],
	theirs: readonly unknown[]
): unknown[] {
	const without = (list: readonly unknown[], taken: readonly unknown[]) => {
		const left = [...taken];
		return list.filter((item) => {
			const at = left.findIndex((other) => sameData(other, item));
			if (at >= 0) left.splice(at, 1);
			return at < 0;
		});
	};
	return [...without(mine, without(base, theirs)), ...without(theirs, base)];
}

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
	if (Array.isArray(base) && Array.isArray(mine) && Array.isArray(theirs)) {
		if (idsOf(base) && idsOf(mine) && idsOf(theirs) && base.length > 0)
			return mergeById(base, mine, theirs, path, clashes);
		if (base.length !== mine.length || base.length !== theirs.length)
			return mergeItems(base, mine, theirs);
		return mine.map((item: unknown, i) =>
			mergeValues(base[i], item, theirs[i], [...path, String(i)], clashes)
		);
	}
	clashes.push({ path, mine, theirs });
	return mine === undefined ? theirs : mine;
}

/**
 * Puts two changes of one record together: each side's changes against what both began with. Where both changed the same part, mine is
 * taken and the clash is told. An item that one side removed and the other changed stays.
 *
 * @param base what both sides began with; plain data, like the others
 */
export function mergeThree<T extends object>(base: T, mine: T, theirs: T): Merged<T> {
	const clashes: Clash[] = [];
	const merged = mergeValues(base, mine, theirs, [], clashes) as T;
	return { merged, clashes };
}

/** Puts a value at a place of a record, or takes it out where the value is undefined; for a place that is gone, does nothing. */
export function putAt(record: object, path: readonly string[], value: unknown): void {
	const holder = path
		.slice(0, -1)
		.reduce<unknown>((at, key) => (at as Fields | undefined)?.[key], record);
	const last = path.at(-1);
	if (typeof holder !== 'object' || holder === null || last === undefined) return;
	if (value === undefined) delete (holder as Fields)[last];
	else (holder as Fields)[last] = value;
}
