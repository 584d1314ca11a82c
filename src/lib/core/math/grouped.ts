/**
 * Items by what they share; keys in the order they are met, items of a key in theirs.
 *
 * @param items any number
 * @param keyOf what an item is grouped by
 */
export function grouped<Item, Key>(
	items: Iterable<Item>,
	keyOf: (item: Item) => Key
): Map<Key, Item[]> {
	const found = new Map<Key, Item[]>();
	for (const item of items) {
		const key = keyOf(item);
		const own = found.get(key);
		if (own) own.push(item);
		else found.set(key, [item]);
	}
	return found;
}
