import type { Correction } from '$lib/core/log/corrections';
import { median } from '$lib/core/math/robust';
import type { Play } from '$lib/io/log/play';
import { playedDay } from '$lib/io/log/scored';
import type { ReadingWire } from '$lib/io/work/reading';
import type { FoundReading } from '$lib/ui/measure/keepReading';

type OfGreen = Extract<Correction, { what: 'speed' }>;

const NOTE = 'From played shots';
/** What a reading may be; see its schema. */
const FEET = { least: 3, most: 18, error: 6 };

/** What played shots of a day say of their green, and what it was taken for. */
export interface PlayedReading {
	before: number;
	found: FoundReading & Pick<ReadingWire, 'takenAt'>;
}

/** Whether a day's played shots were read already: what is read is read once. */
export const isReadAlready = (readings: readonly ReadingWire[], { day }: OfGreen): boolean =>
	readings.some(({ note, takenAt }) => note === NOTE && playedDay({ at: takenAt }) === day);

/**
 * A reading of a green on the day of a correction.
 *
 * @param plays of the pupil; those of another green or day are passed over
 * @returns null where none is of it
 */
export function playedReading(
	{ green, day, factor, offset }: OfGreen,
	plays: readonly Play[]
): PlayedReading | null {
	const own = plays.filter((play) => play.shot.place?.greenId === green && playedDay(play) === day);
	const takenAt = own
		.map(({ at }) => at)
		.sort()
		.at(-1);
	if (takenAt === undefined) return null;
	const before = median(own.map(({ shot }) => shot.situation.stimpFeet));
	const after = Math.round(before * factor * 10) / 10;
	return {
		before,
		found: {
			method: 'balls',
			stimpFeet: Math.max(FEET.least, Math.min(FEET.most, after)),
			errorFeet: Math.min(FEET.error, Math.round(before * offset.error * 100) / 100),
			takenAt,
			note: NOTE
		}
	};
}
