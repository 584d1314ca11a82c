import type { CarryCell } from '$lib/core/player/carryTable';
import { markAngle } from '$lib/core/player/swingLength';
import type { CarryFlight } from '$lib/core/solve/measuredSwings';
import { carriesOf, inTable, type Ball, type PupilFile } from '../work/pupil';

/** A cell of the carry table before and after a session's balls count. */
export interface CellChange {
	club: string;
	swing: string;
	flight: CarryFlight;
	before: CarryCell<CarryFlight> | null;
	after: CarryCell<CarryFlight> | null;
	/** Whether it counts now. */
	counts: boolean;
}

/** One length of swing is one cell, in whatever words it was said. */
const cellKey = ({ club, swing, flight }: Pick<CarryCell, 'club' | 'swing' | 'flight'>): string =>
	`${club}/${markAngle(swing).toFixed(4)}/${flight}`;
export const cellKeyOfBall = (ball: Pick<Ball, 'clubId' | 'swing' | 'flight'>): string =>
	cellKey({ ...ball, club: ball.clubId });
export const keyOfChange = (change: CellChange): string => cellKey(change);

/** What a session's balls change in a pupil's table, cell by cell, in the order they were hit. */
export function changesOf(file: PupilFile, balls: readonly Ball[]): CellChange[] {
	const ids = new Set(balls.map(({ id }) => id));
	const others = file.balls.filter(({ id }) => !ids.has(id));
	const table = (own: readonly Ball[]) => carriesOf({ ...file, balls: [...others, ...own] });
	const before = table([]);
	const after = table(balls.map((ball) => ({ ...ball, counts: true })));
	// Cells that no ball adds to are not changed.
	const adding = balls.filter((ball) => inTable({ ...ball, counts: true }));
	const keys = [...new Set(adding.map(cellKeyOfBall))];
	return keys.flatMap((key): CellChange[] => {
		const ball = balls.find((one) => cellKeyOfBall(one) === key)!;
		const then = after.find((cell) => cellKey(cell) === key) ?? null;
		if (!then) return [];
		return [
			{
				club: ball.clubId,
				swing: ball.swing,
				flight: ball.flight,
				before: before.find((cell) => cellKey(cell) === key) ?? null,
				after: then,
				counts: balls.some((one) => cellKeyOfBall(one) === key && one.counts)
			}
		];
	});
}
