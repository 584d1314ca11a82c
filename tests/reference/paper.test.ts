import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { cardPdf, CARD } from '$lib/ui/lessons/handout/cardPdf';
import type { Paper } from '$lib/ui/lessons/handout/paper';
import { paperPdf } from '$lib/ui/lessons/handout/paperPdf';
import { runsOf, type PaperFonts } from '$lib/ui/lessons/handout/pdf';
import { unwrapped } from '$lib/ui/lessons/handout/woff';
import { CARD_RULES, type PocketCard } from '$lib/ui/lessons/handout/pocketCard';

/** Papers as another program reads them: Debian's poppler-utils. */
const FONTS = 'node_modules/@fontsource/atkinson-hyperlegible-next/files/';
const font = (subset: string, weight: number): Promise<Uint8Array> =>
	unwrapped(
		new Uint8Array(
			readFileSync(`${FONTS}atkinson-hyperlegible-next-${subset}-${weight}-normal.woff`)
		)
	);
const fonts: PaperFonts = {
	plain: await font('latin', 400),
	plainExt: await font('latin-ext', 400),
	bold: await font('latin', 700),
	boldExt: await font('latin-ext', 700)
};
const MADE = new Date('2026-12-01T10:00:00Z');
const folder = mkdtempSync(join(tmpdir(), 'paper-'));
afterAll(() => rmSync(folder, { recursive: true }));

function asked(bytes: Uint8Array, program: string, ...args: string[]): string {
	const file = join(folder, 'paper.pdf');
	writeFileSync(file, bytes);
	const rest = program === 'pdftotext' ? ['-'] : [];
	return execFileSync(program, [...args, file, ...rest], { encoding: 'utf8' });
}

const SQUARE =
	'<svg xmlns="http://www.w3.org/2000/svg" width="80" height="60"><rect width="40" height="30" style="fill:#a83a22"/></svg>';
const drawings = new Map([['drill' as const, [{ text: SQUARE, width: 80, height: 60 }]]]);
const paper: Paper = {
	title: 'Łucja Žižková',
	lines: ['Tuesday, 1 December 2026 with Henrike'],
	sections: [
		{ kind: 'text', heading: 'What we worked on', paragraphs: ['Let the club do it.'] },
		{
			kind: 'numbers',
			heading: 'Three numbers',
			numbers: [
				{ figure: '12 of 20', words: 'as meant' },
				{ figure: '1 : 2.3', words: 'SW today' }
			]
		},
		{
			kind: 'table',
			heading: 'Carries',
			columns: ['Club', '9 o’clock'],
			rows: [
				['SW', '14.2'],
				['LW', '']
			],
			note: 'From a good lie.'
		},
		{
			kind: 'steps',
			heading: 'Go on with',
			steps: ['One box.', 'Same swing.'],
			drawing: { id: 'drill', alt: 'How it is laid out.' }
		},
		{
			kind: 'boxes',
			heading: 'Homework',
			items: [{ words: 'SW', boxes: 8 }],
			note: 'A box a ball.'
		}
	],
	foot: 'Look up before each ball.'
};
const pdf = (over: Partial<Paper> = {}, size: 'A4' | 'LETTER' = 'A4') =>
	paperPdf({ ...paper, ...over }, drawings, size, fonts, MADE);

