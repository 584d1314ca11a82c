import { shareOf } from '$lib/core/math/share';
import type { Read } from './read';

/** How long one sits down to it. */
export const SITTING = { seconds: 300 } as const;

/** How many of the steps were right, with what luck leaves open; in percent. */
function rightWords(reads: readonly Read[]): string {
	const steps = reads.flatMap(({ steps: of }) => of);
	const hits = steps.filter(({ right }) => right).length;
	const { low, high } = shareOf(hits, steps.length);
	return `${hits} of ${steps.length} steps right (${Math.round(100 * low)} to ${Math.round(100 * high)} %)`;
}

/** Strokes that were lost a shot; only shots that were read whole say so. */
function lostWords(reads: readonly Read[]): string {
	const whole = reads.filter(({ steps }) => steps.length > 1);
	if (whole.length === 0) return '';
	const lost = whole.reduce((all, { loss }) => all + loss, 0) / whole.length;
	return `, ${lost.toFixed(2)} strokes lost a shot`;
}

/**
 * What came of sitting down to it, beside what was before.
 *
 * @param reads of one pupil
 * @param began ms
 */
export function sittingWords(reads: readonly Read[], began: number): string {
	const here = reads.filter(({ at }) => Date.parse(at) >= began);
	const before = reads.filter(({ at }) => Date.parse(at) < began);
	if (here.length === 0) return 'Whole shots, and between them the step that is due.';
	const read = `${here.length} ${here.length === 1 ? 'shot' : 'shots'} read`;
	const was = before.length > 0 ? ` Before: ${rightWords(before)}${lostWords(before)}.` : '';
	return `${read}: ${rightWords(here)}${lostWords(here)}.${was}`;
}
