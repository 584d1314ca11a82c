import { carryTable, type CarryFact } from '$lib/core/player/carryTable';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import type { ClubDraft } from '$lib/io/work/club';

/** A club of somebody's bag, its name its id. */
export const bagClub = (name: string, loft: number, over: Partial<ClubDraft> = {}): ClubDraft => ({
	id: name,
	pupilId: 'p',
	name,
	loft,
	bounce: 6,
	kind: 'wedge',
	order: 0,
	retiredAt: null,
	...over
});

/** Balls as `[club, swing, carry]`, flown the ordinary way. */
export const carryFacts = (...rows: [string, string, number][]): CarryFact<CarryFlight>[] =>
	rows.map(([club, swing, carry]) => ({ club, swing, carry, flight: 'standard', stated: false }));

/** The carry table of such balls, of a middling player. */
export const carryCells = (...rows: [string, string, number][]) =>
	carryTable(carryFacts(...rows), 0.07);
