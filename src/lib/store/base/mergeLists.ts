import { diffIndices } from 'node-diff3';
import { contentKey } from '$lib/core/math/contentKey';

/** An item as three lists have it, and where it stands in what comes of them. */
export interface Parts {
	base: unknown;
	mine: unknown;
	theirs: unknown;
	/** Its id, or its index. */
	at: string;
}
/** What comes of an item that both lists may have changed; undefined takes it out. */
type MergeItem = (parts: Parts) => unknown;

const idOf = (item: unknown): string | null =>
	typeof item === 'object' && item !== null && 'id' in item && typeof item.id === 'string'
		? item.id
		: null;

/** A list by keys of which each stands once. */
interface Keyed {
	keys: readonly string[];
	values: ReadonlyMap<string, unknown>;
}

/** By id, or by what an item says; of those that say the same, by which of them it is. */
function keyed(list: readonly unknown[], byId: boolean): Keyed {
	const seen = new Map<string, number>();
	const keys = list.map((item) => {
		const said = byId ? idOf(item)! : contentKey(item);
		const times = seen.get(said) ?? 0;
		seen.set(said, times + 1);
		return times === 0 ? said : `${said} ${times}`;
	});
	return { keys, values: new Map(keys.map((key, i) => [key, list[i]])) };
}

/** What one side did to a list. */
interface Script {
	/** What stands at an index of the base: the item itself, another in its place, or nothing. */
	stays: (string | null)[];
	/** What is put in before an index of the base; the last one is its end. */
	inserts: string[][];
	/** Everything that was put in. */
	placed: ReadonlySet<string>;
	/** Everything that stands in the place of something else. */
	changed: ReadonlySet<string>;
}

/**
 * How one list came of another.
 *
 * @param inPlace whether something new where something else was is that, changed
 */
function scriptOf(base: Keyed, side: Keyed, inPlace: boolean): Script {
	const stays: (string | null)[] = [...base.keys];
	const inserts: string[][] = Array.from({ length: base.keys.length + 1 }, () => []);
	for (const { buffer1, buffer2 } of differences(base.keys, side.keys)) {
		const [from, removed] = buffer1;
		const [to, put] = buffer2;
		for (let k = 0; k < Math.max(removed, put); k++) {
			const [old, now] = [base.keys[from + k], side.keys[to + k]];
			const changed =
				inPlace && k < removed && k < put && !base.values.has(now!) && !side.values.has(old!);
			if (k < removed) stays[from + k] = changed ? now! : null;
			if (k < put && !changed) inserts[from + Math.min(k, removed)]!.push(now!);
		}
	}
	const changed = stays.filter((key): key is string => key !== null && !base.values.has(key));
	return { stays, inserts, placed: new Set(inserts.flat()), changed: new Set(changed) };
}

/** Where two lists differ, without the ends that they have in common. */
function differences(base: readonly string[], side: readonly string[]) {
	const most = Math.min(base.length, side.length);
	let head = 0;
	while (head < most && base[head] === side[head]) head++;
	let tail = 0;
	while (tail < most - head && base.at(-1 - tail) === side.at(-1 - tail)) tail++;
	const middle = (list: readonly string[]) => list.slice(head, list.length - tail);
	const from = ([start, length]: [number, number]): [number, number] => [start + head, length];
	return diffIndices(middle(base), middle(side)).map(({ buffer1, buffer2 }) => ({
		buffer1: from(buffer1),
		buffer2: from(buffer2)
	}));
}

/**
 * Puts two changes of one list together as changes of a sequence: what either put in is in, once and where it was put; what either took
 * out is out, unless the other changed it; what either moved stands where it was moved to, where both did at mine; everything else keeps
 * its order.
 *
 * @param base what both began with
 * @param mergeItem of an item that both have, or that one removed and the other changed
 */
export function mergeLists(
	base: readonly unknown[],
	mine: readonly unknown[],
	theirs: readonly unknown[],
	mergeItem: MergeItem
): unknown[] {
	const byId =
		base.length + mine.length + theirs.length > 0 &&
		[base, mine, theirs].every((list) => list.every((item) => idOf(item) !== null));
	const [b, m, t] = [keyed(base, byId), keyed(mine, byId), keyed(theirs, byId)];
	const [ours, others] = [scriptOf(b, m, !byId), scriptOf(b, t, !byId)];
	const merged: unknown[] = [];
	const put = (parts: Omit<Parts, 'at'>, id: string) => {
		const value = mergeItem({ ...parts, at: byId ? id : String(merged.length) });
		if (value !== undefined) merged.push(value);
	};
	/** An item of the base as a side has it now; undefined where it took it out. */
	const now = (script: Script, side: Keyed, i: number): unknown => {
		const key = script.stays[i] ?? null;
		const stands = key === null && script.placed.has(b.keys[i]!) ? b.keys[i]! : key;
		return stands === null ? undefined : side.values.get(stands);
	};
	const indexOf = new Map(b.keys.map((key, i) => [key, i]));
	const settle = (key: string) => {
		const i = indexOf.get(key);
		if (i === undefined)
			put({ base: undefined, mine: m.values.get(key), theirs: t.values.get(key) }, key);
		else put({ base: b.values.get(key), mine: now(ours, m, i), theirs: now(others, t, i) }, key);
	};
	for (let i = 0; i <= b.keys.length; i++) {
		for (const key of ours.inserts[i]!) if (!others.changed.has(key)) settle(key);
		for (const key of others.inserts[i]!)
			if (!ours.placed.has(key) && !ours.changed.has(key)) settle(key);
		const key = b.keys[i];
		// What was moved stands where it was moved to.
		if (key !== undefined && !ours.placed.has(key) && !others.placed.has(key)) settle(key);
	}
	return merged;
}
