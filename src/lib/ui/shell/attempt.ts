import { toast } from 'svelte-sonner';

/** Does something to the stored data; when it fails, says so and that nothing was changed, and answers false. */
export async function attempt(work: () => Promise<unknown>): Promise<boolean> {
	try {
		await work();
		return true;
	} catch (error) {
		toast.error(
			`That did not work and nothing was changed. ${error instanceof Error ? error.message : ''}`
		);
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
		toast(words, { action: { label: 'Undo', onClick: () => void attempt(undo) } });
	});
