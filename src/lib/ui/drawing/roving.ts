import type { Attachment } from 'svelte/attachments';

const HANDLE = '[role="slider"]';
const STEP: Record<string, (at: number, count: number) => number> = {
	PageDown: (at, count) => (at + 1) % count,
	PageUp: (at, count) => (at - 1 + count) % count,
	Home: () => 0,
	End: (_, count) => count - 1
};

/**
 * Makes the handles of a drawing one stop of the Tab key: arrow keys move the one that is held, Page Down and Page Up go to the next and
 * the one before, Home and End to the first and the last.
 */
export const roving: Attachment<SVGSVGElement> = (drawing) => {
	let current: SVGElement | undefined;
	const handles = () => [...drawing.querySelectorAll<SVGElement>(HANDLE)];
	const settle = () => {
		const all = handles();
		if (!current || !all.includes(current)) current = all[0];
		for (const handle of all) handle.setAttribute('tabindex', handle === current ? '0' : '-1');
	};
	const take = ({ target }: FocusEvent) => {
		const handle = (target as Element).closest<SVGElement>(HANDLE);
		if (!handle || handle === current) return;
		current = handle;
		settle();
	};
	const turn = (event: KeyboardEvent) => {
		const all = handles();
		const at = all.indexOf(event.target as SVGElement);
		const next = at < 0 ? undefined : STEP[event.key]?.(at, all.length);
		if (next === undefined) return;
		event.preventDefault();
		all[next]!.focus();
	};
	const watch = new MutationObserver(settle);
	settle();
	watch.observe(drawing, { childList: true, subtree: true });
	drawing.addEventListener('focusin', take);
	drawing.addEventListener('keydown', turn);
	return () => {
		watch.disconnect();
		drawing.removeEventListener('focusin', take);
		drawing.removeEventListener('keydown', turn);
	};
};
