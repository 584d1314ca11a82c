import { COUNTS, heldCarries, type HeldRow } from './carries';
import { HABIT_COUNTS, toldHabits } from './habits';
import { heldInstruments } from './instruments';
import { heldRolls } from './rolls';

const percent = (share: number): string => `${Math.round(100 * share)}`;

/** From the skill whose interval held least to the one whose held most. */
function range(rows: readonly HeldRow[], at: number): string {
	const shares = rows.map(({ held }) => held[at]!);
	return `${percent(Math.min(...shares))}–${percent(Math.max(...shares))}`;
}

/** How often the interval of a carry holds, in percent over the skills. */
function carries(trials: number): string {
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

/** How often a habit is told of an honest pupil, and of one who has it, in percent. */
function habits(pupils: number): string {
	return [
		`| pupil | skill | ${HABIT_COUNTS.map((n) => `${n} balls`).join(' | ')} |`,
		`|---|---|${HABIT_COUNTS.map(() => '---:').join('|')}|`,
		...toldHabits(pupils)
			.sort((a, b) => a.fault.localeCompare(b.fault))
			.map(({ fault, skill, told }) => `| ${fault} | ${skill} | ${told.map(percent).join(' | ')} |`)
	].join('\n');
}

/** How often the loft is told out of a session's rolls, and how often its interval then holds it, in percent. */
function rolls(sessions: number): string {
	return [
		'| what the green was | balls | told | held |',
		'|---|---|---:|---:|',
		...heldRolls(sessions).map(
			({ green, design, told, held }) =>
				`| ${green} | ${design} | ${percent(told)} | ${held === null ? '' : percent(held)} |`
		)
	].join('\n');
}

/** How often what an instrument reads is within what it promises, in percent. */
function instruments(trials: number): string {
	return [
		'| instrument | promises | held |',
		'|---|---:|---:|',
		...heldInstruments(trials).map(
			({ instrument, within, held }) => `| ${instrument} | ± ${within} | ${percent(held)} |`
		)
	].join('\n');
}

/** The tables by their names in docs/model.md, as Markdown. */
export const intervalTables = (trials: number): Record<string, string> => ({
	carries: carries(trials),
	habits: habits(Math.ceil(trials / 6)),
	rolls: rolls(Math.ceil(trials / 5)),
	instruments: instruments(2 * trials)
});
