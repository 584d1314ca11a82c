import { ENOUGH_BALLS, type CarryCell } from '$lib/core/player/carryTable';
import {
	markAngle,
	SWING_MARKS,
	type SwingMark,
	type SwingVocabulary
} from '$lib/core/player/swingLength';
import type { ClubDraft } from '$lib/io/work/club';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';

/** How much is known of a cell. */
export type CellState = 'missing' | 'thin' | 'good';

/** A column of the table: a mark, and whether it belongs to words that the pupil does not use. */
export interface CarryColumn extends SwingMark {
	foreign: boolean;
}

/** Angles this close are one mark. */
const SAME_MARK = 1e-6;

/** The marks of the pupil's words, and those of other words under which carries are kept; by rising swing. */
export function carryColumns(
	vocabulary: SwingVocabulary,
	cells: readonly Pick<CarryCell, 'swing' | 'angle'>[]
): CarryColumn[] {
	const columns: CarryColumn[] = SWING_MARKS[vocabulary].map((mark) => ({
		...mark,
		foreign: false
	}));
	for (const { swing } of cells) {
		const angle = markAngle(swing);
		if (!columns.some((column) => Math.abs(column.angle - angle) < SAME_MARK))
			columns.push({ name: swing, angle, foreign: true });
	}
	return columns.sort((a, b) => a.angle - b.angle);
}

/** The cell of a club under a mark; undefined where nothing is known. */
export const cellAt = <C extends CarryCell<CarryFlight>>(
	cells: readonly C[],
	club: Pick<ClubDraft, 'id'>,
	column: Pick<SwingMark, 'angle'>,
	flight: CarryFlight
): C | undefined =>
	cells.find(
		(cell) =>
			cell.club === club.id &&
			cell.flight === flight &&
			Math.abs(cell.angle - column.angle) < SAME_MARK
	);

export const stateOf = (cell: Pick<CarryCell, 'n'> | undefined): CellState =>
	!cell ? 'missing' : cell.n < ENOUGH_BALLS ? 'thin' : 'good';
