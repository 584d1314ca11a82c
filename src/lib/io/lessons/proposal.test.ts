import { describe, expect, it } from 'vitest';
import type { Habit } from '$lib/core/practice/habits';
import { block, lesson } from '../../../../tests/support/lessons';
import { demo, demoFiles } from '../../../../tests/support/archives';
import type { Homework } from '../practice/homework';
import type { Session } from '../practice/session';
import { isUnknown, proposedFor, type Known } from './proposal';
import { blocksOf } from './proposedBlocks';
import { gainWords, proposalHeading, proposalWords } from './words';

const sessions = demo().sessions as unknown as Session[];
const ida = demoFiles().find(({ pupil }) => pupil.id === 'pupil-ida')!;
const heavy: Habit = {
	miss: 'heavy',
	share: { hits: 20, of: 60, low: 0.24, high: 0.44 },
	expected: 8,
	stands: true,
	treatedBy: 'sole-on-turf'
};
const known = (over: Partial<Known> = {}): Known => ({
	file: ida,
	sessions: [],
	homework: [],
	lessons: [],
	habits: [],
	gains: [],
	extras: [],
	reading: [],
	day: '2026-12-01',
	dayOf: (at) => at.slice(0, 10),
	...over
});
const about = (over: Partial<Known>, minutes = 45) => proposedFor(known(over), minutes);
const kinds = (over: Partial<Known>, minutes?: number) =>
	about(over, minutes).map(({ about: { kind } }) => kind);
const gain = (strokes: number, swing = '9') => ({
	club: 'ida-sw',
	swing,
	flight: 'standard' as const,
	strokes
});
const costs = (strokes: number) => [{ miss: 'heavy' as const, share: 0.2, strokes }];
const done = (drillId: string, day: string) => ({
	...sessions.find((one) => one.drillId === drillId)!,
	startedAt: `${day}T10:00:00.000Z`
});
const recent = done('up-and-down', '2026-11-28');
const words = proposalWords(ida, (day) => day);

