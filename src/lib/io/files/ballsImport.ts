import { asWritten } from './csvWriter';
import { markAngle } from '$lib/core/player/swingLength';
import { STRIKE_TAGS, type StrikeTag } from '$lib/core/practice/practised';
import { FOOT, YARD, type Metres } from '$lib/core/units';
import type { BallColumns, BallField, FileUnit } from './ballColumns';
import { guessColumns, unitIn } from './ballHeadings';
import { clubAlias } from './clubAlias';
import { readCsvTable, type CsvTable } from './csvTable';
import { dateOrderOf, isInFigures, readInstant, type DateOrder } from './fileDates';
import { swingFromField } from '../fields/fields';
import { issuesOf } from '../fields/issues';
import { ballDraftSchema, PLAIN_BALL, type Ball, type PupilFile } from '../work/pupil';

const SIZE: Readonly<Record<FileUnit, Metres>> = { metres: 1, yards: YARD, feet: FOOT };

/** Rows that are read at most at once. */
export const MOST_BALLS = 20_000;

/** Headings are looked for below so many lines of what a program says of itself first. */
const MOST_PREAMBLE = 30;

/** The table of a file, below whatever is written over its headings. */
function tableBelow(text: string): CsvTable {
	const whole = readCsvTable(text);
	const names = (table: CsvTable) => {
		const { columns } = guessColumns(table.headings);
		return columns.club !== undefined && (columns.carry ?? columns.stopped) !== undefined;
	};
	if (names(whole)) return whole;
	const lines = text.split(/\r\n|\r|\n/);
	for (let skipped = 1; skipped <= Math.min(MOST_PREAMBLE, lines.length - 2); skipped++) {
		const table = readCsvTable(lines.slice(skipped).join('\n'));
		if (!names(table)) continue;
		return {
			...table,
			line: table.line + skipped,
			rows: table.rows.map((row) => ({ ...row, line: row.line + skipped }))
		};
	}
	return whole;
}

/** Reads the table of a CSV file, whatever its separator; or says why it is none. */
export function readBallTable(text: string): { table: CsvTable } | { problem: string } {
	const table = tableBelow(text);
	if (table.headings.filter(Boolean).length < 2)
		return { problem: 'The file has no row of headings with at least two columns.' };
	if (table.rows.length === 0) return { problem: 'The file has headings and no row below them.' };
	if (table.rows.length > MOST_BALLS)
		return {
			problem: `The file has ${table.rows.length} rows; ${MOST_BALLS} are the most at once.`
		};
	return { table: { ...table, headings: table.headings.filter(Boolean) } };
}

/** A row that could not be read. */
export interface BadRow {
	/** Of the file, from 1, as a person sees it. */
	line: number;
	reason: string;
}

/** What a file has to do with a pupil. */
export interface BallsFor {
	file: PupilFile;
	sessionId: string;
	/** For rows without a swing of their own. */
	swing: string;
	/** For rows without a time. */
	now: string;
	/** Makes the id of a row's ball. */
	idOf: (row: number) => string;
}

const plain = (text: string): string => asWritten(text).trim();
const YES = ['yes', 'true', '1', 'x'];
const isTag = (word: string): word is StrikeTag => STRIKE_TAGS.includes(word as StrikeTag);

/** A number as people write it: a decimal comma, a unit behind it, L or R for left and right. */
export function readFigure(text: string): number {
	const match = /^([LR])?\s*([+-]?\d+(?:[.,]\d+)?)\s*([a-z]*)$/i.exec(
		plain(text).replace('−', '-')
	);
	if (!match) return NaN;
	const [, before, figures, after] = match;
	const side = (before ?? after ?? '').toUpperCase();
	const value = Number(figures!.replace(',', '.'));
	return side === 'L' ? -value : value;
}

class RowReader {
	constructor(
		private readonly row: Record<string, string>,
		private readonly columns: BallColumns['columns'],
		private readonly unit: FileUnit,
		readonly dates: DateOrder
	) {}

	text(field: BallField): string {
		const heading = this.columns[field];
		return heading ? plain(this.row[heading] ?? '') : '';
	}

	/** What the file calls a field; the field itself where it has no column of its own. */
	named(field: string): string {
		const heading = this.columns[field as BallField];
		return heading ? `column “${heading.slice(0, 30)}”` : field;
	}

	/** @throws RowProblem for what is no number */
	figure(field: BallField): number | undefined {
		const text = this.text(field);
		if (text === '') return undefined;
		const value = readFigure(text);
		if (Number.isNaN(value))
			throw new RowProblem(`“${text.slice(0, 20)}” is no number (${this.named(field)})`);
		return value;
	}

	/** In the unit that its heading names, else in that of the file. */
	length(field: BallField): Metres | undefined {
		const value = this.figure(field);
		return value === undefined
			? undefined
			: value * SIZE[unitIn(this.columns[field]!) ?? this.unit];
	}
}

