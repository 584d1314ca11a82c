import { download, downloadBlob } from '$lib/ui/files/download';

/** Properties of a drawing's parts that its styles set; a file of its own has no style sheet. */
const DRAWN = [
	'fill',
	'stroke',
	'stroke-width',
	'stroke-dasharray',
	'opacity',
	'font',
	'paint-order',
	'text-anchor'
] as const;
/** Pixels of the file per pixel of the screen. */
const SHARP = 2;

/** The drawing inside an element as an SVG file that stands on its own. */
export function standAlone(holder: HTMLElement): { text: string; width: number; height: number } {
	const shown = holder.querySelector('svg');
	if (!shown) throw new Error('There is no drawing to save.');
	const copy = shown.cloneNode(true) as SVGSVGElement;
	const parts = [shown, ...shown.querySelectorAll('*')];
	[copy, ...copy.querySelectorAll<SVGElement>('*')].forEach((part, i) => {
		const style = getComputedStyle(parts[i]!);
		for (const name of DRAWN) {
			const value = style.getPropertyValue(name);
			if (value) part.style.setProperty(name, value);
		}
		part.removeAttribute('class');
	});
	copy.style.background = getComputedStyle(shown).backgroundColor;
	copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
	copy.removeAttribute('tabindex');
	const { width, height } = shown.getBoundingClientRect();
	return { text: new XMLSerializer().serializeToString(copy), width, height };
}

/** Hands the drawing inside an element to the browser as a file to keep. */
export async function savePicture(
	holder: HTMLElement,
	name: string,
	kind: 'svg' | 'png'
): Promise<void> {
	const { text, width, height } = standAlone(holder);
	if (kind === 'svg') {
		download(name, text, 'image/svg+xml');
		return;
	}
	const image = new Image();
	image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
	await image.decode();
	const canvas = document.createElement('canvas');
	canvas.width = width * SHARP;
	canvas.height = height * SHARP;
	canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
	const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
	if (!blob) throw new Error('The picture could not be made.');
	downloadBlob(name, blob);
}
