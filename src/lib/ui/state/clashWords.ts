import { fieldWords } from '$lib/io/words/field';
import type { Clash } from '$lib/store/base/merge';

function valueWords(value: unknown): string {
	if (typeof value === 'number') return ` to ${Number(value.toFixed(2))}`;
	return typeof value === 'string' || typeof value === 'boolean' ? ` to ${value}` : '';
}

/** What another tab had changed, and to what where that can be said in a word. */
export const clashWords = ({ path, theirs }: Pick<Clash, 'path' | 'theirs'>): string =>
	`${fieldWords(path)}${valueWords(theirs)}`;
