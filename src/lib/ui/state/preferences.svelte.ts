import { FIRST_PREFERENCES, type Preferences } from '$lib/io/rows/preferences';
import { followLater } from '$lib/store/followLater';

const settings = () => import('$lib/store/settings');

/** The look of this browser, and whether its store answers. */
class PreferencesState {
	current = $state<Preferences>(FIRST_PREFERENCES);
	/** Why the store does not answer; empty while it does. */
	storeFailure = $state('');

	/** Follows the store, other tabs included; returns what stops it. */
	follow(): () => void {
		return followLater(
			async () => (await settings()).readPreferences,
			(preferences) => {
				this.current = preferences;
				document.documentElement.dataset.theme = preferences.theme;
			},
			(error) => this.storeFailed(error)
		);
	}

	change(change: Partial<Preferences>): void {
		this.current = { ...this.current, ...change };
		document.documentElement.dataset.theme = this.current.theme;
		const kept = $state.snapshot(this.current);
		settings()
			.then(({ writePreferences }) => writePreferences(kept))
			.catch((error: unknown) => this.storeFailed(error));
	}

	/** Takes note that the store cannot be read or written. */
	storeFailed(error: unknown): void {
		this.storeFailure = error instanceof Error ? error.message : String(error);
	}
}

export const preferences = new PreferencesState();
