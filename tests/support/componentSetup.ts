import { configure } from '@testing-library/svelte';

// Whether something can be seen is asked of the real browser; here it would cost most of the time.
configure({ defaultHidden: true });

/** The labels of a field, in one look: the stand-in for a page asks every label of the page for every field, which took half of all time. */
function labels(this: HTMLElement): Element[] {
	const around = this.closest('label');
	const named = this.id ? document.querySelectorAll(`label[for=${JSON.stringify(this.id)}]`) : [];
	return around ? [...named, around] : [...named];
}
for (const kind of [
	HTMLButtonElement,
	HTMLInputElement,
	HTMLSelectElement,
	HTMLTextAreaElement,
	HTMLMeterElement,
	HTMLOutputElement,
	HTMLProgressElement
])
	Object.defineProperty(kind.prototype, 'labels', { get: labels, configurable: true });
