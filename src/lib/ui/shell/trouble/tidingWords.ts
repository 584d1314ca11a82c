import type { Tiding } from '$lib/store/base/tidings';

const records = (count: number): string => `${count} ${count === 1 ? 'record' : 'records'}`;
const changes = (count: number): string => `${count} ${count === 1 ? 'change' : 'changes'}`;

/** What the store has to say by itself, as a sentence. */
export function tidingWords(tiding: Tiding): string {
	switch (tiding.kind) {
		case 'redated':
			return `${records(tiding.rows)} had a date far ahead of this device’s clock, or none: dated anew, else as they were.`;
		case 'unwritten':
			return `${changes(tiding.notes)} from when a page was left cannot be written yet: noted in this browser, and tried again.`;
		case 'overtaken':
			return `${changes(tiding.parts)} from when a page was left met a later one of the same part, which counts.`;
		case 'setAside':
			return `A shot from when a page was left stands among the saved ones as “${tiding.name}”.`;
		case 'notKept':
			return tiding.noted
				? `Your last change could not be kept: it is noted in this browser and tried again. ${tiding.why}`
				: `Your last change could not be kept, nor noted: leave this tab open, it goes on trying. ${tiding.why}`;
	}
}
