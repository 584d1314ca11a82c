import { createKeybindingsHandler } from 'tinykeys';
import { preferences } from '$lib/ui/state/preferences.svelte';

/** One shortcut: keys in the notation of the key library, how they are written for people, and what they do. */
export interface Shortcut {
	keys: readonly string[];
	/** As a person reads it. */
	shown: string;
	does: string;
	/** Works while something is typed too, since it takes nothing from what is typed. */
	whileTyping?: boolean;
	run: (event: KeyboardEvent) => void;
}

/** Shortcuts of one view, under its heading in the list of keys. */
export interface ShortcutGroup {
	heading: string;
	shortcuts: readonly Shortcut[];
}

const TYPING = 'input:not([type="checkbox"], [type="radio"], [type="range"]), select, textarea';

/** Where a key belongs to something else: text under the cursor, an open dialog, an open menu. */
const isTaken = ({ target }: KeyboardEvent): boolean =>
	(target instanceof Element && target.closest(`${TYPING}, [role="dialog"]`) !== null) ||
	document.querySelector(':popover-open') !== null;

/** Whether a key is a single letter, figure or sign, which a reader of screens or a slip of the hand can press unmeant, and turned off. */
const isOff = (key: string): boolean => /^.$/u.test(key) && !preferences.current.singleKeys;

/** Every shortcut that works at the moment: views add theirs while they are on the screen. The list of keys is made of it. */
class Shortcuts {
	groups = $state.raw<readonly ShortcutGroup[]>([]);

	/**
	 * Listens to a group's keys; what is typed into a field or a dialog stays there.
	 *
	 * @returns what takes the group away again
	 */
	use(group: ShortcutGroup): () => void {
		const bindings = group.shortcuts.flatMap(({ keys, run, whileTyping }) =>
			keys.map((key): [string, (event: KeyboardEvent) => void] => [
				key,
				(event) => {
					if (!whileTyping && (isTaken(event) || isOff(key))) return;
					event.preventDefault();
					run(event);
				}
			])
		);
		const listener = createKeybindingsHandler(Object.fromEntries(bindings));
		this.groups = [...this.groups, group];
		window.addEventListener('keydown', listener);
		return () => {
			window.removeEventListener('keydown', listener);
			this.groups = this.groups.filter((other) => other !== group);
		};
	}
}

export const shortcuts = new Shortcuts();

/** Undo and redo of a bench. */
export const historyShortcuts = (bench: { undo(): void; redo(): void }): Shortcut[] => [
	{ keys: ['$mod+z'], shown: 'Ctrl + Z', does: 'Undo', run: () => bench.undo() },
	{
		keys: ['$mod+Shift+Z', '$mod+y'],
		shown: 'Ctrl + Shift + Z',
		does: 'Redo',
		run: () => bench.redo()
	}
];
