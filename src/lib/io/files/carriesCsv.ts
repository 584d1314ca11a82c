import { writeCsv } from './csvWriter';
import { carriesOf, type PupilFile } from '../work/pupil';

/** Columns of a file of carries; it reads back as stated carries with what is behind them. */
const COLUMNS = ['club', 'swing', 'flight', 'carry_m', 'spread_m', 'n', 'low_m', 'high_m'] as const;
const figure = (value: number): number => Number(value.toFixed(3));

/** Writes a pupil's carry table as CSV, metres. */
export function formatCarries(file: PupilFile): string {
	const data = carriesOf(file).map(({ club, swing, flight, mean, spread, n, low, high }) => [
		file.clubs.find(({ id }) => id === club)?.name ?? '',
		swing,
		flight,
		figure(mean),
		spread === null ? null : figure(spread),
		n,
		figure(low),
		figure(high)
	]);
	return writeCsv(COLUMNS, data);
}
