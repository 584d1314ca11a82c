import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pupilFile } from '../../../../tests/support/pupils';
import { formatBalls } from './ballsCsv';
import type { BallColumns } from './ballColumns';
import { guessColumns, signatureOf } from './ballHeadings';
import { readBallRows, readBallTable, readFigure } from './ballsImport';
import { formatCarries } from './carriesCsv';
import type { CsvTable } from './csvTable';
import { carriesOf, PLAIN_BALL, type Ball } from '../work/pupil';

const file = pupilFile();
const context = {
	file,
	sessionId: 'session-1',
	swing: '8',
	now: '2026-10-20T10:00:00.000Z',
	idOf: (row: number) => `row-${row}`
};

function tableOf(text: string): CsvTable {
	const read = readBallTable(text);
	if ('problem' in read) throw new Error(read.problem);
	return read.table;
}

const read = (text: string, columns?: BallColumns) => {
	const table = tableOf(text);
	return readBallRows(table, columns ?? guessColumns(table.headings), context);
};

const ball = (change: Partial<Ball> = {}): Ball => ({
	...PLAIN_BALL,
	tags: [],
	id: 'b',
	pupilId: 'pupil-1',
	clubId: 'pupil-1-SW',
	at: '2026-10-19T09:00:00.000Z',
	swing: '9',
	flight: 'standard',
	carry: 14.25,
	source: 'touched',
	sessionId: 'session-1',
	landed: [14.2, -0.6],
	finished: [18.4, -0.9],
	meant: 14,
	...change
});

describe('headings', () => {
	it.each([
		[['Club', 'Carry (yds)'], { club: 'Club', carry: 'Carry (yds)' }, 'yards'],
		[['club type', 'total [ft]'], { club: 'club type', stopped: 'total [ft]' }, 'feet'],
		[['Carry m', 'Total (yards)'], { carry: 'Carry m', stopped: 'Total (yards)' }, 'metres'],
		[['Carry', 'Carry Side'], { carry: 'Carry', side: 'Carry Side' }, 'metres'],
		[['Comment', 'Colour'], {}, 'metres'],
		[
			[' CARRY ', 'Finish', 'Finish right'],
			{ carry: ' CARRY ', stopped: 'Finish', stoppedSide: 'Finish right' },
			'metres'
		]
	] as const)('of %j are understood, each for one thing', (headings, columns, unit) => {
		expect(guessColumns(headings)).toEqual({ columns, unit });
	});

	it('make a key that tells files apart', () => {
		expect(signatureOf(['a', 'b'])).not.toBe(signatureOf(['ab']));
		expect(signatureOf(['a', 'b'])).toBe(signatureOf(['a', 'b']));
	});
});

describe('balls as CSV', () => {
	it('come back as they were written, whatever is known of them', () => {
		const balls = [
			ball({ tags: ['heavy', 'left'], counts: false }),
			ball({ flight: 'low', shape: 'inside', finished: undefined }),
			ball({ touchError: 0.25, inferred: true, strokes: 3, flight: 'splash', lie: 'sand' })
		];
		const { balls: again, bad } = read(formatBalls(balls, [file]));
		expect(bad).toEqual([]);
		again.forEach((one, i) => {
			const { id: _id, source: _source, carry: _carry, finished, ...rest } = balls[i]!;
			expect(one).toMatchObject(rest);
			expect(one.finished).toEqual(finished);
			expect(one.carry).toBeCloseTo(14.2, 9);
		});
	});

	it('hold no cell that a spreadsheet takes for a formula', () => {
		const evil = pupilFile({ name: '=1+1' });
		evil.clubs[0]!.name = '@SUM(A1)';
		const odd = ball({ clubId: evil.clubs[0]!.id, swing: '9', at: '+HYPERLINK(1)' });
		const text = formatBalls([odd], [evil]);
		expect(text).toContain("'=1+1");
		expect(text).toContain("'@SUM(A1)");
		expect(text).toContain("'+HYPERLINK(1)");
	});

	it('say a carry table that comes back as stated carries', () => {
		const own = pupilFile(
			{},
			[14, 15, 13.5, 14.4].map((carry) => ({ carry }))
		);
		const { balls, bad } = read(formatCarries(own));
		expect(bad).toEqual([]);
		const [before] = carriesOf(own);
		const [after] = carriesOf({ ...own, balls: balls.map((one) => ({ ...one, counts: true })) });
		expect(after).toMatchObject({ n: 4, stated: true });
		expect(after!.mean).toBeCloseTo(before!.mean, 3);
		expect(after!.posterior).toBeCloseTo(before!.posterior, 3);
		// Of one ball nobody knows a spread.
		const [columns, row] = formatCarries(pupilFile({}, [{ carry: 14 }]))
			.trim()
			.split(/\r?\n/);
		expect(row!.split(',')[columns!.split(',').indexOf('spread_m')]).toBe('');
	});
});

