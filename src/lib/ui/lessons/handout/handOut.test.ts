import { describe, expect, it } from 'vitest';
import { block, lesson } from '../../../../../tests/support/lessons';
import { demo, demoFiles } from '../../../../../tests/support/archives';
import { ratiosToday } from '$lib/core/today/ratios';
import { SHIPPED_DRILLS } from '$lib/io/practice/drill';
import type { Homework } from '$lib/io/practice/homework';
import type { Session } from '$lib/io/practice/session';
import { summaryOf } from '$lib/io/lessons/summary';
import { askedFrom, ratioQuestion } from '$lib/ui/ratios/ratiosBench.svelte';
import {
	carriesSection,
	clubToShow,
	handOutOf,
	setupFor,
	USUAL_CHIP,
	type HandOutOf
} from './handOut';
import { CARD_GREENS, pocketCardOf, safestOf } from './pocketCard';

const file = demoFiles().find(({ pupil }) => pupil.id === 'pupil-ida')!;
const sessions = demo().sessions as unknown as Session[];
const given = lesson('l', {
	told: 'Let the club do it.\n\nBrush the turf.',
	notes: 'SECRET',
	blocks: [block('Box', { sessionId: 'session-3', state: 'done', note: 'SECRET' })]
});
const summary = summaryOf(given, sessions, file);
const ratios = (stimpFeet: number) =>
	ratiosToday(
		ratioQuestion(
			{ ...askedFrom(undefined, 0), stimpFeet, carries: [USUAL_CHIP], slopes: [0] },
			file
		)
	);
const homework: Homework = {
	id: 'h',
	pupilId: 'pupil-ida',
	name: 'Know your wedges',
	givenAt: '2026-11-01T00:00:00.000Z',
	due: '2026-12-20',
	cells: [{ clubId: 'ida-sw', swing: '9', flight: 'standard', balls: 30 }],
	drills: [{ drillId: 'every-club', name: 'Every club', times: 2 }],
	note: 'No hurry.'
};
const paper = (over: Partial<HandOutOf> = {}) =>
	handOutOf({
		lesson: given,
		file,
		summary,
		ratios: ratios(10),
		green: 'Ledge green, 10 ft',
		drill: SHIPPED_DRILLS[0]!,
		setup: setupFor(file, 'ida-sw'),
		homework,
		next: 'Tuesday, 16:30',
		...over
	});
const section = (heading: RegExp, over?: Partial<HandOutOf>) =>
	paper(over).sections.find((one) => heading.test(one.heading));

describe('a hand-out', () => {
	it('tells what was worked on in the coach’s words, and nothing private', () => {
		expect(section(/worked on/)).toMatchObject({
			paragraphs: ['Let the club do it.', 'Brush the turf.']
		});
		expect(JSON.stringify(paper())).not.toContain('SECRET');
		expect(section(/worked on/, { lesson: { ...given, told: '', aim: 'Roll' } })).toMatchObject({
			paragraphs: ['Roll', 'Box']
		});
		expect(section(/worked on/, { lesson: { ...given, told: '', blocks: [] } })).toBeUndefined();
	});

	it('has three numbers: how it went, the ground today, a carry', () => {
		const numbers = section(/Three numbers/)!;
		if (numbers.kind !== 'numbers') throw new Error('no numbers');
		expect(numbers.numbers).toHaveLength(3);
		const { hits, of } = summary.scores[0]!.now;
		expect(numbers.numbers[0]!.figure).toBe(`${hits} of ${of}`);
		const shown = file.clubs.find(({ id }) => id === clubToShow(file, summary))!.name;
		expect(numbers.numbers[1]).toMatchObject({
			figure: expect.stringMatching(/^1\s:\s[\d.]+$/) as string,
			words: `${shown}: air and ground today`
		});
		expect(numbers.numbers[2]!.words).toContain('carries, from');
	});

	it('shows carries and ratios as tables in the pupil’s units', () => {
		const yards = { ...file, pupil: { ...file.pupil, units: 'yards' as const } };
		const [metres, feet] = [carriesSection(file), carriesSection(yards)] as unknown as {
			heading: string;
			columns: string[];
			rows: string[][];
		}[];
		expect(metres!.heading).toBe('Your carries, in metres');
		expect(metres!.rows.every((row) => row.length === metres!.columns.length)).toBe(true);
		const [one, other] = [metres!, feet!].map(({ rows }) =>
			Number(rows.at(-1)!.find((c, i) => i > 0 && c))
		);
		expect(other! / one!).toBeCloseTo(1 / 0.9144, 1);
		expect(carriesSection({ ...file, balls: [] })).toBeNull();
		expect(section(/Air and ground/, { ratios: [] })).toBeUndefined();
		const table = section(/Air and ground, Ledge green/) as { rows: string[][] };
		expect(table.rows.length).toBeGreaterThan(3);
		expect(table.rows.length).toBeLessThanOrEqual(8);
	});

	it('has a box for every ball of the homework, as many as fit', () => {
		expect(section(/Homework: Know your wedges/)).toMatchObject({
			items: [{ boxes: 12 }, { words: 'Every club, twice', boxes: 2 }],
			note: 'A box a ball: where it lands, in metres. No hurry.'
		});
		expect(section(/Homework/, { homework: null })).toBeUndefined();
		expect(section(/Next time/, { next: '' })).toBeUndefined();
	});

	it('shows the setup of a club that was worked with, or none', () => {
		expect(section(/How it is set up: SW/)).toMatchObject({ drawing: { id: 'setup' } });
		expect(setupFor(file, 'gone')).toBeNull();
		expect(clubToShow(file, { changes: [], scores: [] })).toBe(
			file.clubs.find(({ name }) => name === 'PW')!.id
		);
	});
});

describe('a pocket card', () => {
	const option = (name: string, trouble: number, strokes: number) =>
		({
			name,
			statistics: { chances: { hazard: 0, fourOrMore: trouble }, expectedStrokes: strokes }
		}) as never;

	it('names the way that goes wrong least, then the one with fewest strokes', () => {
		const safest = safestOf({
			options: [option('dear', 0.2, 2.4), option('safe', 0.1, 2.6), option('also', 0.1, 2.5)]
		});
		expect(safest).toMatchObject({ name: 'also' });
		expect(safestOf({ options: [] })).toBeUndefined();
	});

	it('has carries, ratios for three speeds, the rule, and no picture', () => {
		const card = pocketCardOf(
			file,
			CARD_GREENS.map(({ stimpFeet }) => ratios(stimpFeet)),
			[{ options: [] }]
		);
		expect(card.name).toBe('Ida Brenner');
		expect(card.rule).toContain('Least air');
		expect(card.carries!.columns).toContain('9');
		expect(card.safe).toEqual([]);
		for (const [, slow, medium, quick] of card.ratios) {
			const [a, b, c] = [slow!, medium!, quick!].map((text) => Number(text.split(':')[1]));
			expect(a!).toBeLessThan(b!);
			expect(b!).toBeLessThan(c!);
		}
		const school = { ...file, pupil: { ...file.pupil, school: 'rule-of-twelve' as const } };
		expect(pocketCardOf(school, [], []).rule).toContain('twelve');
		expect(pocketCardOf({ ...file, balls: [] }, [], []).carries).toBeNull();
	});
});
