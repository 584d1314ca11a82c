import { soMany } from '$lib/io/words/say';
import type { Tiding } from '$lib/store/base/tidings';

const records = (count: number): string => soMany(count, 'record');
const changes = (count: number): string => soMany(count, 'change');

/** What the store has to say by itself, in the few words that the header has room for. */
export function tidingWords(tiding: Tiding): string {
	switch (tiding.kind) {
		case 'redated':
			return `${records(tiding.rows)} had a date that cannot be: dated anew.`;
		case 'unwritten':
			return `${changes(tiding.notes)} noted, but not written yet.`;
		case 'overtaken':
			return `${changes(tiding.parts)} noted earlier: a later one counts.`;
		case 'setAside':
			return `An older shot is saved as “${tiding.name}”.`;
		case 'notKept':
			return tiding.noted
				? `Last change noted, not kept yet; tried again. ${tiding.why}`
				: `Last change not kept: leave this tab open. ${tiding.why}`;
	}
}
