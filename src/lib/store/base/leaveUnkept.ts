import { noteForGood } from './journal';
import { bring } from './tidings';
import { tryNotesAgain } from './tryNotesAgain';

/**
 * A view is left whose last change could not be kept: it is noted, said, and tried again from now on.
 *
 * @param why it could not be kept, as the browser says it
 * @param note makes the notes, and answers whether it could
 * @returns whether it is noted
 */
export function leaveUnkept(why: string, note: () => boolean): boolean {
	const noted = noteForGood(note);
	bring({ kind: 'notKept', why, noted });
	if (noted) tryNotesAgain();
	return noted;
}
