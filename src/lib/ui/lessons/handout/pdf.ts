import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import boldExt from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?url';
import plain from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import plainExt from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import PDFDocument from 'pdfkit';
import { unwrapped } from './woff';

export type Face = 'plain' | 'bold';
/** Fonts by face: the common letters, and those with other marks. */
export interface PaperFonts {
	plain: Uint8Array;
	plainExt: Uint8Array;
	bold: Uint8Array;
	boldExt: Uint8Array;
}

async function bytesOf(address: string): Promise<Uint8Array> {
	const response = await fetch(address);
	if (!response.ok) throw new Error('A font of the paper could not be read.');
	return unwrapped(new Uint8Array(await response.arrayBuffer()));
}

/** The fonts that ship with the app. */
export async function paperFonts(): Promise<PaperFonts> {
	const [one, two, three, four] = await Promise.all([plain, plainExt, bold, boldExt].map(bytesOf));
	return { plain: one!, plainExt: two!, bold: three!, boldExt: four! };
}

export type PaperSize = 'A4' | 'LETTER';

/** Letters of the common font: Latin without marks beyond Western Europe, and the signs it has. */
const COMMON = /[ -\u00ff\u0131\u0152\u0153\u02c6\u02da\u02dc\u2000-\u206f\u20ac\u2122\u2212]/u;

/** A text cut where its letters need the other font. */
export function runsOf(text: string): { text: string; ext: boolean }[] {
	const runs: { text: string; ext: boolean }[] = [];
	for (const letter of text) {
		const ext = !COMMON.test(letter);
		const last = runs.at(-1);
		if (last?.ext === ext) last.text += letter;
		else runs.push({ text: letter, ext });
	}
	return runs;
}

/** Says a text in a face, each letter in the font that has it. */
export function say(
	doc: PDFKit.PDFDocument,
	text: string,
	face: Face,
	size: number,
	options: PDFKit.Mixins.TextOptions = {}
): void {
	const runs = runsOf(text);
	runs.forEach(({ text: part, ext }, i) => {
		doc.font(ext ? `${face}Ext` : face).fontSize(size);
		doc.text(part, { ...options, continued: i < runs.length - 1 });
	});
}

/** What a document is besides what is drawn on it. */
export interface PdfAbout {
	title: string;
	size: PaperSize;
	layout?: 'portrait' | 'landscape';
	margin: number;
	/** The same moment gives the same bytes. */
	madeAt: Date;
}

/** The bytes of a tagged document with its fonts in it, and how many pages it took. */
export function pdfBytes(
	{ title, size, layout = 'portrait', margin, madeAt }: PdfAbout,
	fonts: PaperFonts,
	draw: (doc: PDFKit.PDFDocument) => void
): Promise<{ bytes: Uint8Array<ArrayBuffer>; pages: number }> {
	const doc = new PDFDocument({
		size,
		layout,
		margin,
		tagged: true,
		pdfVersion: '1.7',
		lang: 'en',
		displayTitle: true,
		// Without one of its own the library asks for a font that no page has.
		font: fonts.plain as unknown as string,
		info: { Title: title, Creator: 'Crisp Landing', CreationDate: madeAt }
	});
	let pages = 1;
	doc.on('pageAdded', () => pages++);
	for (const [name, bytes] of Object.entries<Uint8Array>({ ...fonts }))
		doc.registerFont(name, bytes);
	return new Promise((resolve, reject) => {
		const chunks: Uint8Array[] = [];
		doc.on('data', (chunk: Uint8Array) => chunks.push(chunk));
		doc.on('error', reject);
		doc.on('end', () => {
			const bytes = new Uint8Array(chunks.reduce((sum, { length }) => sum + length, 0));
			let at = 0;
			for (const chunk of chunks) {
				bytes.set(chunk, at);
				at += chunk.length;
			}
			resolve({ bytes, pages });
		});
		draw(doc);
		doc.end();
	});
}
