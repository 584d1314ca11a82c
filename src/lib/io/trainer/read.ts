import * as z from 'zod/mini';
import { createEmptyCard, fsrs, Rating, type Card } from 'ts-fsrs';
import type { ShotReading } from '$lib/core/trainer/reading';
import { READ_STEPS, type ReadStep } from '$lib/core/trainer/steps';
import type { glanceRow, readRow } from '../rows/read';

/** A shot that was read in the trainer. */
export type Read = z.output<typeof readRow>;
/** A single judgement that was made. */
export type Glanced = z.output<typeof glanceRow>;

/**
 * What came of a reading, as it is kept.
 *
 * @param steps that were asked
 * @param now when it was judged, ms
 */
export const readOf = (
	{ steps: judged, loss }: Pick<ShotReading, 'steps' | 'loss'>,
	about: Pick<Read, 'id' | 'pupilId' | 'from' | 'level' | 'committed' | 'exam'>,
	steps: readonly ReadStep[],
	now: number
): Read => ({
	...about,
	at: new Date(now).toISOString(),
	steps: judged.filter(({ step }) => steps.includes(step)),
	loss
});

/** Steps come again by a forgetting curve; the same answers give the same days. */
const scheduler = fsrs({ enable_fuzz: false, enable_short_term: false });

/** When each step is to be asked again; null for one that never was. */
export type Due = Readonly<Record<ReadStep, string | null>>;

/**
 * When each step comes again: later and later while it is right, soon where it was not.
 *
 * @param reads of one pupil, the first one first
 */
export function dueOf(reads: readonly Pick<Read, 'at' | 'steps'>[]): Due {
	const cards = new Map<ReadStep, Card>();
	for (const { at, steps } of reads)
		for (const { step, right } of steps) {
			const card: Card = cards.get(step) ?? createEmptyCard(new Date(at));
			// Another device's clock may run behind: a review before the last one counts as one at its moment.
			const last = card.last_review?.getTime() ?? 0;
			const when = new Date(Math.max(Date.parse(at), last));
			cards.set(step, scheduler.next(card, when, right ? Rating.Good : Rating.Again).card);
		}
	return Object.fromEntries(
		READ_STEPS.map((step) => [step, cards.get(step)?.due.toISOString() ?? null])
	) as Due;
}

/** Steps that are to be asked now, those that have waited longest first; those that were never asked come first of all. */
export const dueNow = (due: Due, now: number): ReadStep[] =>
	READ_STEPS.filter((step) => {
		const at = due[step];
		return at === null || Date.parse(at) <= now;
	}).sort((a, b) => (due[a] ?? '').localeCompare(due[b] ?? ''));
