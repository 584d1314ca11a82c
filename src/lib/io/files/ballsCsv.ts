import Papa from 'papaparse';
import type { Ball, PupilFile } from '../work/pupil';

/** A cell that a spreadsheet would take for a formula. */
const FORMULA = /^[=+\-@\t\r]/;
/** Text that a spreadsheet shows as it is. */
export const plainCell = (text: string): string => (FORMULA.test(text) ? `'${text}` : text);

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

const figure = (value: number | undefined): string =>
	value === undefined ? '' : String(Number(value.toFixed(4)));

/**
 * Writes balls as CSV, metres; names that begin like a formula are neutralised.
 *
 * @param files of the pupils whose balls they are
 */
export function formatBalls(balls: readonly Ball[], files: readonly PupilFile[]): string {
	const data = balls.map((ball) => {
		const file = files.find(({ pupil }) => pupil.id === ball.pupilId);
		const club = file?.clubs.find(({ id }) => id === ball.clubId);
		return [
			ball.at,
			plainCell(file?.pupil.name ?? ''),
			plainCell(club?.name ?? ''),
			plainCell(ball.swing),
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
			ball.strokes === undefined ? '' : String(ball.strokes),
			ball.source,
			ball.inferred ? 'yes' : '',
			ball.counts ? 'yes' : 'no'
		];
	});
	return `${Papa.unparse({ fields: [...BALL_COLUMNS], data }, { newline: '\n' })}\n`;
}
