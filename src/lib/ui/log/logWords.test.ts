import { describe, expect, it } from 'vitest';
import { playOf } from '../../../../tests/support/plays';
import { missReach, missSpots, missSpotWords } from './missSpots';
import { isReadAlready, playedReading } from './playedReading';
import { debtWords, leaveWords, upAndDownWords } from './trends/trendWords';

const say = (metres: number) => `${metres.toFixed(1)} m`;

describe('where balls stopped', () => {
	const spots = missSpots([
		playOf({ finished: [15, 4] }),
		playOf({ finished: [12, -1], tags: ['heavy'] }),
		playOf({ finished: [9, -4], tags: ['thin'] }),
		playOf({ finished: [12, 0], holed: true }),
		playOf()
	]);

	it('is counted from the hole, with how they were struck', () => {
		expect(spots).toEqual([
			{ past: 3, right: 4, strike: 'struck' },
			{ past: 0, right: -1, strike: 'heavy' },
			{ past: -3, right: -4, strike: 'thin' }
		]);
		expect(missReach(spots, 1)).toBe(5);
		expect(missSpotWords(spots, say)).toBe(
			'Of 3 balls that stopped 1 lie short of the hole and 2 past it, 2 left and 1 right of the line; half of them within 5.0 m.'
		);
		expect(missSpotWords([], say)).toBe('No ball is noted that stopped.');
	});
});

describe('trends in a sentence', () => {
	const leave = (when: string, low: number, median: number, high: number) => ({
		when,
		n: 9,
		low,
		median,
		high
	});

	it('call a change only what lies apart', () => {
		const [before, after] = [leave('2026-08', 3, 7, 11), leave('2026-10', 1, 2, 3)];
		expect(leaveWords([before, after], say)).toMatch(
			/half were left within 2\.0 m, in .* 7\.0 m\.$/
		);
		expect(leaveWords([before, leave('2026-10', 3, 6, 9)], say)).toContain('too far apart');
		expect(leaveWords([after], say)).toBe('Half of 9 balls were left within 2.0 m of the hole.');
		expect(leaveWords([], say)).toBe('No ball is noted that stopped.');
	});

	it('say whether luck alone adds up to it', () => {
		const debt = (sum: number, band: number) => debtWords([{ at: '2026-10-01', sum, band }]);
		expect(debt(3, 2)).toBe(
			'1 shot took 3.0 strokes more than forecast: more than luck adds up to.'
		);
		expect(debt(-1, 2)).toContain('fewer than forecast: luck alone may do that.');
		expect(debtWords([])).toContain('has a forecast');
		expect(upAndDownWords([])).toBe('No shot was counted to the hole.');
	});
});

describe('a green that ran otherwise on a day', () => {
	const offset = { n: 8, days: 1, centre: 0.1, error: 0.05, low: 0, high: 0.2, luck: 0.001 };
	const correction = { what: 'speed', green: 'g', day: '2026-10-10', factor: 1.1, offset } as const;
	const on = (greenId: string, at: string, stimpFeet = 10) => {
		const play = playOf({ at });
		const place = { greenId, ball: [0, 0] as [number, number], pin: [0, 9] as [number, number] };
		return {
			...play,
			shot: { ...play.shot, place, situation: { ...play.shot.situation, stimpFeet } }
		};
	};

	it('is read as what its own shots of that day say, once', () => {
		const { before, found } = playedReading(correction, [
			on('g', '2026-10-10T09:00:00.000Z'),
			on('g', '2026-10-10T12:00:00.000Z'),
			on('other', '2026-10-10T13:00:00.000Z', 5),
			on('g', '2026-10-11T12:00:00.000Z', 5)
		])!;
		expect(before).toBe(10);
		expect(found).toMatchObject({
			stimpFeet: 11,
			errorFeet: 0.5,
			takenAt: '2026-10-10T12:00:00.000Z'
		});
		const kept = { ...found, id: 'r', greenId: 'g' } as never;
		expect(isReadAlready([kept], correction)).toBe(true);
		expect(isReadAlready([{ ...(kept as object), note: '' } as never], correction)).toBe(false);
		expect(playedReading(correction, [])).toBeNull();
	});

	it('stays within what a reading may be', () => {
		const wild = { ...correction, factor: 9 };
		expect(playedReading(wild, [on('g', '2026-10-10T12:00:00.000Z')])!.found.stimpFeet).toBe(18);
	});
});
