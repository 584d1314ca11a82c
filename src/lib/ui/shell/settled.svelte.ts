/** So long nothing may change before it is said, ms. */
const REST = 700;

/** A text as it is said aloud by a reader of screens: once, when it has stood still. To be called while a component is set up. */
export function settled(text: () => string): { readonly words: string } {
	let words = $state('');
	$effect(() => {
		const now = text();
		if (now === '') return;
		const timer = setTimeout(() => (words = now), REST);
		return () => clearTimeout(timer);
	});
	return {
		get words() {
			return words;
		}
	};
}
