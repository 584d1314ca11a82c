import { describe, expect, it } from 'vitest';
import { createRng } from '$lib/core/math/random';
import type { Play } from '$lib/io/log/play';
import { playOf } from '../../../../tests/support/plays';
import { EVERYTHING, monthsOf, passes, type LogFilter } from './logFilter';
import { playGroups } from './playGroups';
import { debtPoints, leavePoints, upAndDownPoints } from './trends/trendPoints';

const names = {
	pupil: (id: string) => `Pupil ${id}`,
	club: (id: string) => id.toUpperCase(),
	green: (id: string) => `Green ${id}`,
	round: (id: string) => `Round ${id}`
};
const rng = createRng(3);
const pick = <T>(...of: T[]): T => of[Math.floor(rng.uniform() * of.length)]!;
const plays: Play[] = Array.from({ length: 400 }, (_, i) => {
	const place = { greenId: pick('x', 'y'), ball: [0, 0], pin: [0, 12] } as const;
	const onMap = rng.uniform() < 0.5;
	const play = playOf({
		id: `play-${i}`,
		pupilId: pick('a', 'b'),
		at: `2026-${pick('08', '09', '10')}-1${pick(0, 1, 2)}T12:00:00.000Z`,
		roundId: pick(null, 'r', 's'),
		clubId: pick('sw', 'pw'),
		lie: pick('fairway', 'sand'),
		finished: [12 + pick(-1, 0, 4), 0],
		holed: rng.uniform() < 0.1,
		tags: pick([], ['heavy'], ['thin', 'left']),
		strokes: pick(2, 3, 4),
		notes: pick('', 'in the Wind')
	});
	return onMap
		? { ...play, shot: { ...play.shot, place: { ...place, ball: [0, 0], pin: [0, 12] } } }
		: play;
});
const counted = (part: Partial<LogFilter>) =>
	plays.filter((play) => passes(play, { ...EVERYTHING, ...part }, names)).length;

describe('filters agree with a plain count', () => {
	it.each<[Partial<LogFilter>, (play: Play) => boolean]>([
		[{}, () => true],
		[{ pupil: 'a' }, (play) => play.pupilId === 'a'],
		[{ club: 'PW' }, (play) => play.clubId === 'pw'],
		[{ lie: 'sand' }, (play) => play.lie === 'sand'],
		[{ green: 'x' }, (play) => play.shot.place?.greenId === 'x'],
		[{ green: '-' }, (play) => !play.shot.place],
		[{ where: 'practice' }, (play) => play.roundId === null],
		[{ where: 'rounds' }, (play) => play.roundId !== null],
		[{ where: 's' }, (play) => play.roundId === 's'],
		[{ month: '2026-09' }, (play) => play.at.startsWith('2026-09')],
		[{ result: 'holed' }, (play) => play.holed],
		[{ result: 'up-and-down' }, (play) => play.holed || play.strokes === 2],
		[{ result: 'three' }, (play) => !play.holed && play.strokes === 3],
		[{ result: 'many' }, (play) => !play.holed && play.strokes === 4],
		[{ result: 'far' }, (play) => !play.holed && play.finished![0] === 16],
		[{ tag: 'left' }, (play) => play.tags.length === 2],
		[{ text: ' WIND ' }, (play) => play.notes !== ''],
		[{ text: 'pupil b' }, (play) => play.pupilId === 'b'],
		[
			{ pupil: 'a', lie: 'sand', tag: 'heavy', month: '2026-08' },
			(play) =>
				play.pupilId === 'a' &&
				play.lie === 'sand' &&
				play.tags[0] === 'heavy' &&
				play.at.startsWith('2026-08')
		]
	])('%o', (part, test) => {
		const expected = plays.filter(test).length;
		expect(expected).toBeGreaterThan(0);
		expect(counted(part)).toBe(expected);
	});

	it('and months come latest first', () => {
		expect(monthsOf(plays)).toEqual(['2026-10', '2026-09', '2026-08']);
	});
});

it('groups are told the most frequent first, and are all there is', () => {
	const groups = playGroups(plays, ({ lie }) => lie);
	const of = (name: string) => plays.filter(({ lie }) => lie === name).length;
	expect(groups.map(({ name, n }) => n === of(name))).toEqual([true, true]);
	expect(groups[0]!.n).toBeGreaterThanOrEqual(groups[1]!.n);
	expect(groups[0]!.n + groups[1]!.n).toBe(plays.length);
});

describe('trends', () => {
	const of = (month: string) => plays.filter(({ at }) => at.startsWith(month));

	it('go by month, or by day within one', () => {
		expect(leavePoints(plays).map(({ when }) => when)).toEqual(['2026-08', '2026-09', '2026-10']);
		expect(leavePoints(of('2026-09')).map(({ when }) => when)).toEqual([
			'2026-09-10',
			'2026-09-11',
			'2026-09-12'
		]);
		const [august] = leavePoints(plays);
		expect(august!.n).toBe(of('2026-08').length);
		expect(august!.low).toBeLessThanOrEqual(august!.median);
	});

	it('count who was up and down as a person would', () => {
		const [first] = upAndDownPoints(plays);
		const own = of('2026-08');
		expect(first!.share).toMatchObject({
			hits: own.filter(({ holed, strokes }) => holed || strokes === 2).length,
			of: own.length
		});
		expect(upAndDownPoints([playOf()])).toEqual([]);
	});

	it('add up strokes against the forecast from the oldest on', () => {
		const forecast = { strokes: 2.5 } as NonNullable<Play['forecast']>;
		const played = [4, 2, 3].map((strokes, i) =>
			playOf({ id: `${i}`, at: `2026-10-1${3 - i}T12:00:00.000Z`, strokes, forecast: undefined })
		);
		const both = played.map((play) => ({ ...play, forecast }));
		expect(debtPoints(both).map(({ sum }) => sum)).toEqual([0.5, 0, 1.5]);
		expect(debtPoints(both)[2]!.band).toBeCloseTo(1.645 * Math.sqrt(3), 5);
		expect(debtPoints(played)).toEqual([]);
	});
});
