import { COUNTS, heldCarries, type HeldRow } from './carries';

const percent = (share: number): string => `${Math.round(100 * share)}`;

/** From the skill whose interval held least to the one whose held most. */
function range(rows: readonly HeldRow[], at: number): string {
	const shares = rows.map(({ held }) => held[at]!);
	return `${percent(Math.min(...shares))}–${percent(Math.max(...shares))}`;
}

/** How often what the app says with nine in ten holds, in percent over the skills, as Markdown. */
export function intervalTables(trials: number): string {
	const groups = new Map<string, HeldRow[]>();
	for (const row of heldCarries(trials)) {
		const kind = `${row.plan} | ${row.shape}`;
		groups.set(kind, [...(groups.get(kind) ?? []), row]);
	}
	return [
		`| balls hit | their shape | ${COUNTS.map((n) => `${n} balls`).join(' | ')} |`,
		`|---|---|${COUNTS.map(() => '---:').join('|')}|`,
		...[...groups].map(
			([kind, rows]) => `| ${kind} | ${COUNTS.map((_, at) => range(rows, at)).join(' | ')} |`
		)
	].join('\n');
}
