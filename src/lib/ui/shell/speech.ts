/** Whether this browser can speak. */
export const canSpeak = (): boolean => 'speechSynthesis' in globalThis;

/** Says something in the browser's own voice, in place of what it was saying. */
export function speak(text: string): void {
	if (!canSpeak()) return;
	speechSynthesis.cancel();
	const words = new SpeechSynthesisUtterance(text);
	words.lang = 'en';
	speechSynthesis.speak(words);
}

/** Stops speaking. */
export const hush = (): void => {
	if (canSpeak()) speechSynthesis.cancel();
};
