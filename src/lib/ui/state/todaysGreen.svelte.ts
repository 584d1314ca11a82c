import type { LevelGreen } from '$lib/core/solve/levelScene';
import { fromFeet } from '$lib/core/units';
import type { ReadingWire } from '$lib/io/reading';
import { readingShelf } from '$lib/store/greens';
import { follow } from '$lib/store/shelf';
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

	/** Follows the readings, those of other views and tabs included; returns what stops it. */
	follow(): () => void {
		return follow(
			() => readingShelf.read(),
			({ rows }) => (this.reading = rows[0] ?? PLAIN),
			(error) => {
				preferences.storeFailed(error);
				this.reading = PLAIN;
			}
		);
	}
}
