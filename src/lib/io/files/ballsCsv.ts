import type { Ball, PupilFile } from '../work/pupil';
import { writeCsv, type Cell } from './csvWriter';

/** Columns of a file of balls, in the order they are written. */
export const BALL_COLUMNS = [
	'at',
	'pupil',
	'club',
	'swing',
	'swing_from',
	'flight',
	'shape',
	'lie',
	'carry_m',
	'landed_right_m',
	'stopped_m',
	'stopped_right_m',
	'meant_m',
	'touch_error_m',
	'tags',
	'strokes',
	'source',
	'inferred',
	'counts'
] as const;

const figure = (value: number | undefined): Cell =>
	value === undefined ? null : Number(value.toFixed(4));

/**
 * Writes balls as CSV, metres; see `writeCsv`.
 *
 * @param files of the pupils whose balls they are
 */
export function formatBalls(balls: readonly Ball[], files: readonly PupilFile[]): string {
	const data = balls.map((ball): Cell[] => {
		const file = files.find(({ pupil }) => pupil.id === ball.pupilId);
		const club = file?.clubs.find(({ id }) => id === ball.clubId);
		return [
			ball.at,
			file?.pupil.name ?? '',
			club?.name ?? '',
			ball.swing,
			ball.swingFrom ?? '',
			ball.flight,
			ball.shape,
			ball.lie,
			figure(ball.landed?.[0] ?? ball.carry),
			figure(ball.landed?.[1]),
			figure(ball.finished?.[0]),
			figure(ball.finished?.[1]),
			figure(ball.meant),
			figure(ball.touchError),
			ball.tags.join(' '),
			ball.strokes ?? null,
			ball.source,
			ball.inferred ? 'yes' : '',
			ball.counts ? 'yes' : 'no'
		];
	});
	return writeCsv(BALL_COLUMNS, data);
}
