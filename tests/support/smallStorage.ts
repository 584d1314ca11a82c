/** A browser's synchronous store that holds a bounded number of characters. */
export class SmallStorage {
	[name: string]: unknown;
	setItem(name: string, text: string): void {
		if (text.length > 20_000) throw new Error('no room');
		this[name] = text;
	}
	getItem(name: string): string | null {
		return (this[name] as string | undefined) ?? null;
	}
	removeItem(name: string): void {
		delete this[name];
	}
}
