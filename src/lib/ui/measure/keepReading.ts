import { reasonOf } from '$lib/io/fields/reason';
import { newId } from '$lib/store/base/newId';
import { tell, tellTrouble } from '$lib/ui/shell/messages.svelte';
import type { ReadingWire } from '$lib/io/work/reading';
import { removeReading, saveReading } from '$lib/store/shelves/greens';
import { speedWords } from './readingWords';

/** What a measurement of a green's speed found. */
export type FoundReading = Pick<ReadingWire, 'stimpFeet' | 'errorFeet' | 'method'> &
	Partial<
		Pick<ReadingWire, 'firmness' | 'wet' | 'grainTowards' | 'rolls' | 'balls' | 'takenAt' | 'note'>
	>;

/** Keeps what was found of a green, as of now where it is not said when; says so, with a way back. */
export async function keepReading(greenId: string, found: FoundReading): Promise<boolean> {
	const reading: ReadingWire = {
		id: newId(),
		greenId,
		takenAt: new Date().toISOString(),
		firmness: 'medium',
		wet: false,
		grainTowards: null,
		rolls: [],
		balls: [],
		note: '',
		...found
	};
	try {
		await saveReading(reading);
	} catch (error) {
		tellTrouble(`Not kept; everything is still here. ${reasonOf(error)}`);
		return false;
	}
	tell(`Kept: ${speedWords(reading)}.`, {
		label: 'Undo',
		run: () => void removeReading(reading.id)
	});
	return true;
}
