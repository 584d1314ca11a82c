import svgToPdf from 'svg-to-pdfkit';
import type { Drawing, Paper, Section } from './paper';
import { pdfBytes, say, type Face, type PaperFonts, type PaperSize } from './pdf';

/** A drawing as an SVG that stands on its own, with its size in pixels. */
export interface DrawnSvg {
	text: string;
	width: number;
	height: number;
}

const MARGIN = 42;
/** Sizes of type in points, at full scale. */
const TYPE = { title: 24, heading: 12, text: 10, figure: 20, small: 8 } as const;
/** Smaller type, until all of it fits one page. */
const SCALES = [1, 0.92, 0.85, 0.78, 0.7] as const;
/** Height of a picture, the space beside it, a box to write into, and room for what it is for; points. */
const PICTURE = 78;
const GAP = 8;
const BOX = 22;
const LABEL = 130;
const INK = '#1f2429';
const FAINT = '#4f565c';
const RULE = '#c9bfa8';

/** Draws one paper onto a document, at one scale of type. */
class Press {
	readonly #doc: PDFKit.PDFDocument;
	readonly #scale: number;
	readonly #width: number;
	#add: (part: PDFKit.PDFStructureElement) => void = () => {};

	constructor(doc: PDFKit.PDFDocument, scale: number) {
		this.#doc = doc;
		this.#scale = scale;
		this.#width = doc.page.width - 2 * MARGIN;
	}

	#size(of: keyof typeof TYPE): number {
		return TYPE[of] * this.#scale;
	}

	#say(text: string, face: Face, size: number, options?: PDFKit.Mixins.TextOptions): void {
		say(this.#doc, text, face, size, options);
	}

	#part(tag: string, draw: () => void, options: object = {}): PDFKit.PDFStructureElement {
		return this.#doc.struct(tag, options, draw);
	}

	/** What is added is drawn at once; where it ended is where the next begins. */
	print(paper: Paper, drawings: ReadonlyMap<Drawing['id'], readonly DrawnSvg[]>): void {
		const doc = this.#doc;
		const root = doc.struct('Document');
		doc.addStructure(root);
		this.#add = (part) => {
			root.add(part);
			doc.x = MARGIN;
		};
		doc.fillColor(INK);
		this.#line('H1', paper.title, 'bold', 'title');
		for (const line of paper.lines) this.#line('P', line);
		for (const section of paper.sections) {
			doc.moveDown(0.7 * this.#scale);
			this.#line('H2', section.heading, 'bold', 'heading');
			this.#rule(doc.y + 1, this.#width, 1, INK);
			doc.y += 5 * this.#scale;
			this.#section(section, drawings);
		}
		doc.moveDown(0.8);
		this.#small(paper.foot);
		root.end();
	}

	#line(tag: string, text: string, face: Face = 'plain', size: keyof typeof TYPE = 'text'): void {
		this.#add(this.#part(tag, () => this.#say(text, face, this.#size(size))));
	}

	#small(text: string): void {
		if (text === '') return;
		this.#doc.fillColor(FAINT);
		this.#line('P', text, 'plain', 'small');
		this.#doc.fillColor(INK);
	}

	#rule(y: number, length: number, width: number, colour: string): void {
		this.#doc
			.moveTo(MARGIN, y)
			.lineTo(MARGIN + length, y)
			.lineWidth(width)
			.strokeColor(colour)
			.stroke();
	}

	#section(section: Section, drawings: ReadonlyMap<Drawing['id'], readonly DrawnSvg[]>): void {
		switch (section.kind) {
			case 'text':
				for (const text of section.paragraphs) this.#line('P', text);
				break;
			case 'numbers':
				this.#numbers(section.numbers);
				break;
			case 'table':
				this.#table(section);
				this.#small(section.note);
				break;
			case 'steps':
				this.#steps(section, drawings);
				break;
			case 'boxes':
				for (const item of section.items) this.#boxes(item);
				this.#small(section.note);
		}
	}

	#numbers(numbers: readonly { figure: string; words: string }[]): void {
		const doc = this.#doc;
		const top = doc.y;
		const each = this.#width / Math.max(1, numbers.length);
		let bottom = top;
		numbers.forEach(({ figure, words }, i) => {
			const beside = (text: string, face: Face, size: keyof typeof TYPE) =>
				this.#add(
					this.#part('P', () => {
						doc.x = MARGIN + i * each;
						this.#say(text, face, this.#size(size), { width: each - 10 });
					})
				);
			doc.y = top;
			beside(figure, 'bold', 'figure');
			beside(words, 'plain', 'text');
			bottom = Math.max(bottom, doc.y);
		});
		doc.y = bottom;
	}

	#table({ columns, rows }: Extract<Section, { kind: 'table' }>): void {
		const doc = this.#doc;
		const table = doc.struct('Table');
		const first = Math.min(110, this.#width / columns.length);
		const each = Math.min(82, (this.#width - first) / Math.max(1, columns.length - 1));
		const height = this.#size('text') * 1.45;
		const top = doc.y;
		[columns, ...rows].forEach((cells, line) => {
			const y = top + line * height;
			const row = doc.struct('TR');
			cells.forEach((cell, i) => {
				const heads = line === 0 || i === 0;
				const scope = heads ? { scope: line === 0 ? 'Column' : 'Row' } : {};
				const draw = () => {
					doc.x = MARGIN + (i === 0 ? 0 : first + (i - 1) * each);
					doc.y = y;
					const width = (i === 0 ? first : each) - 6;
					this.#say(cell || ' ', heads ? 'bold' : 'plain', this.#size('text'), {
						width,
						height,
						ellipsis: true
					});
				};
				row.add(this.#part(heads ? 'TH' : 'TD', draw, scope));
			});
			row.end();
			table.add(row);
			this.#rule(y + height - 2, first + (columns.length - 1) * each, 0.5, RULE);
		});
		table.end();
		this.#add(table);
		doc.y = top + (rows.length + 1) * height + 2;
	}

	#steps(
		{ steps, drawing }: Extract<Section, { kind: 'steps' }>,
		drawings: ReadonlyMap<Drawing['id'], readonly DrawnSvg[]>
	): void {
		const doc = this.#doc;
		const drawn = (drawing && drawings.get(drawing.id)) ?? [];
		const height = PICTURE * this.#scale;
		const top = doc.y;
		let right = MARGIN;
		for (const svg of drawn) {
			const width = (svg.width / svg.height) * height;
			const x = right;
			const draw = () =>
				svgToPdf(doc, svg.text, x, top, {
					width,
					height,
					assumePt: true,
					fontCallback: () => 'plain'
				});
			this.#add(this.#part('Figure', draw, { alt: drawing?.alt ?? '' }));
			right += width + GAP;
		}
		doc.fillColor(INK);
		doc.y = top;
		const list = doc.struct('L');
		steps.forEach((step, i) => {
			list.add(
				this.#part('LI', () => {
					doc.x = right;
					this.#say(`${i + 1}. ${step}`, 'plain', this.#size('text'), {
						width: MARGIN + this.#width - right
					});
				})
			);
		});
		list.end();
		this.#add(list);
		if (drawn.length > 0) doc.y = Math.max(doc.y, top + height + 4);
	}

	#boxes({ words, boxes }: { words: string; boxes: number }): void {
		const doc = this.#doc;
		const side = BOX * this.#scale;
		const y = doc.y;
		const width = LABEL - 6;
		this.#add(this.#part('P', () => this.#say(words, 'plain', this.#size('text'), { width })));
		const below = doc.y;
		for (let i = 0; i < boxes; i++) doc.rect(MARGIN + LABEL + i * (side + 4), y, side, side);
		doc.lineWidth(0.8).strokeColor(INK).stroke();
		doc.y = Math.max(below, y + side + 4);
	}
}

