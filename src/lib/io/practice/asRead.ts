import type { ReadingWire } from '../work/reading';
import type { SessionGround } from './session';

/** What readings of a green say of a session's ground. */
type ReadGround = Pick<SessionGround, 'stimpFeet' | 'speedError' | 'firmness' | 'wet'>;

const DAY = 86_400_000;
/** A green's speed wanders by so many feet in a day, and by the root of the days after several; ours (assumption). */
const WANDERS = 0.5;
/** An older reading says nothing any more. */
const OLDEST = 7 * DAY;

/** How far a reading's speed may be off by now, one standard error in feet; null where it was only judged, or is too old. */
export function speedErrorNow(
	{ errorFeet, takenAt }: Pick<ReadingWire, 'errorFeet' | 'takenAt'>,
	now: number
): number | null {
	const age = Math.max(0, now - Date.parse(takenAt));
	if (errorFeet === null || !(age <= OLDEST)) return null;
	return Number(Math.hypot(errorFeet, WANDERS * Math.sqrt(age / DAY)).toFixed(2));
}

/**
 * A green as it was read last.
 *
 * @param readings newest first
 * @returns null of one that never was
 */
export function asRead(readings: readonly ReadingWire[], now: number): ReadGround | null {
	const [newest] = readings;
	if (!newest) return null;
	const { stimpFeet, firmness, wet } = newest;
	return { stimpFeet, firmness, wet, speedError: speedErrorNow(newest, now) };
}

/** The first of several greens that was measured within the last hours: that is where one stands. */
export const readToday = <B extends { readings: readonly ReadingWire[] }>(
	books: readonly B[],
	now: number
): B | undefined =>
	books.find(({ readings: [newest] }) => {
		const age = newest ? now - Date.parse(newest.takenAt) : NaN;
		return age >= 0 && age <= DAY / 2;
	});
