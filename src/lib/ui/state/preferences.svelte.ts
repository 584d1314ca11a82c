import {
	preferencesSchema,
	watchPreferences,
	writePreferences,
	type Preferences
} from '$lib/store/settings';
import type { Say } from '$lib/io/words/say';
import { formatLength, lengthStyle, type LengthStyle } from '$lib/ui/format/lengths';

/** Units, pace and theme of this browser. */
class PreferencesState {
	current = $state<Preferences>(preferencesSchema.parse({}));

	get style(): LengthStyle {
		return lengthStyle(this.current.units, this.current.paceLength);
	}

	/** Formats for sentences in the chosen unit. */
	get say(): Say {
		const { style } = this;
		return {
			length: (metres) => formatLength(metres, style),
			percent: (ratio) => `${Math.round(ratio * 100)} %`
		};
	}

	/** Follows the store, other tabs included; returns what stops it. */
	follow(): () => void {
		const subscription = watchPreferences().subscribe((preferences) => {
			this.current = preferences;
			document.documentElement.dataset.theme = preferences.theme;
		});
		return () => subscription.unsubscribe();
	}

	change(change: Partial<Preferences>): void {
		this.current = { ...this.current, ...change };
		document.documentElement.dataset.theme = this.current.theme;
		void writePreferences($state.snapshot(this.current));
	}
}

export const preferences = new PreferencesState();
