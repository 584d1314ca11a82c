import { fieldWords } from '$lib/io/words/field';
import type { Clash } from '$lib/store/base/merge';

/** Letters of a text that are shown of it. */
const SHOWN = 60;

function valueWords(value: unknown): string {
	if (typeof value === 'number') return ` to ${Number(value.toFixed(2))}`;
	if (typeof value === 'boolean') return ` to ${value ? 'yes' : 'no'}`;
	if (typeof value !== 'string') return '';
	return ` to “${value.length > SHOWN ? `${value.slice(0, SHOWN).trimEnd()} …` : value}”`;
}

/** What another tab had changed, and to what where that can be said in a word. */
export const clashWords = ({ path, theirs }: Pick<Clash, 'path' | 'theirs'>): string =>
	`${fieldWords(path)}${valueWords(theirs)}`;
