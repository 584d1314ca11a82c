import { fieldWords } from '$lib/io/words/field';
import type { Clash } from '$lib/store/base/merge';

/** Letters of a text that are shown of it. */
const SHOWN = 60;

/** One of a few choices, as it is kept. */
const CHOICE = /^[a-z]+(?:-[a-z]+|[A-Z][a-z]+)*$/;
/** What is no word to anybody: which record is meant, and when. */
const NO_WORD = /(?:Id|At)$/;

const choiceWords = (kept: string): string =>
	kept.replaceAll('-', ' ').replaceAll(/[A-Z]/g, (capital) => ` ${capital.toLowerCase()}`);

function valueWords(path: readonly string[], value: unknown): string {
	if (NO_WORD.test(path.at(-1) ?? '')) return '';
	if (typeof value === 'number') return ` to ${Number(value.toFixed(2))}`;
	if (typeof value === 'boolean') return ` to ${value ? 'yes' : 'no'}`;
	if (typeof value !== 'string') return '';
	if (CHOICE.test(value)) return ` to “${choiceWords(value)}”`;
	return ` to “${value.length > SHOWN ? `${value.slice(0, SHOWN).trimEnd()} …` : value}”`;
}

type Row = { id?: unknown; name?: unknown };

/** A path with what is called something by its name instead of its id. */
function namedPath(path: readonly string[], within: unknown): string[] {
	let at = within;
	return path.map((part) => {
		const row = Array.isArray(at) ? (at as Row[]).find(({ id }) => id === part) : undefined;
		at = row ?? (at as Record<string, unknown> | null | undefined)?.[part];
		return typeof row?.name === 'string' ? row.name : part;
	});
}

/**
 * What another tab had changed, and to what where that can be said in a word.
 *
 * @param within what is under work here: its rows are called by their names
 */
export const clashWords = (
	{ path, theirs }: Pick<Clash, 'path' | 'theirs'>,
	within: unknown = null
): string => `${fieldWords(namedPath(path, within))}${valueWords(path, theirs)}`;
