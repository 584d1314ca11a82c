import { FIRST_PREFERENCES, type Preferences } from '$lib/io/rows/preferences';
import { followLater } from '$lib/store/base/followLater';

const settings = () => import('$lib/store/shelves/settings');

/** What a system can wish for, as the browser is asked. */
const WISHES = { contrast: '(prefers-contrast: more)', dark: '(prefers-color-scheme: dark)' };

/** The look that the system's own settings ask for. */
function wishedLook(): 'paper' | 'slate' | 'sunlight' {
	if (matchMedia(WISHES.contrast).matches) return 'sunlight';
	return matchMedia(WISHES.dark).matches ? 'slate' : 'paper';
}

/** The look of this browser, and whether its store answers. */
class PreferencesState {
	current = $state<Preferences>(FIRST_PREFERENCES);
	/** Why the store does not answer; empty while it does. */
	storeFailure = $state('');

	/** Follows the store, other tabs included; returns what stops it. */
	follow(): () => void {
		const show = () => this.#show();
		for (const wish of Object.values(WISHES)) matchMedia(wish).addEventListener('change', show);
		show();
		const stop = followLater(
			async () => (await settings()).readPreferences,
			(preferences) => {
				this.current = preferences;
				this.#show();
			},
			(error) => this.storeFailed(error)
		);
		return () => {
			stop();
			for (const wish of Object.values(WISHES))
				matchMedia(wish).removeEventListener('change', show);
		};
	}

	change(change: Partial<Preferences>): void {
		this.current = { ...this.current, ...change };
		this.#show();
		const kept = $state.snapshot(this.current);
		settings()
			.then(({ writePreferences }) => writePreferences(kept))
			.catch((error: unknown) => this.storeFailed(error));
	}

	/** Puts the look on the page. */
	#show(): void {
		const { theme } = this.current;
		document.documentElement.dataset.theme = theme === 'system' ? wishedLook() : theme;
	}

	/** Takes note that the store cannot be read or written. */
	storeFailed(error: unknown): void {
		void import('$lib/io/fields/reason').then(
			({ reasonOf }) => (this.storeFailure = reasonOf(error))
		);
	}
}

export const preferences = new PreferencesState();