/** A page with its drawings, by id. */
export interface DrawnPaper {
	paper: Paper;
	drawings: ReadonlyMap<Drawing['id'], readonly DrawnSvg[]>;
}

/**
 * Pages as one PDF: tagged, with its fonts in it and its drawings as lines. Type is made smaller on each until all of it fits its page.
 *
 * @param papers one at least
 * @param madeAt the same moment gives the same bytes
 */
export async function papersPdf(
	papers: readonly DrawnPaper[],
	title: string,
	size: PaperSize,
	fonts: PaperFonts,
	madeAt = new Date()
): Promise<Uint8Array<ArrayBuffer>> {
	const about = { title, size, margin: MARGIN, madeAt };
	const scales: number[] = [];
	for (const { paper, drawings } of papers) {
		let fits: number = SCALES.at(-1)!;
		for (const scale of SCALES) {
			const { pages } = await pdfBytes(about, fonts, (doc) =>
				new Press(doc, scale).print(paper, drawings)
			);
			if (pages > 1) continue;
			fits = scale;
			break;
		}
		scales.push(fits);
	}
	const { bytes } = await pdfBytes(about, fonts, (doc) =>
		papers.forEach(({ paper, drawings }, i) => {
			if (i > 0) doc.addPage();
			new Press(doc, scales[i]!).print(paper, drawings);
		})
	);
	return bytes;
}

/** One page as a PDF. */
export const paperPdf = (
	paper: Paper,
	drawings: DrawnPaper['drawings'],
	size: PaperSize,
	fonts: PaperFonts,
	madeAt = new Date()
): Promise<Uint8Array<ArrayBuffer>> =>
	papersPdf([{ paper, drawings }], paper.title, size, fonts, madeAt);
