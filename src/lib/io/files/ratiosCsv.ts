import type { RatioRow } from '$lib/core/today/ratios';
import { toPercent } from '$lib/core/units';
import { writeCsv } from './csvWriter';

const COLUMNS = ['club', 'carry_m', 'slope_percent', 'ratio', 'low', 'high', 'air_share', 'source'];
const figure = (value: number): number => Number(value.toFixed(3));

/** Writes a table of today's ratios as CSV: ground over air, with where it lies nine times in ten. */
export function formatRatios(rows: readonly RatioRow[], club: (id: string) => string): string {
	const data = rows.map((row) => [
		club(row.club),
		figure(row.carry),
		figure(toPercent(row.slope)),
		figure(row.ratio),
		figure(row.low),
		figure(row.high),
		figure(1 / (1 + row.ratio)),
		row.source
	]);
	return writeCsv(COLUMNS, data);
}
