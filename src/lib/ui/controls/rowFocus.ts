import type { Attachment } from 'svelte/attachments';

/** What can be focused in a row, in order. */
const FOCUSABLE = 'a[href], button:not([disabled]), input:not([disabled]), select:not([disabled])';
const UNDO = '[data-message] [data-undo]';

const focusableIn = (row: Element | undefined): HTMLElement[] =>
	row ? [...row.querySelectorAll<HTMLElement>(FOCUSABLE)] : [];

/** The nearest thing behind a list that can be focused, for when its last row is gone. */
function behind(list: Element): HTMLElement | undefined {
	const all = [...document.querySelectorAll<HTMLElement>(FOCUSABLE)];
	return all.find(
		(one) =>
			list.compareDocumentPosition(one) & Node.DOCUMENT_POSITION_FOLLOWING && !list.contains(one)
	);
}

/** From a row's button the next Tab goes to the undo of the message that tells of the removal, and from there back, used or not. */
function leadToUndo(from: HTMLElement): void {
	const lead = (event: KeyboardEvent) => {
		if (event.key !== 'Tab' || event.shiftKey) return;
		const undo = document.querySelector<HTMLElement>(UNDO);
		if (!undo) return;
		event.preventDefault();
		undo.focus();
		undo.addEventListener('keydown', (back) => {
			if (back.key !== 'Tab') return;
			back.preventDefault();
			from.focus();
		});
		undo.addEventListener('click', () => from.focus());
	};
	from.addEventListener('keydown', lead, { once: true });
	from.addEventListener('blur', () => from.removeEventListener('keydown', lead), { once: true });
}

/**
 * Keeps the focus in a list whose row is removed while it holds the focus: it goes to the same button of the row that takes its place, of
 * the last row, or to what stands behind the list. Attach it to the element whose children are the rows.
 */
export const rowFocus: Attachment<HTMLElement> = (list) => {
	let row = -1;
	let at = -1;
	const remember = ({ target }: FocusEvent) => {
		const rows = [...list.children];
		row = rows.findIndex((one) => one.contains(target as Node));
		at = focusableIn(rows[row]).indexOf(target as HTMLElement);
	};
	const forget = ({ relatedTarget }: FocusEvent) => {
		if (relatedTarget) row = -1;
	};
	const watch = new MutationObserver((changes) => {
		if (row < 0 || changes.every(({ removedNodes }) => removedNodes.length === 0)) return;
		const { activeElement } = document;
		if (activeElement && activeElement !== document.body) return;
		const rows = [...list.children];
		const there = focusableIn(rows[Math.min(row, rows.length - 1)]);
		const next = there[Math.min(Math.max(at, 0), there.length - 1)] ?? behind(list);
		next?.focus();
		if (next) leadToUndo(next);
	});
	list.addEventListener('focusin', remember);
	list.addEventListener('focusout', forget);
	watch.observe(list, { childList: true });
	return () => {
		watch.disconnect();
		list.removeEventListener('focusin', remember);
		list.removeEventListener('focusout', forget);
	};
};
