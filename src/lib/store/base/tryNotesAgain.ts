import { database } from './database';
import { tryNotes } from './unwritten';

/** Notes that could not be written are tried again after this long, in ms; then after twice that, and so on up to the most. */
const FIRST_WAIT = 3000;
const MOST_WAIT = 60_000;
let timer: ReturnType<typeof setTimeout> | undefined;

/** Tries soon, and until it works, to write what could only be noted. */
export function tryNotesAgain(wait: number = FIRST_WAIT): void {
	clearTimeout(timer);
	timer = setTimeout(() => {
		const again = () => tryNotesAgain(Math.min(MOST_WAIT, 2 * wait));
		tryNotes(database).then((left) => {
			if (left > 0) again();
		}, again);
	}, wait);
}
