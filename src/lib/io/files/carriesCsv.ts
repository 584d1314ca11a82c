import Papa from 'papaparse';
import { plainCell } from './ballsCsv';
import { carriesOf, type PupilFile } from '../work/pupil';

/** Columns of a file of carries; it reads back as stated carries with what is behind them. */
const COLUMNS = ['club', 'swing', 'flight', 'carry_m', 'spread_m', 'n', 'low_m', 'high_m'] as const;
const figure = (value: number): string => String(Number(value.toFixed(3)));

/** Writes a pupil's carry table as CSV, metres. */
export function formatCarries(file: PupilFile): string {
	const data = carriesOf(file).map(({ club, swing, flight, mean, spread, n, low, high }) => [
		plainCell(file.clubs.find(({ id }) => id === club)?.name ?? ''),
		plainCell(swing),
		flight,
		figure(mean),
		spread === null ? '' : figure(spread),
		String(n),
		figure(low),
		figure(high)
	]);
	return `${Papa.unparse({ fields: [...COLUMNS], data }, { newline: '\n' })}\n`;
}
