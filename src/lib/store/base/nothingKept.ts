import { answering } from './answering';
import { unwrittenNotes } from './journal';

/** The browser's name for what this app keeps. */
export const DATABASE_NAME = 'crisp-landing';

/** Whether this browser keeps nothing of this app yet, asked without opening the store; false where it does not say. */
export async function nothingKept(): Promise<boolean> {
	try {
		const kept = await answering(indexedDB.databases());
		return !kept.some(({ name }) => name === DATABASE_NAME) && unwrittenNotes().length === 0;
	} catch {
		return false;
	}
}
