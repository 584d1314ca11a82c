import type { Page } from '@playwright/test';

/** What an eye would stumble over on a page that a judge of markup does not see. */
export async function stumbles(page: Page, what: string): Promise<string[]> {
	const found = await page.evaluate(look);
	return found.map((words) => `${what}: ${words}`);
}

/** Runs in the page. */
function look(): string[] {
	const found: string[] = [];
	/** So many pixels of one text over another are no collision: letters do not fill their boxes. */
	const TOUCH = 4;
	const never = 'script, style, option, title, [popover]:not(:popover-open)';
	/** Looked up once for each element: everything stands in the same few. */
	const once = <T>(of: (element: Element) => T): ((element: Element) => T) => {
		const known = new Map<Element, T>();
		return (element) => {
			if (!known.has(element)) known.set(element, of(element));
			return known.get(element)!;
		};
	};
	/** Only for readers of screens: clipped to nothing, it or what it stands in. */
	const onlyHeard: (element: Element) => boolean = once((element) => {
		const { clipPath, width } = getComputedStyle(element);
		const clipped = clipPath === 'inset(50%)' || (width === '1px' && element.clientHeight <= 1);
		return clipped || (element.parentElement !== null && onlyHeard(element.parentElement));
	});
	const seen = (element: Element): boolean =>
		!element.closest(never) &&
		element.checkVisibility({ visibilityProperty: true, opacityProperty: true }) &&
		element.getClientRects().length > 0 &&
		!onlyHeard(element);
	const said = (element: Element): string => (element.textContent ?? '').trim().slice(0, 40);
	const meet = (a: DOMRect, b: DOMRect, by: number): boolean =>
		Math.min(a.right, b.right) - Math.max(a.left, b.left) > by &&
		Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > by;
	/** What floats over the page belongs to another layer. */
	const layerOf: (element: Element) => Element = once((element) =>
		['fixed', 'sticky'].includes(getComputedStyle(element).position) || !element.parentElement
			? element
			: layerOf(element.parentElement)
	);

	if (document.documentElement.scrollWidth > innerWidth + 1)
		found.push(`wider than the screen by ${document.documentElement.scrollWidth - innerWidth}`);

	// Words in drawings: over each other, or past the edge of the paper.
	for (const paper of document.querySelectorAll('svg')) {
		if (!seen(paper)) continue;
		const edge = paper.getBoundingClientRect();
		const texts = [...paper.querySelectorAll('text')].filter(
			(text) => seen(text) && said(text) !== ''
		);
		const boxes = texts.map((text) => text.getBoundingClientRect());
		texts.forEach((text, i) => {
			const box = boxes[i]!;
			const past =
				box.left < edge.left - 2 ||
				box.right > edge.right + 2 ||
				box.top < edge.top - 2 ||
				box.bottom > edge.bottom + 2;
			// What lies wholly outside is not seen at all.
			if (past && meet(box, edge, 2))
				found.push(`“${said(text)}” is cut by the edge of its drawing`);
			for (let k = i + 1; k < texts.length; k++)
				if (meet(box, boxes[k]!, TOUCH)) found.push(`“${said(text)}” over “${said(texts[k]!)}”`);
		});
	}

	// Words on the page: cut without a sign, or over each other.
	const leaves = [...document.querySelectorAll('body *')].filter(
		(element) =>
			!element.closest('svg') &&
			seen(element) &&
			[...element.childNodes].some(
				(node) => node.nodeType === Node.TEXT_NODE && (node.textContent ?? '').trim() !== ''
			)
	);
	for (const leaf of leaves) {
		const style = getComputedStyle(leaf);
		const cuts = ['hidden', 'clip'].includes(style.overflowX);
		const sign = style.textOverflow === 'ellipsis' || leaf.hasAttribute('title');
		if (cuts && !sign && leaf.scrollWidth > leaf.clientWidth + 2)
			found.push(`“${said(leaf)}” is cut without a sign`);
	}
	/** What shows so many lines of the words in it, and a sign of more. */
	const clampOf: (element: Element) => Element | null = once((element) =>
		getComputedStyle(element).webkitLineClamp !== 'none'
			? element
			: element.parentElement && clampOf(element.parentElement)
	);
	const lines = leaves.flatMap((leaf) => {
		const boxes = [...leaf.childNodes]
			.filter((node) => node.nodeType === Node.TEXT_NODE)
			.flatMap((node) => {
				const range = document.createRange();
				range.selectNodeContents(node);
				return [...range.getClientRects()];
			});
		// Of a text that is cut with a sign only what is left of it is seen.
		const own = leaf.getBoundingClientRect();
		const cut = getComputedStyle(leaf).overflowX !== 'visible';
		const below = clampOf(leaf)?.getBoundingClientRect().bottom ?? Infinity;
		const shown = boxes.filter((box) => box.top < below - TOUCH);
		return shown.map((box) => ({
			leaf,
			box: cut
				? new DOMRect(box.x, box.y, Math.min(box.width, own.right - box.x), box.height)
				: box,
			layer: layerOf(leaf)
		}));
	});
	// More lines than words: a word is broken, letter by letter at the worst. A heading is no column of single words either.
	for (const leaf of leaves) {
		const words = (leaf.textContent ?? '').trim().split(/\s+/).length;
		const rows = new Set(
			lines.filter((line) => line.leaf === leaf).map(({ box }) => Math.round(box.top))
		).size;
		const heading = leaf.matches('h1') && innerWidth >= 768;
		if (words > 1 && (rows > words || (heading && rows === words)))
			found.push(`“${said(leaf)}” stands on ${rows} lines`);
	}
	lines.forEach((one, i) => {
		for (let k = i + 1; k < lines.length; k++) {
			const other = lines[k]!;
			if (one.layer !== other.layer || !meet(one.box, other.box, TOUCH)) continue;
			if (!one.leaf.contains(other.leaf) && !other.leaf.contains(one.leaf))
				found.push(`“${said(one.leaf)}” over “${said(other.leaf)}”`);
		}
	});

	// What a list has chosen is read whole; a name may be of any length, and ends with a sign.
	const pen = document.createElement('canvas').getContext('2d')!;
	for (const list of document.querySelectorAll('select')) {
		if (!seen(list) || list.matches('.truncate')) continue;
		const { font, paddingLeft, paddingRight } = getComputedStyle(list);
		const words = list.selectedOptions[0]?.text ?? '';
		pen.font = font;
		const room = list.clientWidth - parseFloat(paddingLeft) - parseFloat(paddingRight);
		if (pen.measureText(words).width > room + 1)
			found.push(`“${words}” does not fit into its list`);
	}

	// What can be filled in or ticked is framed so that an eye finds it (WCAG 2.2, 1.4.11).
	const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true })!;
	const lights = new Map<string, number>();
	const light = (colour: string): number => {
		if (!lights.has(colour)) {
			canvas.clearRect(0, 0, 1, 1);
			canvas.fillStyle = colour;
			canvas.fillRect(0, 0, 1, 1);
			const [r, g, b, a] = [...canvas.getImageData(0, 0, 1, 1).data].map((part) => part / 255);
			const linear = (part: number) =>
				part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
			const sum = 0.2126 * linear(r!) + 0.7152 * linear(g!) + 0.0722 * linear(b!);
			lights.set(colour, a! < 0.99 ? NaN : sum);
		}
		return lights.get(colour)!;
	};
	const ground: (element: Element) => number = once((element) => {
		const own = light(getComputedStyle(element).backgroundColor);
		return Number.isNaN(own) && element.parentElement ? ground(element.parentElement) : own;
	});
	const isFramed = (element: Element, on: number): boolean => {
		const style = getComputedStyle(element);
		const sides = (['Top', 'Right', 'Bottom', 'Left'] as const).map((side) =>
			parseFloat(style[`border${side}Width`]) > 0 ? light(style[`border${side}Color`]) : NaN
		);
		const line = style.textDecorationLine === 'none' ? NaN : light(style.textDecorationColor);
		return [...sides, line, ground(element)].some(
			(side) => (Math.max(side, on) + 0.05) / (Math.min(side, on) + 0.05) >= 3
		);
	};
	const fields = document.querySelectorAll(
		'input:not([type="radio"], [type="range"], [type="file"]), select, textarea'
	);
	for (const field of fields) {
		const around = field.parentElement;
		if (!around || !seen(field) || field.matches(':disabled')) continue;
		if (isFramed(field, ground(around)) || isFramed(around, ground(around.parentElement!)))
			continue;
		found.push(`the frame of “${field.getAttribute('aria-label') ?? field.id}” is too faint`);
	}

	// What is to be touched or focused lies free once it has the focus.
	const targets = document.querySelectorAll<HTMLElement>(
		'a[href], button, input:not([type="file"]), select, textarea, [role="slider"], [role="application"]'
	);
	const before = { x: scrollX, y: scrollY };
	for (const target of targets) {
		if (target.matches('.skip, :disabled')) continue;
		const input = target.matches('input[type="radio"], input[type="checkbox"]');
		if (!seen(input ? (target.closest('label') ?? target) : target)) continue;
		target.focus();
		const shown = input ? (target.closest('label') ?? target) : target;
		const box = shown.getBoundingClientRect();
		const x = Math.min(innerWidth - 2, Math.max(1, box.left + box.width / 2));
		const y = Math.min(innerHeight - 2, Math.max(1, box.top + Math.min(box.height / 2, 22)));
		const top = document.elementFromPoint(x, y);
		if (!top || shown === top || shown.contains(top) || top.contains(shown)) continue;
		if (top.closest('svg') && shown.closest('svg')) continue;
		found.push(
			`${target.tagName.toLowerCase()} “${target.getAttribute('aria-label') ?? said(target)}” lies under “${said(top) || top.tagName.toLowerCase()}”`
		);
	}
	scrollTo(before.x, before.y);
	return [...new Set(found)];
}