describe('a foreign file', () => {
	const FOREIGN = [
		'Date;Club Name;Carry (yd);Carry Side;Total (yd);Contact',
		'2026-10-18 09:00;SW;20,5;L 1.2;24;heavy',
		'2026-10-18 09:01;sw;21;R 0.4;25;',
		'2026-10-18 09:02;Spoon;21;0;25;',
		'2026-10-18 09:03;SW;far;0;25;',
		'gestern;SW;21;0;25;',
		'2026-10-18 09:05;SW;;;24;'
	].join('\n');

	it('is matched by its headings, with unit, side and strike', () => {
		const guessed = guessColumns(tableOf(FOREIGN).headings);
		expect(guessed).toEqual({
			unit: 'yards',
			columns: {
				club: 'Club Name',
				carry: 'Carry (yd)',
				side: 'Carry Side',
				stopped: 'Total (yd)',
				at: 'Date',
				tags: 'Contact'
			}
		});
		const { balls } = read(FOREIGN);
		expect(balls).toHaveLength(3);
		expect(balls[0]!.carry).toBeCloseTo(20.5 * 0.9144, 9);
		expect(balls[0]!.landed![1]).toBeCloseTo(-1.2 * 0.9144, 9);
		expect(balls[0]!.finished![0]).toBeCloseTo(24 * 0.9144, 9);
		expect(balls[0]).toMatchObject({ tags: ['heavy'], swing: '8', source: 'file', counts: false });
		expect(balls[1]!.landed![1]).toBeCloseTo(0.4 * 0.9144, 9);
		expect(balls[2]).toMatchObject({ inferred: true });
	});

	it('is found below what a program says of itself, without its summaries, each column in its own unit', () => {
		const { balls, bad } = read(
			[
				'Range session;;;',
				'Player;Somebody;;',
				'',
				'Date;Club;Carry Time (s);Carry (yd);Total (m)',
				'25/02/2026 17:30;Sand Wedge;2.1;20;21.0',
				'03/02/2026;s-w;2.0;10;10',
				'Average;Average;2.05;15;15.5'
			].join('\n')
		);
		expect(balls.map(({ clubId, carry, finished }) => [clubId, carry, finished?.[0]])).toEqual([
			['pupil-1-SW', 20 * 0.9144, 21],
			['pupil-1-SW', 10 * 0.9144, 10]
		]);
		expect(balls.map(({ at }) => new Date(at).getMonth())).toEqual([1, 1]);
		expect(balls.map(({ at }) => new Date(at).getDate())).toEqual([25, 3]);
		expect(bad).toEqual([{ line: 7, reason: 'a summary of other rows, no ball' }]);
	});

	it('has its bad rows named by line and reason, its good ones read', () => {
		expect(read(FOREIGN).bad).toEqual([
			{ line: 4, reason: 'no club “Spoon” in the bag' },
			{ line: 5, reason: '“far” is no number (column “Carry (yd)”)' },
			{ line: 6, reason: '“gestern” is no date' }
		]);
		const { bad } = read('club,carry,swing\nSW,14,noon\nSW,,9\nSW,4000,9\n,12,9');
		expect(bad.map(({ reason }) => reason)).toEqual([
			'no swing “noon”',
			'neither carry nor total',
			'column “carry” must be a number from 0.1 to 300 metres',
			'no club'
		]);
	});

	it('is refused in words where it is no table', () => {
		expect(readBallTable('')).toHaveProperty('problem');
		expect(readBallTable('just one line of text')).toHaveProperty('problem');
		expect(readBallTable('club,carry\n')).toMatchObject({
			problem: expect.stringContaining('no row') as string
		});
		const many = `club,carry\n${'SW,14\n'.repeat(20_001)}`;
		expect(readBallTable(many)).toMatchObject({
			problem: expect.stringContaining('20000 are the most') as string
		});
	});

	it.each([
		['12.5', 12.5],
		['12,5 m', 12.5],
		['L 3', -3],
		['3 L', -3],
		['R2.5', 2.5],
		['-4', -4],
		['−4', -4],
		['', NaN],
		['1.2.3', NaN],
		['12 km/h', NaN]
	])('writes the figure %j', (text, value) => {
		expect(readFigure(text)).toEqual(value);
	});

	it('never does more than read or refuse, whatever is in it', () => {
		fc.assert(
			fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (text) => {
				const found = readBallTable(text);
				if ('problem' in found) return found.problem.length > 0;
				const { balls, bad } = readBallRows(
					found.table,
					guessColumns(found.table.headings),
					context
				);
				return balls.length + bad.length === found.table.rows.length;
			})
		);
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.string(), fc.string(), fc.string()), { minLength: 1, maxLength: 20 }),
				(rows) => {
					const text = `club,carry,swing\n${rows.map((row) => row.map((cell) => `"${cell.replaceAll('"', '""')}"`).join(',')).join('\n')}`;
					const found = readBallTable(text);
					if ('problem' in found) return true;
					const columns = guessColumns(found.table.headings);
					for (const one of readBallRows(found.table, columns, context).balls)
						if (!(one.carry > 0 && one.carry <= 300)) return false;
					return true;
				}
			)
		);
	});
});

describe('a file of another program', () => {
	it('tells where a ball stopped by its roll where it has no total', () => {
		const { balls } = read('Club,Carry (m),Roll (m)\nSW,10,3.5\nSW,10,\n');
		expect(balls[0]!.finished).toEqual([13.5, 0]);
		expect(balls[1]!.finished).toBeUndefined();
		const both = read('Club,Carry (m),Total (m),Run-out (ft)\nSW,10,12,9\n').balls[0]!;
		expect(both.finished![0]).toBe(12);
	});

	it('says how its dates are read, and reads them as a person says', () => {
		const text = 'Club,Carry,Date\nSW,10,03/04/2026 10:00\n';
		const found = read(text);
		expect(found.dates).toEqual({ order: 'day', example: '03/04/2026 10:00' });
		expect(new Date(found.balls[0]!.at).getMonth()).toBe(3);
		const guessed = guessColumns(tableOf(text).headings);
		const asSaid = read(text, { ...guessed, dates: 'month' });
		expect(asSaid.dates!.order).toBe('month');
		expect(new Date(asSaid.balls[0]!.at).getMonth()).toBe(2);
		expect(read('Club,Carry,Date\nSW,10,2026-04-03T10:00:00Z\n').dates).toBeNull();
		expect(read('Club,Carry\nSW,10\n').dates).toBeNull();
	});
});
