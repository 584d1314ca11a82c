import type { LevelGreen } from '$lib/core/solve/levelScene';
import { fromFeet } from '$lib/core/units';
import { newestFirst, type ReadingWire } from '$lib/io/work/reading';
import { readGreens, type GreenBook } from '$lib/store/shelves/greens';
import { follow } from '$lib/store/base/follow';
import { agoWords } from '$lib/ui/format/dates';
import { preferences } from '$lib/ui/state/preferences.svelte';

type Read = Pick<ReadingWire, 'stimpFeet' | 'firmness' | 'wet'> & {
	/** Name of the green and when it was read; null for the plain one. */
	of: { name: string; takenAt: string } | null;
};

/** What is taken for a green as long as none was read. */
const PLAIN: Read = { stimpFeet: 10, firmness: 'medium', wet: false, of: null };

function newestOf(books: readonly GreenBook[]): Read | undefined {
	const found = books
		.flatMap(({ green, readings }) => (readings[0] ? [{ green, reading: readings[0] }] : []))
		.sort((a, b) => newestFirst(a.reading, b.reading, Date.now()))[0];
	return (
		found && { ...found.reading, of: { name: found.green.name, takenAt: found.reading.takenAt } }
	);
}

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

	/** Which green it is and when it was read, as “on Kiln green as read yesterday”. */
	readonly where: string = $derived(
		this.reading?.of
			? `on ${this.reading.of.name} as read ${agoWords(this.reading.of.takenAt)}`
			: 'on a green of 10 ft, as none was read yet'
	);

	/** Follows the readings, those of other views and tabs included; returns what stops it. */
	follow(): () => void {
		return follow(
			readGreens,
			({ books }) => (this.reading = newestOf(books) ?? PLAIN),
			(error) => {
				preferences.storeFailed(error);
				this.reading = PLAIN;
			}
		);
	}
}
