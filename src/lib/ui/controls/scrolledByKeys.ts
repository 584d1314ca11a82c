/** Lets what is wider than its room be scrolled by keys, and only then: an attachment for an element that scrolls. */
export function scrolledByKeys(node: HTMLElement): () => void {
	const judge = () => {
		if (node.scrollWidth > node.clientWidth) node.tabIndex = 0;
		else node.removeAttribute('tabindex');
	};
	const watch = new ResizeObserver(judge);
	watch.observe(node);
	judge();
	return () => watch.disconnect();
}
