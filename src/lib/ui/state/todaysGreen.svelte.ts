import type { LevelGreen } from '$lib/core/solve/levelScene';
import { fromFeet } from '$lib/core/units';
import type { ReadingWire } from '$lib/io/reading';
import { readingShelf } from '$lib/store/greens';
import { preferences } from './preferences.svelte';

type Read = Pick<ReadingWire, 'stimpFeet' | 'firmness' | 'wet'>;

/** What is taken for a green as long as none was read. */
const PLAIN: Read = { stimpFeet: 10, firmness: 'medium', wet: false };

/** The newest reading of any green, taken for level. */
export class TodaysGreen {
	/** Null until it has been looked for. */
	reading = $state.raw<Read | null>(null);

	readonly green: LevelGreen | null = $derived(
		this.reading && {
			greenSpeed: fromFeet(this.reading.stimpFeet),
			firmness: this.reading.firmness,
			wet: this.reading.wet
		}
	);

	async read(): Promise<void> {
		try {
			this.reading = (await readingShelf.read()).rows[0] ?? PLAIN;
		} catch (error) {
			preferences.storeFailed(error);
			this.reading = PLAIN;
		}
	}
}
