import { remind } from '$lib/ui/shell/messages.svelte';
import { goto } from '$app/navigation';
import { resolve } from '$app/paths';
import { backupDue, readBackup } from '$lib/store/files/backup';
import { askToPersist } from './persistence';

/** Once an opening: asks the browser to keep what is there, and offers an archive where much has changed since the last. */
export async function offerBackup(): Promise<void> {
	try {
		const state = await readBackup();
		if (state.changed > 0) await askToPersist();
		if (!backupDue(state)) return;
		remind(`${state.changed} changes since the last archive.`, {
			label: 'Save one',
			run: () => void goto(resolve('/data'))
		});
	} catch {
		// A store that cannot be read says so itself, in every view.
	}
}