describe('a hand-out as a PDF', () => {
	it('says everything that is on it, in order, also names with marks', async () => {
		const text = asked(await pdf(), 'pdftotext', '-raw').replace(/\s+/g, ' ');
		const said = [
			'Łucja Žižková',
			'with Henrike',
			'What we worked on',
			'Let the club do it.',
			'12 of 20',
			'1 : 2.3',
			'9 o’clock',
			'14.2',
			'From a good lie.',
			'1. One box.',
			'2. Same swing.',
			'A box a ball.',
			'Look up before each ball.'
		];
		const places = said.map((words) => text.indexOf(words));
		expect(places.every((place) => place >= 0)).toBe(true);
		expect(places).toEqual([...places].sort((a, b) => a - b));
	});

	it('is one tagged page with its fonts in it, small, on either paper', async () => {
		const sizes = { A4: '595.28 x 841.89', LETTER: '612 x 792' } as const;
		for (const size of ['A4', 'LETTER'] as const) {
			const bytes = await pdf({}, size);
			const about = asked(bytes, 'pdfinfo');
			expect(about).toMatch(/Tagged:\s+yes/);
			expect(about).toMatch(/Pages:\s+1\n/);
			expect(about).toContain(sizes[size]);
			expect(about).toMatch(/Title:\s+Łucja/);
			expect(bytes.length).toBeLessThan(300_000);
			const table = asked(bytes, 'pdffonts').split('\n').slice(2).filter(Boolean);
			expect(table.length).toBeGreaterThan(1);
			for (const row of table) expect(row).toMatch(/Atkinson.* yes yes yes /);
		}
	});

	it('has a tree that a screen reader follows: headings, table heads, a list, a figure with words', async () => {
		const tree = asked(await pdf(), 'pdfinfo', '-struct-text');
		for (const tag of ['H1', 'H2', 'Table', 'TR', 'TH', 'TD', 'L ', 'LI', 'Figure'])
			expect(tree).toContain(tag);
		expect(tree).toMatch(/\/Scope \/Column/);
		expect(tree).toMatch(/\/Scope \/Row/);
		// What is said of a picture stands in the file as it is.
		expect(Buffer.from(await pdf()).toString('latin1')).toContain('/Alt (How it is laid out.)');
	});

	it('makes its type smaller until much fits one page', async () => {
		const much = Array.from({ length: 50 }, (_, i) => `Line ${i}`);
		const text = { kind: 'text' as const, heading: 'Much', paragraphs: much };
		const bytes = await pdf({ sections: [text] });
		expect(asked(bytes, 'pdfinfo')).toMatch(/Pages:\s+1\n/);
		expect(asked(bytes, 'pdftotext')).toContain('Line 49');
	});

	it('is the same bytes for the same moment', async () => {
		expect(Buffer.from(await pdf()).equals(Buffer.from(await pdf()))).toBe(true);
	});

	it('cuts a text where its letters need the other font', () => {
		expect(runsOf('Žižková 1 : 2')).toEqual([
			{ text: 'Ž', ext: true },
			{ text: 'i', ext: false },
			{ text: 'ž', ext: true },
			{ text: 'ková 1 : 2', ext: false }
		]);
	});
});

describe('a pocket card as a PDF', () => {
	const card: PocketCard = {
		name: 'Ida',
		rule: 'Least air, most ground.',
		carries: { columns: ['Club', '7', '9'], rows: [['SW', '6.1', '40.8']], unit: 'metres' },
		ratios: Array.from({ length: 9 }, (_, i) => [`${i}i`, '1 : 2', '1 : 3', '1 : 4']),
		safe: ['From short grass: 9i, 7 o’clock, lands 6.0 m away and rolls 14.0 m (1 : 2.3).'],
		foot: CARD_RULES
	};
	const words = async (one: PocketCard, size: 'A4' | 'LETTER' = 'A4') => {
		const bytes = await cardPdf(one, size, fonts, MADE);
		const boxes = asked(bytes, 'pdftotext', '-bbox');
		return [
			...boxes.matchAll(/xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">([^<]*)/g)
		].map(([, ...rest]) => ({ at: rest.slice(0, 4).map(Number), text: rest[4]! }));
	};

	it('is no larger than 108 × 178 mm, twice on one sheet, with all of it inside', async () => {
		const millimetres = (points: number) => (points / 72) * 25.4;
		expect(millimetres(CARD.width)).toBeLessThanOrEqual(108);
		expect(millimetres(CARD.height)).toBeLessThanOrEqual(178);
		for (const [size, width, height] of [
			['A4', 841.89, 595.28],
			['LETTER', 792, 612]
		] as const) {
			const said = await words(card, size);
			expect(said.filter(({ text }) => text === 'Ida')).toHaveLength(2);
			for (const { at } of said) {
				expect(at[0]!).toBeGreaterThanOrEqual(width / 2 - CARD.width);
				expect(at[2]!).toBeLessThanOrEqual(width / 2 + CARD.width);
				expect(at[1]!).toBeGreaterThanOrEqual(height / 2 - CARD.height / 2);
				expect(at[3]!).toBeLessThanOrEqual(height / 2 + CARD.height / 2);
			}
		}
	});

	it('has no letter under nine points, and larger ones where there is room', async () => {
		// Lines of this font stand as far apart as its size, at least.
		const heights = (said: Awaited<ReturnType<typeof words>>) =>
			said.map(({ at }) => at[3]! - at[1]!);
		const crowded = { ...card, safe: Array.from({ length: 6 }, () => card.safe[0]!) };
		const full = heights(await words(crowded));
		const empty = heights(await words(card));
		expect(Math.min(...full)).toBeGreaterThanOrEqual(9);
		expect(Math.max(...empty)).toBeGreaterThan(Math.max(...full));
	});
});