class RowProblem extends Error {}

/** Parts of a ball that come from a column of another name. */
const FIELD_OF: Readonly<Record<string, BallField>> = { landed: 'side', finished: 'stopped' };

/** What a row says of its swing: a file that names none says nothing of what a swing carries. */
function swingFrom(read: RowReader): Pick<Ball, 'swingFrom'> {
	if (read.text('swing') === '') return { swingFrom: 'assumed' };
	const said = swingFromField.safeParse(read.text('swingFrom'));
	return said.success ? { swingFrom: said.data } : {};
}

/** What stands in the place of a club where a row sums others up. */
const SUMMARY =
	/^(averages?|avg|means?|medians?|totals?|std|standard deviation|deviation|min|max)\b/i;

function readRow(read: RowReader, row: number, context: BallsFor): Ball {
	const { file, sessionId, swing, now, idOf } = context;
	const clubName = read.text('club');
	if (SUMMARY.test(clubName)) throw new RowProblem('a summary of other rows, no ball');
	const club =
		file.clubs.find(({ name }) => name.toLowerCase() === clubName.toLowerCase()) ??
		file.clubs.find(({ name }) => clubAlias(name) === clubAlias(clubName));
	if (!club)
		throw new RowProblem(clubName ? `no club “${clubName.slice(0, 20)}” in the bag` : 'no club');
	const carry = read.length('carry');
	const roll = read.length('roll');
	const stopped =
		read.length('stopped') ??
		(carry !== undefined && roll !== undefined ? carry + roll : undefined);
	if (carry === undefined && stopped === undefined) throw new RowProblem('neither carry nor total');
	const named = read.text('swing') || swing;
	if (Number.isNaN(markAngle(named))) throw new RowProblem(`no swing “${named.slice(0, 20)}”`);
	const side = read.length('side');
	const when = read.text('at');
	const time = when === '' ? Date.parse(now) : readInstant(when, read.dates);
	if (Number.isNaN(time)) throw new RowProblem(`“${when.slice(0, 20)}” is no date`);
	const spread = read.length('spread');
	const n = read.figure('n');
	const stated = n !== undefined && n > 1;
	const landed = carry ?? stopped!;
	const parsed = ballDraftSchema.safeParse({
		...PLAIN_BALL,
		id: idOf(row),
		pupilId: file.pupil.id,
		clubId: club.id,
		at: new Date(time).toISOString(),
		swing: named,
		...swingFrom(read),
		flight: read.text('flight') || 'standard',
		shape: read.text('shape') || 'straight',
		lie: read.text('lie') || 'fairway',
		carry: landed,
		source: stated ? 'stated' : 'file',
		...(stated && spread !== undefined && { spread, n }),
		sessionId,
		landed: [landed, side ?? 0],
		...(stopped !== undefined && { finished: [stopped, read.length('stoppedSide') ?? side ?? 0] }),
		...(read.text('meant') !== '' && { meant: read.length('meant') }),
		...(read.text('touchError') !== '' && { touchError: read.length('touchError') }),
		...(read.text('strokes') !== '' && { strokes: read.figure('strokes') }),
		inferred: carry === undefined || YES.includes(read.text('inferred').toLowerCase()),
		tags: read
			.text('tags')
			.toLowerCase()
			.split(/[ ,;]+/)
			.filter(isTag),
		counts: YES.includes(read.text('counts').toLowerCase())
	});
	if (parsed.success) return parsed.data;
	const [issue] = issuesOf(parsed.error);
	const [part = ''] = (issue?.path ?? '').split('.');
	throw new RowProblem(`${read.named(FIELD_OF[part] ?? part)} ${issue?.message}`);
}

/** How dates of a file that are written in figures are read, and one of them. */
export interface DatesRead {
	order: DateOrder;
	example: string;
}

/** Null where a file has no date in figures. */
function datesOf({ rows }: CsvTable, { columns, dates }: BallColumns): DatesRead | null {
	const texts = rows.map(({ cells }) => cells[columns.at ?? ''] ?? '').filter(isInFigures);
	const [example] = texts;
	return example === undefined ? null : { order: dates ?? dateOrderOf(texts), example };
}

/** Reads the rows of a table as balls of one pupil: the good ones, and why the others are not. */
export function readBallRows(
	table: CsvTable,
	matched: BallColumns,
	context: BallsFor
): { balls: Ball[]; bad: BadRow[]; dates: DatesRead | null } {
	const { columns, unit } = matched;
	const balls: Ball[] = [];
	const bad: BadRow[] = [];
	const dates = datesOf(table, matched);
	table.rows.forEach(({ cells, line }, i) => {
		try {
			balls.push(readRow(new RowReader(cells, columns, unit, dates?.order ?? 'day'), i, context));
		} catch (error) {
			if (!(error instanceof RowProblem)) throw error;
			bad.push({ line, reason: error.message });
		}
	});
	return { balls, bad, dates };
}
