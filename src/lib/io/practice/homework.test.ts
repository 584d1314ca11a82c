import { describe, expect, it } from 'vitest';
import { pupilFile } from '../../../../tests/support/pupils';
import { practisedSession } from '../../../../tests/support/sessions';
import {
	doneOf,
	drillsDoneOf,
	homeworkFormSchema,
	homeworkSchema,
	stateOfHomework,
	type Homework
} from './homework';
import { homeworkCalendar } from '../files/homeworkCalendar';
import { homeworkTasks, plainGround, thinnestCells } from './practiceSetup';

const homework: Homework = {
	id: 'h-1',
	pupilId: 'pupil-1',
	name: 'Know your wedges',
	givenAt: '2026-10-01T00:00:00.000Z',
	due: '2026-10-10',
	cells: [
		{ clubId: 'pupil-1-SW', swing: '9', flight: 'standard', balls: 2 },
		{ clubId: 'pupil-1-LW', swing: '9', flight: 'standard', balls: 1 }
	],
	drills: [],
	note: 'Half an hour; same rhythm'
};
const at = '2026-10-05T00:00:00.000Z';

describe('homework', () => {
	it('is done when every swing has its balls, noted since it was given and seen', () => {
		const carries = [
			{ at },
			{ at: '2026-09-30T00:00:00.000Z' },
			{ at, source: 'stated' as const },
			{ at, swing: '8' },
			{ at, flight: 'low' as const },
			{ at, clubId: 'pupil-1-LW' }
		];
		const { balls } = pupilFile({}, carries);
		expect(doneOf(homework, balls).map(({ done }) => done)).toEqual([1, 1]);
		expect(stateOfHomework(homework, balls, [], '2026-10-09')).toBe('open');
		expect(stateOfHomework(homework, balls, [], '2026-10-10')).toBe('open');
		expect(stateOfHomework(homework, balls, [], '2026-10-11')).toBe('late');
		const more = pupilFile({}, [...carries, { at }]).balls;
		expect(stateOfHomework(homework, more, [], '2026-10-11')).toBe('done');
	});

	it('asks for drills, too, and counts the sessions of it that have ended', () => {
		const drill = { drillId: 'up-and-down', name: 'One ball', times: 2 };
		const asked = { ...homework, cells: [], drills: [drill] };
		const session = (over: Partial<ReturnType<typeof practisedSession>> = {}) =>
			practisedSession({
				drillId: 'up-and-down',
				homeworkId: 'h-1',
				endedAt: '2026-10-05T10:00:00.000Z',
				...over
			});
		const some = [
			session(),
			session({ endedAt: null }),
			session({ homeworkId: null }),
			session({ drillId: 'landing-box' })
		];
		expect(drillsDoneOf(asked, some)).toEqual([{ ...drill, done: 1 }]);
		expect(stateOfHomework(asked, [], some, '2026-10-11')).toBe('late');
		expect(stateOfHomework(asked, [], [...some, session()], '2026-10-11')).toBe('done');
		const { name, due, note } = asked;
		const form = (drills: unknown[]) =>
			homeworkFormSchema.safeParse({ name, due, note, cells: [], drills }).success;
		expect([form([drill]), form([])]).toEqual([true, false]);
	});

	it('is two wedges with two lengths where the table is thinnest', () => {
		const known = ['8', '9', '10'].flatMap((swing) =>
			['SW', 'LW'].map((club) => ({ swing, clubId: `pupil-1-${club}` }))
		);
		const cells = thinnestCells(pupilFile({}, [...known, { swing: '8', clubId: 'pupil-1-PW' }]));
		expect(cells).toHaveLength(4);
		expect(new Set(cells.map(({ clubId }) => clubId))).toEqual(
			new Set(['pupil-1-PW', 'pupil-1-GW'])
		);
		expect(new Set(cells.map(({ swing }) => swing))).toEqual(new Set(['9', '10']));
		expect(cells.every(({ balls }) => balls === 8)).toBe(true);
	});

	it('has something for a bag with one wedge and nothing for one without', () => {
		const file = pupilFile();
		const one = { ...file, clubs: file.clubs.filter(({ name }) => name === 'SW' || name === '7i') };
		expect(thinnestCells(one).map(({ clubId }) => clubId)).toEqual(['pupil-1-SW', 'pupil-1-SW']);
		expect(thinnestCells({ ...file, clubs: [] })).toEqual([]);
	});

	it('becomes tasks at the carries of those swings; clubs that are gone are left out', () => {
		const file = pupilFile({}, [{ swing: '9', carry: 14 }]);
		const cells = [...homework.cells, { ...homework.cells[0]!, clubId: 'gone' }];
		const tasks = homeworkTasks(cells, file, plainGround());
		expect(tasks).toHaveLength(2);
		expect(tasks[0]!.landing).toBeCloseTo(14, 0);
		expect(tasks[0]!.finish).toBeGreaterThan(tasks[0]!.landing);
	});

	it.each([
		[{ due: '2026-13-01' }, 'must be a day'],
		[{ name: ' ' }, 'must not be empty'],
		[{ cells: [{ ...homework.cells[0]!, balls: 0 }] }, 'must be at least 1']
	])('refuses %j', (change, message) => {
		const parsed = homeworkSchema.safeParse({ ...homework, ...change });
		expect(parsed.error?.issues.map((issue) => issue.message).join()).toContain(message);
	});

	// RFC 5545 (Internet Calendaring, 2009): lines end in CRLF and are folded at 75 octets, an all-day event ends on the day after, and a
	// semicolon in a text is escaped.
	it('is a calendar entry of one whole day', () => {
		const text = homeworkCalendar(homework, ['SW 9 o’clock: 2 balls', 'LW 9 o’clock: 1 balls']);
		const unfolded = text.replaceAll('\r\n\t', '').replaceAll('\r\n ', '');
		const lines = unfolded.split('\r\n');
		expect(lines[0]).toBe('BEGIN:VCALENDAR');
		expect(lines).toContain('DTSTART;VALUE=DATE:20261010');
		expect(lines).toContain('DTEND;VALUE=DATE:20261011');
		expect(lines).toContain('UID:h-1@crisp-landing');
		expect(unfolded).toContain('Half an hour\\; same rhythm');
		expect(unfolded).toContain('SW 9 o’clock: 2 balls\\nLW');
		for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(80);
		expect(lines.filter((line) => line === 'BEGIN:VALARM')).toHaveLength(1);
	});

	it('ends a month and a year on the right day', () => {
		const end = (due: string) =>
			/DTEND;VALUE=DATE:(\d+)/.exec(homeworkCalendar({ ...homework, due }, []))?.[1];
		expect([end('2026-12-31'), end('2028-02-28'), end('2026-02-28')]).toEqual([
			'20270101',
			'20280229',
			'20260301'
		]);
	});
});
