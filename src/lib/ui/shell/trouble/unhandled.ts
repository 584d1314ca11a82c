import { reasonOf } from '$lib/io/fields/reason';
import { tellTrouble } from '$lib/ui/shell/messages.svelte';

/** The same message is not repeated within this time, in ms. */
const QUIET = 10_000;

/** The last net: whatever fails without a message of its own is said. Returns what takes it away. */
export function tellWhatIsUnhandled(): () => void {
	const said = new Map<string, number>();
	const tell = (reason: unknown) => {
		const words = reasonOf(reason);
		const now = performance.now();
		if (now - (said.get(words) ?? -QUIET) < QUIET) return;
		said.set(words, now);
		tellTrouble(`Something did not work, and what is on the screen is as it was. ${words}`);
	};
	const rejected = (event: PromiseRejectionEvent) => tell(event.reason);
	const failed = ({ error }: ErrorEvent) => {
		if (error) tell(error);
	};
	window.addEventListener('unhandledrejection', rejected);
	window.addEventListener('error', failed);
	return () => {
		window.removeEventListener('unhandledrejection', rejected);
		window.removeEventListener('error', failed);
	};
}
