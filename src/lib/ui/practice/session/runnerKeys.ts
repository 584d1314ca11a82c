import { STRIKE_TAGS, type StrikeTag } from '$lib/core/practice/practised';
import { TAG_WORDS } from '$lib/io/words/practice';
import type { Shortcut } from '$lib/ui/shell/shortcuts.svelte';

/** What the keys of a running session do. */
export interface KeyedSession {
	undo(): void;
	nextPupil(): void;
	tag(tag: StrikeTag): void;
}

/** Keys of a running session: take back, next pupil, and a figure for each thing that is said of a strike, from 1 on as they stand. */
export const runnerKeys = (session: KeyedSession): Shortcut[] => [
	{
		keys: ['$mod+z', 'Backspace'],
		shown: 'Ctrl + Z',
		does: 'Take the last ball back',
		run: () => session.undo()
	},
	{ keys: ['n'], shown: 'N', does: 'Next pupil', run: () => session.nextPupil() },
	...STRIKE_TAGS.map((tag, i) => ({
		keys: [String(i + 1)],
		shown: String(i + 1),
		does: `Say it was ${TAG_WORDS[tag].toLowerCase()}`,
		run: () => session.tag(tag)
	}))
];