describe('a proposed lesson', () => {
	it('begins with what tells most where nothing is known, and says so', () => {
		const nobody = { ...ida, balls: [] };
		expect(isUnknown(known({ file: nobody }))).toBe(true);
		expect(isUnknown(known())).toBe(false);
		expect(isUnknown(known({ file: nobody, gains: [null] }))).toBe(false);
		const proposed = about({ file: nobody });
		expect(proposed.map(({ about: { kind } }) => kind).slice(0, 3)).toEqual([
			'test',
			'basics',
			'basics'
		]);
		expect(words.why(proposed[0]!.about)).toBe('Never done: a beginning, to compare with later.');
	});

	it('treats the habit with the drill for it, priced on the pupil’s own shots', () => {
		const proposed = about({
			habits: [heavy],
			extras: [costs(0.8), costs(0.4), null],
			sessions: [recent]
		});
		const [first] = proposed;
		expect(first!.about).toMatchObject({ kind: 'habit', shots: 2 });
		const said = words.why(first!.about);
		expect(said).toContain('20 of 60 balls; 8 are usual');
		expect(said).toContain('On 2 shots of this pupil such a ball costs 0.60 strokes more');
		// A quarter of (20 − 8) / 60 of the balls at 0.6 strokes.
		expect(said).toContain('0.03 ± ');
		expect(blocksOf([first!], words, () => 'x')[0]).toMatchObject({
			kind: 'drill',
			drillId: 'sole-on-turf',
			id: 'x'
		});
	});

	it('treats a habit also where no shot tells what it costs, and none that does not stand', () => {
		const unpriced = about({ habits: [heavy], sessions: [recent] });
		const habit = unpriced.find(({ about: { kind } }) => kind === 'habit');
		expect(words.why(habit!.about)).toContain('What it costs is not known');
		expect(kinds({ habits: [{ ...heavy, stands: false }], sessions: [recent] })).not.toContain(
			'habit'
		);
	});

	it('prefers what saves most strokes a minute', () => {
		const over = { habits: [heavy], extras: [costs(0.5)], sessions: [recent] };
		expect(kinds({ ...over, gains: [gain(0.2)] })[0]).toBe('measure');
		expect(kinds({ ...over, gains: [gain(0.006)] })[0]).toBe('habit');
	});

	it('measures the swing that is worth most over all shots, by name', () => {
		const proposed = about({
			sessions: [recent],
			gains: [gain(0.03, '8'), gain(0.02), gain(0.02), null]
		});
		const measure = proposed.find(({ about: { kind } }) => kind === 'measure')!;
		expect(measure.about).toMatchObject({ cell: { swing: '9', balls: 8 }, calls: 2, shots: 4 });
		expect(words.title(measure.about)).toBe('Measure 9 o’clock SW');
		expect(words.why(measure.about)).toContain('2 of 4 shots call for it');
		expect(blocksOf([measure], words, () => 'x')[0]!.cells).toEqual([
			{ clubId: 'ida-sw', swing: '9', flight: 'standard', balls: 8 }
		]);
		expect(kinds({ sessions: [recent], gains: [gain(0.004)] })).not.toContain('measure');
	});

	it('begins with open homework and what was left over, and tests when it is time', () => {
		const homework = {
			id: 'h',
			pupilId: 'pupil-ida',
			name: 'Know your wedges',
			givenAt: '2026-11-01T00:00:00.000Z',
			due: '2026-11-20',
			cells: [{ clubId: 'ida-sw', swing: '9', flight: 'standard', balls: 8 }],
			drills: [],
			note: ''
		} satisfies Homework;
		const last = lesson('last', {
			day: '2026-11-24',
			endedAt: '2026-11-24T17:00:00.000Z',
			blocks: [block('done', { state: 'done' }), block('left', { drillId: 'every-club' })]
		});
		const proposed = about({
			homework: [homework],
			lessons: [last],
			sessions: [done('up-and-down', '2026-10-20')]
		});
		expect(proposed.map(({ about: { kind } }) => kind).slice(0, 3)).toEqual([
			'homework',
			'left-over',
			'test'
		]);
		expect(proposed.slice(0, 3).map(({ about: one }) => words.why(one))).toEqual([
			'Due since 2026-11-20 and not done.',
			'Left over from 2026-11-24.',
			expect.stringContaining('ago')
		]);
		expect(blocksOf(proposed, words, () => 'x')[1]).toMatchObject({
			kind: 'drill',
			drillId: 'every-club',
			title: 'left'
		});
		expect(kinds({ sessions: [done('up-and-down', '2026-11-10')] })).not.toContain('test');
	});

	it('reads shots where one step of it stands out, and says which', () => {
		const record = {
			step: 'ratio',
			right: { hits: 9, of: 30, low: 0.18, high: 0.45 },
			cost: 0.24,
			weak: true
		} as const;
		const proposed = about({ reading: [{ ...record, step: 'aim', weak: false }, record] });
		const reading = proposed.find((one) => one.about.kind === 'reading')!;
		expect(words.title(reading.about)).toBe('Read shots: the ratio');
		expect(words.why(reading.about)).toContain('9 of 30 were right');
		expect(words.why(reading.about)).toContain('0.24 strokes a shot');
		expect(kinds({ reading: [{ ...record, weak: false }] })).not.toContain('reading');
	});

	it('fits the time, and ends with what to take home', () => {
		for (const minutes of [10, 30, 45, 60, 90]) {
			const proposed = about(
				{ habits: [heavy], extras: [costs(0.5)], gains: [gain(0.02)] },
				minutes
			);
			const sum = proposed.reduce((total, one) => total + one.minutes, 0);
			expect(sum).toBeLessThanOrEqual(minutes);
			expect(proposed.at(-1)!.about.kind).toBe('end');
		}
	});

	it('says how sure it is, and what it rests on', () => {
		expect(gainWords({ strokes: 0.05, error: 0.01 })).toBe('0.05 ± 0.02 strokes a shot');
		expect(gainWords({ strokes: 0.05, error: 0.05 })).toBe('0.05 ± 0.08 strokes a shot, unsure');
		const of = { unknown: false, shots: 1, balls: 30, habit: false };
		expect(proposalHeading('Ida', of)).toBe(
			'From 30 balls and one shot of Ida: no habit stands out from what the skill explains.'
		);
		expect(proposalHeading('Ida', { ...of, habit: true, shots: 4 })).toBe(
			'From 30 balls and 4 shots of Ida.'
		);
		expect(proposalHeading('Ida', { ...of, unknown: true })).toContain('Nothing is known of Ida');
	});
});
