import { pdfBytes, say, type PaperFonts, type PaperSize } from './pdf';
import { CARD_GREENS, type PocketCard } from './pocketCard';

/** A card's size, and the type on it, in points: 4¼ × 7 inches, nothing under 9 points. */
const POINTS = 72;
export const CARD = { width: 4.25 * POINTS, height: 7 * POINTS } as const;
const TYPE = { name: 16, heading: 10, text: 9.5, least: 9 } as const;
/** As large as fits: a card is read at arm’s length, in the rain. */
const SCALES = [1.3, 1.22, 1.15, 1.08, 1, 0.97, 0.95] as const;
/** Width of a name of a club. */
const FIRST = 46;
const PADDING = 12;
const CUT = 10;

/** Inks: dark letters on light paper, and the other way round. */
const INKS = [
	{ ink: '#000000', paper: '#ffffff', rule: '#8a8a8a' },
	{ ink: '#ffffff', paper: '#1f2429', rule: '#8a97a0' }
] as const;

/** Draws one card; answers where it ended. */
function drawCard(
	doc: PDFKit.PDFDocument,
	card: PocketCard,
	left: number,
	top: number,
	{ ink, paper, rule }: (typeof INKS)[number],
	scale: number
): number {
	const width = CARD.width - 2 * PADDING;
	const x = left + PADDING;
	const size = (of: keyof typeof TYPE) => Math.max(TYPE.least, TYPE[of] * scale);
	const line = (text: string, face: 'plain' | 'bold', of: keyof typeof TYPE) => {
		doc.x = x;
		say(doc, text, face, size(of), { width });
	};
	const heading = (text: string) => {
		doc.y += 5 * scale;
		line(text, 'bold', 'heading');
		doc
			.moveTo(x, doc.y)
			.lineTo(x + width, doc.y)
			.lineWidth(0.8)
			.strokeColor(ink)
			.stroke();
		doc.y += 2;
	};
	const table = (rows: readonly (readonly string[])[]) => {
		const first = FIRST * scale;
		const each = (width - first) / Math.max(1, (rows[0]?.length ?? 1) - 1);
		rows.forEach((cells, i) => {
			const y = doc.y;
			cells.forEach((cell, at) => {
				doc.x = x + (at === 0 ? 0 : first + (at - 1) * each);
				doc.y = y;
				const bold = i === 0 || at === 0;
				say(doc, cell || ' ', bold ? 'bold' : 'plain', size('text'), {
					width: at === 0 ? first : each,
					lineBreak: false
				});
			});
			doc.y = y + size('text') * 1.38;
			doc
				.moveTo(x, doc.y - 1.5)
				.lineTo(x + width, doc.y - 1.5)
				.lineWidth(0.4)
				.strokeColor(rule)
				.stroke();
		});
	};
	doc.rect(left, top, CARD.width, CARD.height).fill(paper);
	doc.fillColor(ink);
	doc.y = top + PADDING;
	line(card.name, 'bold', 'name');
	line(card.rule, 'plain', 'text');
	if (card.carries) {
		heading(`Carries, ${card.carries.unit}`);
		table([card.carries.columns, ...card.carries.rows]);
	}
	if (card.ratios.length > 0) {
		heading('Air and ground, by the speed of the green');
		table([['Club', ...CARD_GREENS.map(({ name }) => name)], ...card.ratios]);
	}
	if (card.safe.length > 0) {
		heading('Safe');
		for (const words of card.safe) line(words, 'plain', 'text');
	}
	doc.y += 5 * scale;
	line(card.foot, 'plain', 'least');
	return doc.y;
}

/** Short lines beyond each corner, to cut along. */
function cutMarks(doc: PDFKit.PDFDocument, left: number, top: number): void {
	for (const x of [left, left + CARD.width])
		for (const [y, to] of [
			[top - 2, top - CUT],
			[top + CARD.height + 2, top + CARD.height + CUT]
		] as const)
			doc.moveTo(x, y).lineTo(x, to);
	for (const y of [top, top + CARD.height])
		for (const [x, to] of [
			[left - 2, left - CUT],
			[left + 2 * CARD.width + 2, left + 2 * CARD.width + CUT]
		] as const)
			doc.moveTo(x, y).lineTo(to, y);
	doc.lineWidth(0.5).strokeColor('#000000').stroke();
}

/**
 * A sheet to cut: the card in dark and in light ink, side by side.
 *
 * @param madeAt the same moment gives the same bytes
 */
export async function cardPdf(
	card: PocketCard,
	size: PaperSize,
	fonts: PaperFonts,
	madeAt = new Date()
): Promise<Uint8Array<ArrayBuffer>> {
	let last: Uint8Array<ArrayBuffer> | null = null;
	for (const scale of SCALES) {
		let bottom = 0;
		const about = { title: `Pocket card, ${card.name}`, size, margin: 0, madeAt } as const;
		const { bytes, pages } = await pdfBytes({ ...about, layout: 'landscape' }, fonts, (doc) => {
			const left = (doc.page.width - 2 * CARD.width) / 2;
			const top = (doc.page.height - CARD.height) / 2;
			const root = doc.struct('Document');
			doc.addStructure(root);
			INKS.forEach((ink, i) => {
				const draw = () => {
					const end = drawCard(doc, card, left + i * CARD.width, top, ink, scale);
					bottom = Math.max(bottom, end - top);
				};
				root.add(doc.struct('Sect', {}, [doc.struct('P', {}, draw)]));
			});
			cutMarks(doc, left, top);
			root.end();
		});
		last = bytes;
		// What runs off the sheet goes on at the top of another.
		if (pages === 1 && bottom <= CARD.height - PADDING) break;
	}
	return last!;
}
