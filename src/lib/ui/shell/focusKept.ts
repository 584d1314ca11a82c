const FOCUSABLE =
	'a[href], button:not([disabled]), input:not([disabled]), select:not([disabled]), textarea:not([disabled]), [tabindex]:not([tabindex="-1"])';
const HEADING = '[data-view-heading]';
/** A view reads its data first: its heading is waited for this long, ms. */
const PATIENCE = 3000;

const isSeen = (element: Element): boolean => element.getClientRects().length > 0;

/** The first thing to be focused inside an element; undefined where there is nothing. */
const firstIn = (within: Element): HTMLElement | undefined =>
	[...within.querySelectorAll<HTMLElement>(FOCUSABLE)].find(isSeen);

/** Focuses the heading of the view that is open. */
export function focusHeading(): boolean {
	const heading = document.querySelector<HTMLElement>(HEADING);
	heading?.focus({ preventScroll: true });
	return heading !== null;
}

/** Focuses the heading of a view that is being opened, as soon as it is there and nothing else has taken the focus. */
export function focusHeadingSoon(): void {
	const began = performance.now();
	const look = () => {
		const { activeElement } = document;
		if (activeElement?.closest('main, [role="dialog"]')) return;
		if (!focusHeading() && performance.now() - began < PATIENCE) requestAnimationFrame(look);
	};
	look();
}

/**
 * Keeps the focus off the page: where what had it is taken away or can no longer be used, the nearest thing around it gets it, or the
 * heading of the view.
 *
 * @returns what ends it
 */
export function keepFocus(): () => void {
	/** What had the focus last, and what it stood in, from the inside out. */
	let last: HTMLElement | null = null;
	let around: Element[] = [];
	let asked = 0;
	const remember = ({ target }: FocusEvent) => {
		if (!(target instanceof HTMLElement) || target === document.body) return;
		last = target;
		around = [];
		for (let at = target.parentElement; at && at !== document.body; at = at.parentElement)
			around.push(at);
	};
	/** A touch on bare ground is meant to take the focus away. */
	const forget = ({ target }: PointerEvent) => {
		if (target instanceof Element && !target.closest(FOCUSABLE)) last = null;
	};
	const mend = () => {
		asked = 0;
		const { activeElement } = document;
		const lost = activeElement === null || activeElement === document.body;
		if (!lost || !last || (last.isConnected && last.matches(FOCUSABLE) && isSeen(last))) return;
		last = null;
		const near = around.find((one) => one.isConnected && firstIn(one));
		const next = near && near.tagName !== 'MAIN' ? firstIn(near) : undefined;
		if (next) next.focus();
		else focusHeading();
	};
	// The browser lets go of what was disabled with its next frame: one look is enough for all changes of a frame.
	const watch = new MutationObserver(() => {
		if (last && asked === 0) asked = requestAnimationFrame(() => requestAnimationFrame(mend));
	});
	document.addEventListener('focusin', remember);
	document.addEventListener('pointerdown', forget);
	watch.observe(document.body, {
		childList: true,
		subtree: true,
		attributes: true,
		attributeFilter: ['disabled']
	});
	return () => {
		watch.disconnect();
		cancelAnimationFrame(asked);
		document.removeEventListener('focusin', remember);
		document.removeEventListener('pointerdown', forget);
	};
}
