import { reasonOf } from '$lib/io/fields/reason';
import { tell, tellTrouble } from './messages.svelte';

/** Does something to the stored data; when it fails, says so and that nothing was changed, and answers false. */
export async function attempt(work: () => Promise<unknown>): Promise<boolean> {
	try {
		await work();
		return true;
	} catch (error) {
		tellTrouble(`That did not work and nothing was changed. ${reasonOf(error)}`);
		return false;
	}
}

/** Removes something, says so, and offers to put it back. */
export const removeWithUndo = (
	words: string,
	remove: () => Promise<() => Promise<void>>
): Promise<boolean> =>
	attempt(async () => {
		const undo = await remove();
		tell(words, { label: 'Undo', run: () => void attempt(undo) });
	});
