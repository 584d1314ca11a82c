import { isAhead, type ReadingWire } from '$lib/io/work/reading';
import { whenWords as timeWords } from '$lib/ui/format/dates';
import { plusMinus } from '$lib/ui/format/plusMinus';
import { compassWords } from './compass';

const METHOD = {
	ramp: 'ramp rolls',
	timed: 'timed putts',
	balls: 'chipped balls',
	judged: 'judged by eye'
};

/** When a reading was taken, in local time; a date in the future is said to be one. */
export function whenWords(reading: ReadingWire, now = Date.now()): string {
	const when = timeWords(reading.takenAt);
	return isAhead(reading, now) ? `${when} (in the future by this clock)` : when;
}

/** Green speed with what it may be off by. */
export const speedWords = ({ stimpFeet, errorFeet }: ReadingWire): string =>
	errorFeet === null
		? `about ${stimpFeet.toFixed(1)} ft`
		: `${plusMinus(stimpFeet, errorFeet, 1)} ft`;

/** Everything but the speed, in one line. */
export function turfWords(reading: ReadingWire): string {
	const { rolls, balls, method } = reading;
	const count = method === 'balls' ? balls.length : method === 'judged' ? 0 : rolls.length;
	return [
		`${reading.firmness} turf`,
		reading.wet ? 'wet' : 'dry',
		reading.grainTowards === null
			? 'no grain'
			: `grain toward ${compassWords(reading.grainTowards)}`,
		count > 0 ? `from ${count} ${METHOD[method]}` : METHOD[method]
	].join(' · ');
}
